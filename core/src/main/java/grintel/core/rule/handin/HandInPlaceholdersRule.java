package grintel.core.rule.handin;

import grintel.core.guide.Ask;
import grintel.core.language.Quoted;
import grintel.core.paper.Glance;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words in brackets or braces that wait to be replaced. */
public final class HandInPlaceholdersRule implements Rule {
    private static final Set<PartKind> JUDGED = EnumSet.complementOf(EnumSet.of(
            PartKind.BLANK, PartKind.ENTRY, PartKind.BLOCK_QUOTATION, PartKind.CODE, PartKind.FORMULA, PartKind.NOTE));
    private static final String WAITING =
            "(?:insert|your|type|enter|add|replace|fill|write|put|click|todo|to do|tbd|tk|"
                    + "title|subtitle|name|first name|last name|surname|author|authors|date|due date|course|class|period|instructor|"
                    + "professor|teacher|institution|university|school|department|assignment|abstract|keywords?|running head|"
                    + "short title|heading|text|paragraph|citation|source|page|year|number|figure|table|xx+|lorem)";
    private static final Pattern BRACKETS =
            Pattern.compile("(?i)\\[\\s*(" + WAITING + "\\b[^\\[\\]]{0,60})\\]|<\\s*(" + WAITING + "\\b[^<>]{0,60})>");
    private static final Pattern BRACES = Pattern.compile("\\{\\{?\\s*[\\p{L}][^{}]{0,60}\\}\\}?");
    private static final List<String> FILLERS = List.of("lorem ipsum", "Lorem ipsum", "Lorem Ipsum", "XXXX");
    /** What all fillers hold but the one of crosses. */
    private static final String FILLER = "orem";

    private static final Measure NONE = Measure.word("none");

    @Override
    public String id() {
        return "hand-in.placeholders";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> all = new ArrayList<>(exam.parts().paragraphs(JUDGED));
        all.addAll(exam.paper().marginalParagraphs());
        Subjects<Paragraph> text = exam.paragraphs(all);
        return text.each(
                        paragraph -> find(exam, paragraph),
                        found -> exam.place(found.paragraph, found.words),
                        found -> exam.identity(found.paragraph))
                .check(id(), "words")
                .measure(found -> new Measure.Quote(found.words))
                .asks(NONE)
                .metIfNone(!text.isEmpty())
                .readings();
    }

    private static List<Found> find(Examination exam, Paragraph paragraph) {
        List<Found> out = new ArrayList<>();
        Glance glance = exam.glance(paragraph);
        if (glance.mayHoldAny("[<{")) {
            find(BRACKETS, paragraph, out);
            find(BRACES, paragraph, out);
        }
        String text = paragraph.text();
        if (glance.holdsTwo('X') || text.contains(FILLER)) {
            FILLERS.stream().filter(text::contains).forEach(filler -> out.add(new Found(paragraph, filler)));
        }
        return out;
    }

    private static void find(Pattern pattern, Paragraph paragraph, List<Found> out) {
        String text = paragraph.text();
        List<Quoted.Passage> quoted = Quoted.in(text);
        Matcher matcher = pattern.matcher(text);
        while (matcher.find()) {
            int at = matcher.start();
            if (quoted.stream().noneMatch(passage -> passage.from() < at && at < passage.to())) {
                out.add(new Found(paragraph, matcher.group()));
            }
        }
    }

    private record Found(Paragraph paragraph, String words) {}
}
