package grintel.core.rule.appendices;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.PageStart;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.List;

/** Each appendix starts a page by a break. */
public final class AppendicesNewPageRule implements Rule {
    @Override
    public String id() {
        return "appendices.new-page";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return PageStart.readings(id(), exam, exam.paragraphs(exam.parts().paragraphs(PartKind.APPENDIX_LABEL)));
    }
}
