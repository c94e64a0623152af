package grintel.core.rule.appendices;

import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** What stands in the appendices. */
final class Appended {
    private Appended() {}

    /** The paragraphs of all appendices, their labels and titles aside, those in tables among them. */
    static List<Paragraph> paragraphs(Examination exam) {
        int first = exam.parts().index(PartKind.APPENDIX_LABEL, 0);
        List<Paragraph> out = new ArrayList<>();
        for (int i = Math.max(0, first); first >= 0 && i < exam.parts().size(); i++) {
            PartKind kind = exam.parts().kind(i);
            if (exam.parts().isInAppendix(i)
                    && kind != PartKind.BLANK
                    && kind != PartKind.APPENDIX_LABEL
                    && kind != PartKind.APPENDIX_TITLE) {
                out.add(exam.paper().paragraphs().get(i));
            }
        }
        return out;
    }
}
