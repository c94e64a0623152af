package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Place;
import grintel.core.paper.Paragraph;
import grintel.core.structure.Part;
import grintel.core.structure.PartKind;
import java.util.List;

/** That a part at the end of a paper stands before or after the list of sources. */
public final class PartMove {
    private PartMove() {}

    /** The readings of a rule that asks where parts of a kind stand; none where the paper has no list of sources. */
    public static List<Reading> readings(
            String rule, String quantity, Examination exam, PartKind kind, Place asked, FixClass fix) {
        // The tree of all parts is built only where there is something to look for.
        if (exam.parts().index(label(kind), 0) < 0 || exam.parts().index(PartKind.SOURCES_LABEL, 0) < 0) {
            return List.of();
        }
        List<Part> sources = exam.parts().root().all(PartKind.SOURCES);
        List<Part> parts = exam.parts().root().all(kind);
        Part list = sources.get(0);
        return exam.whole()
                .each(paper -> parts, part -> exam.place(first(exam, part)), part -> exam.identity(first(exam, part)))
                .check(rule, quantity)
                .measure(part -> Measure.word(part.first() < list.first() ? "before-sources" : "after-sources"))
                .asks(Measure.word(asked.id()))
                .fix(
                        fix,
                        (off, cause) -> off.stream()
                                .<Edit>map(part -> new Edit.MoveParagraphs(
                                        first(exam, part).address(),
                                        part.last() - part.first() + 1,
                                        target(exam, list, asked)))
                                .toList())
                .fixable(part -> isMovable(exam, part) && isMovable(exam, list))
                .readings();
    }

    private static PartKind label(PartKind kind) {
        return kind == PartKind.APPENDIX ? PartKind.APPENDIX_LABEL : PartKind.NOTES_LABEL;
    }

    private static Paragraph first(Examination exam, Part part) {
        return exam.paper().paragraphs().get(part.first());
    }

    private static Position target(Examination exam, Part list, Place asked) {
        return asked == Place.BEFORE_SOURCES
                ? Position.before(first(exam, list).address())
                : Position.after(exam.paper().paragraphs().get(list.last()).address());
    }

    /** Whether a part is of paragraphs alone, none of which ends a section. */
    private static boolean isMovable(Examination exam, Part part) {
        return exam.paper().paragraphs().subList(part.first(), part.last() + 1).stream()
                .noneMatch(paragraph -> paragraph.endsSection() || paragraph.inTable());
    }
}
