package grintel.core.rule.headings;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.ListLabel;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** No number or letter stands before a heading, typed or counted by the program. */
public final class HeadingsNumberedRule implements Rule {
    private static final Pattern SURE =
            Pattern.compile("^\\s*((?:\\d{1,2}\\.|\\d{1,2}(?:\\.\\d{1,2}){1,4}\\.?)[\\s\\u00A0]+)(?=\\p{L})");
    /** Read as numbers only where several headings have them: a title may begin so. */
    private static final Pattern PERHAPS = Pattern.compile(
            "^\\s*((?:\\d{1,2}|[IVX]{1,5}[.)]?|[A-H][.)]|[a-h][.)]|\\d{1,2}\\))[\\s\\u00A0]+)(?=\\p{L})");

    private static final int SEVERAL = 2;
    private static final Measure NONE = Measure.word("none");

    @Override
    public String id() {
        return "headings.numbered";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Heading> all = Heading.all(exam);
        long perhaps = all.stream()
                .filter(heading -> PERHAPS.matcher(text(heading)).find())
                .count();
        Pattern pattern = perhaps >= SEVERAL ? Pattern.compile(SURE + "|" + PERHAPS) : SURE;
        return Heading.subjects(exam, all)
                .check(id(), "number")
                .measure(heading -> counted(heading)
                        ? Measure.word("counted-numbers")
                        : pattern.matcher(text(heading)).find() ? Measure.word("typed-numbers") : NONE)
                .asks(NONE)
                .fix(FixClass.APPARATUS, (off, cause) -> unnumbered(off, cause, pattern))
                .readings();
    }

    private static String text(Heading heading) {
        return VisibleText.of(heading.paragraph()).text();
    }

    private static boolean counted(Heading heading) {
        ListLabel label = heading.paragraph().label();
        return label != null && !label.text().isBlank() && !heading.runIn();
    }

    private static List<Edit> unnumbered(List<Heading> off, Cause cause, Pattern pattern) {
        List<Edit> edits = new ArrayList<>();
        for (Heading heading : off) {
            if (counted(heading)) {
                edits.addAll(
                        cause.set(Cause.paragraphs(List.of(heading.paragraph())), ParagraphProperties.NUMBERING_ID, 0));
                continue;
            }
            VisibleText visible = VisibleText.of(heading.paragraph());
            Matcher number = pattern.matcher(visible.text());
            if (number.find()) {
                int group = number.group(1) == null ? 2 : 1;
                edits.add(Edit.ReplaceText.words(visible.range(number.start(group), number.end(group)), ""));
            }
        }
        return edits;
    }
}
