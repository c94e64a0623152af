package grintel.core.rule.opening;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.NewLine;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.structure.Placeholders;
import java.util.ArrayList;
import java.util.List;

/** The abstract: that there is one where the guide asks for it, its label, no indent, one paragraph, its words. */
public final class OpeningAbstractRule implements Rule {
    private static final Length NO_INDENT = new Length(0, Length.Unit.INCHES);

    private static final Measure LABEL = new Measure.Quote("Abstract");

    @Override
    public String id() {
        return "opening.abstract";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> label = exam.parts().paragraphs(PartKind.ABSTRACT_LABEL);
        Subjects<Paragraph> text = exam.paragraphs(exam.parts().paragraphs(PartKind.ABSTRACT_TEXT));
        boolean asked = ask.get(OpeningDemands.ABSTRACT);
        List<Reading> out = new ArrayList<>();
        if (asked && exam.parts().hasTitlePage()) {
            boolean there = !label.isEmpty() || !text.isEmpty();
            out.addAll(exam.whole()
                    .check(id(), "present")
                    .measure(paper -> Measure.word(there ? "an-abstract" : "no-abstract"))
                    .asks(Measure.word("an-abstract"))
                    .readings());
        }
        boolean bold = ask.get(OpeningDemands.LABEL_BOLD) == Boldness.BOLD;
        out.addAll(exam.paragraphs(text.isEmpty() ? List.of() : text.all().subList(0, 1))
                .check(id(), "label")
                .measure(paragraph -> label.isEmpty() ? Measure.word("no-label") : LABEL)
                .asks(LABEL)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> NewLine.over(off.get(0), NewLine.centred("Abstract", bold, 0, 0)))
                .readings());
        out.addAll(LineForm.centred(ask.get(OpeningDemands.LABEL_BOLD)).readings(id(), exam, exam.lines(label)));
        out.addAll(FirstLine.readings(id(), "indent", exam, text, NO_INDENT));
        out.addAll(counts(exam, ask, text));
        return out;
    }

    private List<Reading> counts(Examination exam, Ask ask, Subjects<Paragraph> text) {
        if (text.isEmpty()) {
            return List.of();
        }
        Paragraph first = text.all().get(0);
        Subjects<Paragraph> one = exam.paragraphs(List.of(first));
        int paragraphs = text.all().size();
        int words = text.all().stream()
                .mapToInt(paragraph -> Words.count(paragraph.text()))
                .sum();
        List<Reading> out = new ArrayList<>(one.check(id(), "paragraphs")
                .measure(paragraph -> new Measure.Count(paragraphs, "paragraph"))
                .asks(new Measure.Count(1, "paragraph"))
                .readings());
        Integer most = ask.find(OpeningDemands.MAX_WORDS);
        Integer least = ask.find(OpeningDemands.MIN_WORDS);
        if (most != null) {
            out.addAll(limit(one, words, "at-most", most, words <= most));
        }
        // What waits to be replaced is short of nothing yet.
        if (least != null && !Placeholders.isText(first.text())) {
            out.addAll(limit(one, words, "at-least", least, words >= least));
        }
        return out;
    }

    private List<Reading> limit(Subjects<Paragraph> one, int words, String bound, int limit, boolean met) {
        return one.check(id(), "words")
                .measure(paragraph -> new Measure.Count(words, "word"))
                .asks(new Measure.Phrase(bound, new Measure.Count(limit, "word")))
                .metWhen((paragraph, is) -> met)
                .readings();
    }
}
