package grintel.core.rule;

import grintel.core.edit.Holder;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.structure.PartKind;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Predicate;

/** Kinds of parts that several rules look at together. */
public final class Kinds {
    /** Text that runs on: paragraphs and the abstract. */
    public static final Set<PartKind> RUNNING_TEXT =
            EnumSet.of(PartKind.PARAGRAPH, PartKind.CONTINUATION, PartKind.ABSTRACT_TEXT);

    /** Parts whose line spacing and gaps are those of the text; the others have rules of their own. */
    public static final Set<PartKind> SPACED_AS_TEXT = spacedAsText();

    /** Parts set in the type of the text. */
    public static final Set<PartKind> SET_AS_TEXT = EnumSet.complementOf(EnumSet.of(
            PartKind.BLANK, PartKind.GRID, PartKind.PICTURE, PartKind.CAPTION_NOTE, PartKind.CODE, PartKind.FORMULA));

    private Kinds() {}

    private static Set<PartKind> spacedAsText() {
        Set<PartKind> kinds = EnumSet.range(PartKind.TITLE, PartKind.OPENING_LINE);
        kinds.addAll(RUNNING_TEXT);
        kinds.addAll(EnumSet.of(
                PartKind.ABSTRACT_LABEL,
                PartKind.KEYWORDS,
                PartKind.HEADING,
                PartKind.APPENDIX_LABEL,
                PartKind.APPENDIX_TITLE));
        return kinds;
    }

    /** The text that runs on; in appendices, where much is set in short lines of its own, only what runs over lines. */
    public static Subjects<Paragraph> runningText(Examination exam) {
        return exam.paragraphs(RUNNING_TEXT)
                .filter(paragraph ->
                        !exam.parts().isInAppendix(paragraph.address().index())
                                || exam.proof().lines(paragraph.address()).size() > 1);
    }

    /** Parts spaced as the text is, those on a title page left to their own rules. */
    public static Subjects<Paragraph> spacedAsText(Examination exam) {
        return exam.paragraphs(SPACED_AS_TEXT)
                .filter(paragraph ->
                        !exam.parts().isOnTitlePage(paragraph.address().index()));
    }

    /** Others in the text that may take the text's spacing along with it; tables, notes and headers may not. */
    public static Predicate<Holder> welcome(Examination exam) {
        return holder -> holder.paragraph().address().story().kind() == Story.Kind.TEXT
                && !exam.kind(holder.paragraph()).isOfObject()
                && exam.kind(holder.paragraph()) != PartKind.CODE;
    }
}
