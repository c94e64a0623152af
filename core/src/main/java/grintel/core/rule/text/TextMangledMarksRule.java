package grintel.core.rule.text;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Signs that a program made of letters in brackets. A sign that says whose something is stands before a year or a name. */
public final class TextMangledMarksRule implements Rule {
    private static final Set<PartKind> JUDGED = EnumSet.of(
            PartKind.PARAGRAPH, PartKind.CONTINUATION, PartKind.BLOCK_QUOTATION, PartKind.LIST_ITEM, PartKind.HEADING);
    /** A sign right after a word is its owner's; one before a year or a name is a notice. */
    private static final Pattern SIGN = Pattern.compile("(?<![\\p{L}\\p{N}])[©®™](?!\\s?(?:\\d{4}|\\p{Lu}))");

    private static final Map<String, String> MEANT = Map.of("©", "(c)", "®", "(r)", "™", "(tm)");
    private static final Measure NONE = Measure.word("none");

    @Override
    public String id() {
        return "text.mangled-marks";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> text = exam.paragraphs(JUDGED)
                .filter(paragraph ->
                        !exam.parts().isInAppendix(paragraph.address().index()));
        return text.each(
                        paragraph -> signs(exam, paragraph),
                        sign -> exam.place(sign.paragraph, sign.visible.around(sign.at, sign.at + 1)),
                        sign -> exam.identity(sign.paragraph))
                .check(id(), "sign")
                .measure(sign -> new Measure.Quote(sign.words()))
                .asks(NONE)
                .metIfNone(!text.isEmpty())
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .<Edit>map(sign ->
                                        Edit.ReplaceText.words(sign.visible.range(sign.at, sign.at + 1), sign.meant()))
                                .toList())
                .readings();
    }

    private static List<Sign> signs(Examination exam, Paragraph paragraph) {
        if (!exam.glance(paragraph).mayHoldAny("©®™")) {
            return List.of();
        }
        VisibleText visible = VisibleText.of(paragraph);
        List<Sign> out = new ArrayList<>();
        Matcher matcher = SIGN.matcher(visible.text());
        while (matcher.find()) {
            out.add(new Sign(paragraph, visible, matcher.start()));
        }
        return out;
    }

    private record Sign(Paragraph paragraph, VisibleText visible, int at) {
        String words() {
            return visible.text().substring(at, at + 1);
        }

        String meant() {
            return MEANT.getOrDefault(words(), words());
        }
    }
}
