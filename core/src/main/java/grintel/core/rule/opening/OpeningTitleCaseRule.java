package grintel.core.rule.opening;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.CaseStyle;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.language.TitleCase;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Recased;
import grintel.core.rule.Rule;
import java.util.List;

/** The title stands in title case, word by word. */
public final class OpeningTitleCaseRule implements Rule {
    @Override
    public String id() {
        return "opening.title-case";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        CaseStyle style = ask.get(OpeningDemands.CASE_STYLE);
        return Recased.readings(id(), Titles.lines(exam), (line, kept) -> {
            String lead = Titles.lead(exam, line.paragraph());
            String words = line.characters();
            int from = lead.length();
            int to = from + words.length();
            String whole = lead + words + Titles.rest(exam, line.paragraph());
            return TitleCase.of(whole, style, at -> at < from || at >= to || kept.test(at - from))
                    .substring(from, to);
        });
    }
}
