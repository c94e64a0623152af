package grintel.core.rule.headings;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.CaseStyle;
import grintel.core.guide.demand.Casing;
import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.language.SentenceCase;
import grintel.core.language.TitleCase;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Reading;
import grintel.core.rule.Recased;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The case of each heading by its level: title case, or sentence case. */
public final class HeadingsCaseRule implements Rule {
    @Override
    public String id() {
        return "headings.case";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        CaseStyle style = ask.get(HeadingDemands.CASE_STYLE);
        List<Stretch> titles = new ArrayList<>();
        List<Stretch> sentences = new ArrayList<>();
        for (Heading heading : Heading.all(exam)) {
            HeadingForm form = Heading.form(exam, heading.level());
            if (form != null && form.casing() == Casing.TITLE) {
                titles.add(heading.line());
            } else if (form != null && form.casing() == Casing.SENTENCE) {
                sentences.add(heading.line());
            }
        }
        List<Reading> out = new ArrayList<>(Recased.readings(
                id(), exam.stretches(titles), (line, kept) -> TitleCase.of(line.characters(), style, kept)));
        if (!sentences.isEmpty()) {
            Set<String> small = smallWords(exam);
            out.addAll(Recased.readings(
                    id(), exam.stretches(sentences), (line, kept) -> SentenceCase.of(line.characters(), small, kept)));
        }
        return out;
    }

    /** The words that the text of the paper writes small. */
    private static Set<String> smallWords(Examination exam) {
        Set<String> out = new HashSet<>();
        for (Paragraph paragraph : exam.parts().paragraphs(Kinds.RUNNING_TEXT)) {
            SentenceCase.gather(paragraph.text(), out);
        }
        return out;
    }
}
