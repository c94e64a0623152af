package grintel.core.rule.appendices;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.appendices.AppendixLabels.Label;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** Each appendix has a title on the line under its label, set as the label is. */
public final class AppendicesTitleRule implements Rule {
    private static final Measure THERE = Measure.word("there");

    @Override
    public String id() {
        return "appendices.title";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> labels = AppendixLabels.of(exam).all().stream()
                .filter(Label::bare)
                .map(Label::paragraph)
                .toList();
        List<Reading> out = new ArrayList<>(exam.paragraphs(labels)
                .check(id(), "present")
                .measure(label -> hasTitle(exam, label) ? THERE : Measure.word("no-title"))
                .asks(THERE)
                .readings());
        out.addAll(LineForm.centred(exam.ask("appendices.label").get(ClosingDemands.BOLD))
                .readings(id(), exam, exam.lines(exam.parts().paragraphs(PartKind.APPENDIX_TITLE))));
        return out;
    }

    private static boolean hasTitle(Examination exam, Paragraph label) {
        for (int i = label.address().index() + 1; i < exam.parts().size(); i++) {
            PartKind kind = exam.parts().kind(i);
            if (kind != PartKind.BLANK) {
                return kind == PartKind.APPENDIX_TITLE || kind == PartKind.HEADING;
            }
        }
        return false;
    }
}
