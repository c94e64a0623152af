package grintel.core.made;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.paper.Blocks;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.Style;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.objects.Renumbering;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Where a made table or figure can stand in a paper, and how it comes in: with its number, those after it moved up. */
public final class ObjectPlaces {
    private static final Set<PartKind> AFTER =
            EnumSet.of(PartKind.PARAGRAPH, PartKind.CONTINUATION, PartKind.BLOCK_QUOTATION, PartKind.LIST_ITEM);

    private final Examination exam;
    private final Renumbering numbers;

    private ObjectPlaces(Examination exam, PartKind kind) {
        this.exam = exam;
        this.numbers = new Renumbering(exam, kind);
    }

    /** Places for a table. */
    public static ObjectPlaces ofTable(Examination exam) {
        return new ObjectPlaces(exam, PartKind.TABLE);
    }

    /** Places for a figure. */
    public static ObjectPlaces ofFigure(Examination exam) {
        return new ObjectPlaces(exam, PartKind.FIGURE);
    }

    /**
     * A place.
     *
     * @param paragraph index of the paragraph it comes after
     * @param number it would bear there
     * @param named whether the text names that number already
     */
    public record Place(int paragraph, int number, boolean named) {}

    /** The paragraphs after which something can come in, in order. */
    public List<Place> all() {
        List<Place> out = new ArrayList<>();
        for (Paragraph paragraph : exam.parts().paragraphs(AFTER)) {
            int index = paragraph.address().index();
            if (exam.parts().isInText(index)
                    && !paragraph.inTable()
                    && !paragraph.endsSection()
                    && !isBeforeGrid(index)) {
                int number = numbers.numberAfter(paragraph);
                out.add(new Place(index, number, numbers.isWaitedFor(number)));
            }
        }
        return out;
    }

    /** Whether cells come next: the paragraph may be words of theirs, so nothing is put between. */
    private boolean isBeforeGrid(int index) {
        return index + 1 < exam.parts().size() && exam.parts().kind(index + 1) == PartKind.GRID;
    }

    /** The likeliest place: after the paragraph that names a number nothing bears yet, else after the last of the text; -1 for none. */
    public int likeliest(List<Place> places) {
        int waiting = numbers.firstWaiting();
        int last = -1;
        for (Place place : places) {
            if (place.paragraph() == waiting) {
                return waiting;
            }
            last = exam.parts().isInAppendix(place.paragraph()) ? last : place.paragraph();
        }
        return last;
    }

    /** What is added to a paragraph that is to send its reader to it: before the mark that ends it. */
    public String mention(int number) {
        return " (see " + numbers.mention(number) + ")";
    }

    /**
     * Edits that bring something in.
     *
     * @param paragraph one of the places
     * @param mention whether the paragraph before it is to name it
     * @throws UnusableSourceException when there is no such place
     */
    public List<Edit> edits(MadeObject made, int paragraph, boolean mention) {
        Place place = all().stream()
                .filter(each -> each.paragraph() == paragraph)
                .findFirst()
                .orElseThrow(() ->
                        new UnusableSourceException("The chosen place is not there any more. Choose another one."));
        Paragraph before = exam.paper().paragraphs().get(paragraph);
        List<Edit> out = new ArrayList<>(numbers.makeRoom(place.number()));
        if (mention && !place.named()) {
            out.add(named(before, place.number()));
        }
        Style standard = exam.paper().styles().standard(Style.Kind.PARAGRAPH);
        out.add(new Edit.InsertBlocks(
                Position.after(before.address()),
                made.blocks(
                        Integer.toString(place.number()),
                        section(paragraph).measure(),
                        standard == null ? null : standard.id())));
        return out;
    }

    private Edit named(Paragraph paragraph, int number) {
        VisibleText visible = VisibleText.of(paragraph);
        int end = visible.text().stripTrailing().length();
        while (end > 0 && ".!?:”\"’)".indexOf(visible.text().charAt(end - 1)) >= 0) {
            end--;
        }
        TextRange at = visible.range(end, end);
        return Edit.ReplaceText.words(at, mention(number));
    }

    private Section section(int paragraph) {
        Section found = null;
        int at = 0;
        for (Section section : exam.paper().sections()) {
            at += Blocks.paragraphs(section.blocks()).size();
            found = section;
            if (paragraph < at) {
                break;
            }
        }
        if (found == null) {
            throw new IllegalStateException("A paragraph of no section");
        }
        return found;
    }
}
