package grintel.core.rule.sources;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.LineWords;
import grintel.core.rule.Measure;
import grintel.core.rule.NewLine;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** The words over the list of sources, to the letter, and how they are set. */
public final class SourcesLabelRule implements Rule {
    @Override
    public String id() {
        return "sources.label";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Stretch> label = exam.lines(exam.parts().paragraphs(PartKind.SOURCES_LABEL));
        String words = words(ask.get(SourceDemands.WORDS), Entries.of(exam).size());
        if (label.isEmpty()) {
            boolean bold = ask.get(SourceDemands.BOLD) == Boldness.BOLD;
            return exam.paragraphs(Entries.start(exam))
                    .check(id(), "missing")
                    .measure(entry -> Measure.word("no-label"))
                    .asks(new Measure.Quote(words))
                    .fix(
                            FixClass.APPARATUS,
                            (off, cause) -> NewLine.over(off.get(0), NewLine.centred(words, bold, 0, 0)))
                    .readings();
        }
        List<Reading> out = new ArrayList<>(LineWords.readings(id(), label, words));
        out.addAll(LineForm.centred(ask.get(SourceDemands.BOLD)).readings(id(), exam, label));
        return out;
    }

    private static String words(List<String> labels, int entries) {
        return labels.get(entries == 1 ? labels.size() - 1 : 0);
    }
}
