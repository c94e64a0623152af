package grintel.core.rule.opening;

import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.PageStart;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** After a title page, the abstract and the text each start a page by a break. */
public final class OpeningNewPagesRule implements Rule {
    @Override
    public String id() {
        return "opening.new-pages";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> starts = new ArrayList<>();
        if (exam.parts().hasTitlePage()) {
            starts.addAll(exam.parts().paragraphs(PartKind.ABSTRACT_LABEL));
            for (int i = 0; i < exam.paper().paragraphs().size(); i++) {
                if (!exam.parts().isOnTitlePage(i) && !isOfAbstract(exam.parts().kind(i))) {
                    starts.add(exam.paper().paragraphs().get(i));
                    break;
                }
            }
        }
        return PageStart.readings(id(), exam, exam.paragraphs(starts));
    }

    private static boolean isOfAbstract(PartKind kind) {
        return kind == PartKind.BLANK
                || kind == PartKind.ABSTRACT_LABEL
                || kind == PartKind.ABSTRACT_TEXT
                || kind == PartKind.KEYWORDS;
    }
}
