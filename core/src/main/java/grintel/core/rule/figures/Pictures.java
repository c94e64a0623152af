package grintel.core.rule.figures;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** The pictures of a text's figures. */
final class Pictures {
    private Pictures() {}

    /**
     * A picture and its place among its paragraph's characters.
     *
     * @param picture as it stands there
     */
    record Placed(Paragraph paragraph, int at, Inline.Picture picture) {}

    /** Those of paragraphs that are figures, in the order of the text. */
    static List<Paragraph> paragraphs(Examination exam) {
        return exam.parts().paragraphs(PartKind.PICTURE).stream()
                .filter(paragraph -> !paragraph.inTable() && !in(paragraph).isEmpty())
                .toList();
    }

    static List<Placed> in(Paragraph paragraph) {
        List<Placed> out = new ArrayList<>();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Picture picture) {
                out.add(new Placed(paragraph, at, picture));
            }
            at += inline.length();
        }
        return out;
    }
}
