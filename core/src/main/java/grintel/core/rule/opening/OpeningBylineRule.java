package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.language.Degrees;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;

/** An author's line bears the name alone, without titles and degrees. */
public final class OpeningBylineRule implements Rule {
    @Override
    public String id() {
        return "opening.byline";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.paragraphs(exam.parts().paragraphs(PartKind.AUTHOR))
                .check(id(), "byline")
                .measure(line -> new Measure.Quote(text(line)))
                .asksOf(line -> new Measure.Quote(Degrees.without(text(line))))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(line -> withoutExtras(VisibleText.of(line)).stream())
                                .toList())
                .readings();
    }

    private static String text(Paragraph line) {
        return VisibleText.of(line).text().strip();
    }

    private static List<Edit> withoutExtras(VisibleText visible) {
        List<Edit> out = new ArrayList<>();
        Matcher extra = Degrees.PATTERN.matcher(visible.text());
        while (extra.find()) {
            out.add(Edit.ReplaceText.words(visible.range(extra.start(), extra.end()), ""));
        }
        return out;
    }
}
