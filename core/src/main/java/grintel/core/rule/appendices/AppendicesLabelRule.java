package grintel.core.rule.appendices;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.LineWords;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.rule.appendices.AppendixLabels.Label;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The words over each appendix, with a letter where there are several, and how they are set. */
public final class AppendicesLabelRule implements Rule {
    @Override
    public String id() {
        return "appendices.label";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        AppendixLabels labels = AppendixLabels.of(exam);
        List<Paragraph> paragraphs = labels.all().stream().map(Label::paragraph).toList();
        List<Reading> out = new ArrayList<>();
        if (labels.arePlain()) {
            out.addAll(words(exam, labels));
        }
        Subjects<Stretch> lines = exam.lines(paragraphs);
        out.addAll(LineForm.centred(ask.get(ClosingDemands.BOLD)).readings(id(), exam, lines));
        return out;
    }

    /** Labels that say the same are one reading; what each is to say is told of all of them. */
    private List<Reading> words(Examination exam, AppendixLabels labels) {
        Map<String, List<Paragraph>> bySaid = new LinkedHashMap<>();
        for (Label label : labels.all()) {
            if (label.bare()) {
                bySaid.computeIfAbsent(label.paragraph().text().strip(), said -> new ArrayList<>())
                        .add(label.paragraph());
            }
        }
        List<Reading> out = new ArrayList<>();
        bySaid.forEach((said, paragraphs) -> out.addAll(exam.lines(paragraphs)
                .check(id(), "words")
                .measure(line -> new Measure.Quote(said))
                .asks(new Measure.Quote(paragraphs.stream()
                        .map(paragraph -> labels.asked(labels.of(paragraph)))
                        .collect(Collectors.joining(", "))))
                .metWhen((line, is) -> said.equals(asked(labels, line)))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .map(line -> LineWords.replaced(line, asked(labels, line)))
                                .toList())
                // A letter the text names the appendix by is not changed behind its back.
                .fixable(line -> {
                    String letter = labels.of(line.paragraph()).letter();
                    return letter.isEmpty() || asked(labels, line).endsWith(" " + letter);
                })
                .readings()));
        return out;
    }

    private static String asked(AppendixLabels labels, Stretch line) {
        return labels.asked(labels.of(line.paragraph()));
    }
}
