package grintel.core.rule.objects;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where a text names its tables, or its figures, by number; in the order of the text. */
final class Mentions {
    private static final Set<PartKind> READ = EnumSet.of(
            PartKind.PARAGRAPH,
            PartKind.CONTINUATION,
            PartKind.BLOCK_QUOTATION,
            PartKind.LIST_ITEM,
            PartKind.ABSTRACT_TEXT,
            PartKind.CAPTION_NOTE,
            PartKind.NOTE);
    private static final String FIGURE = "[A-Z]?\\d{1,3}|[IVXL]{1,6}\\b";
    private static final String LIST =
            "(?<first>" + FIGURE + ")(?<more>(?:(?:,? (?:and|or|to|&) |, ?|[–-])(?:" + FIGURE + "))*)";
    private static final Pattern TABLES = Pattern.compile("\\b(?i:tables?|tab\\.)[ \\u00A0]" + LIST);
    private static final Pattern FIGURES = Pattern.compile("\\b(?i:figures?|figs?\\.)[ \\u00A0]" + LIST);
    private static final Pattern ONE = Pattern.compile(FIGURE);
    private static final Pattern RANGE = Pattern.compile("(\\d{1,3})(?: to |[–-])(\\d{1,3})");

    private Mentions() {}

    /**
     * A number that the text names.
     *
     * @param figure its characters
     */
    record Mention(ObjectNumber number, Paragraph paragraph, TextRange figure) {}

    static List<Mention> of(Examination exam, PartKind kind) {
        String word = kind == PartKind.TABLE ? "tab" : "fig";
        Pattern pattern = kind == PartKind.TABLE ? TABLES : FIGURES;
        List<Mention> out = new ArrayList<>();
        List<Paragraph> paragraphs = new ArrayList<>(exam.parts().paragraphs(READ));
        paragraphs.addAll(exam.paper().noteParagraphs());
        for (Paragraph paragraph : paragraphs) {
            WorkLimits.goOn();
            VisibleText visible = VisibleText.of(paragraph);
            if (visible.text().toLowerCase(Locale.ROOT).contains(word)) {
                find(pattern.matcher(visible.text()), visible, paragraph, out);
            }
        }
        return out;
    }

    private static void find(Matcher mention, VisibleText visible, Paragraph paragraph, List<Mention> out) {
        while (mention.find()) {
            List<Mention> named = new ArrayList<>();
            between(mention, visible, paragraph, named);
            Matcher one = ONE.matcher(visible.text()).region(mention.start("first"), mention.end());
            while (one.find()) {
                ObjectNumber number = ObjectNumber.of(one.group());
                if (number != null) {
                    named.add(new Mention(number, paragraph, visible.range(one.start(), one.end())));
                }
            }
            named.sort(Comparator.comparingInt(each -> each.figure().from()));
            out.addAll(named);
        }
    }

    /** What lies between the ends of a range is named too, right before its last number. */
    private static void between(Matcher mention, VisibleText visible, Paragraph paragraph, List<Mention> out) {
        Matcher range = RANGE.matcher(mention.group());
        while (range.find()) {
            int last = Integer.parseInt(range.group(2));
            int at = mention.start() + range.start(2);
            for (int i = Integer.parseInt(range.group(1)) + 1; i < last; i++) {
                out.add(new Mention(new ObjectNumber("", i), paragraph, visible.range(at, at)));
            }
        }
    }
}
