package grintel.core.rule.figures;

import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** A picture says in words what it shows, for those who cannot see it. What it shows only the writer knows. */
public final class FiguresAlternativeRule implements Rule {
    private static final Measure THERE = Measure.word("a-text-alternative");

    @Override
    public String id() {
        return "figures.alternative";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.paragraphs(Pictures.paragraphs(exam))
                .check(id(), "alternative")
                .measure(paragraph -> isSaid(paragraph) ? THERE : Measure.word("no-text-alternative"))
                .asks(THERE)
                .readings();
    }

    private static boolean isSaid(Paragraph paragraph) {
        return Pictures.in(paragraph).stream()
                .noneMatch(placed -> placed.picture().alternative().isBlank());
    }
}
