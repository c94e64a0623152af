package grintel.core.rule.objects;

import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.paper.TextRange;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Subjects;
import grintel.core.structure.Part;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A table or a figure with all that belongs to it.
 *
 * @param caption null where it has no number
 * @param body its cells, lines or pictures, paragraph by paragraph
 * @param notes the paragraphs under it
 * @param index of the paragraph of the text its readings are told at, or to which the box with its caption is tied
 */
public record Captioned(
        PartKind kind, @Nullable Caption caption, List<Paragraph> body, List<Paragraph> notes, int index) {
    private static final int SMALLEST_GRID = 4;
    private static final int LONGEST_CELL = 60;
    private static final long LEAST_HEIGHT = Lengths.EMU_PER_INCH / 2;
    private static final long LEAST_WIDTH = Lengths.EMU_PER_INCH;

    public Captioned {
        body = List.copyOf(body);
        notes = List.copyOf(notes);
    }

    /** Those of a kind, table or figure, in order; what stands before the text is none of its objects. */
    public static List<Captioned> all(Examination exam, PartKind kind) {
        // The tree of all parts is built only where there is something to look for.
        if (exam.parts().index(PartKind.GRID, 0) < 0
                && exam.parts().index(PartKind.PICTURE, 0) < 0
                && exam.parts().index(PartKind.CAPTION_NUMBER, 0) < 0) {
            return List.of();
        }
        int text = exam.parts().index(PartKind.PARAGRAPH, 0);
        return exam.parts().root().all(kind).stream()
                .filter(part -> !exam.parts().isOnTitlePage(part.first()))
                .map(part -> of(exam, part))
                .filter(each -> each.caption() != null || each.index() > text)
                .toList();
    }

    private static Captioned of(Examination exam, Part part) {
        List<Paragraph> body = new ArrayList<>(paragraphs(exam, part, PartKind.GRID));
        body.addAll(paragraphs(exam, part, PartKind.PICTURE));
        List<Paragraph> titles = paragraphs(exam, part, PartKind.CAPTION_TITLE);
        List<Paragraph> notes = paragraphs(exam, part, PartKind.CAPTION_NOTE);
        List<Part> numbers = part.all(PartKind.CAPTION_NUMBER);
        if (numbers.isEmpty()) {
            int index = (body.isEmpty() ? notes : body).get(0).address().index();
            return new Captioned(part.kind(), null, body, notes, index);
        }
        Caption caption = Caption.of(paragraph(exam, numbers.get(0)), titles.isEmpty() ? null : titles.get(0));
        return new Captioned(part.kind(), caption, body, notes, numbers.get(0).first());
    }

    private static List<Paragraph> paragraphs(Examination exam, Part part, PartKind kind) {
        return part.all(kind).stream().map(each -> paragraph(exam, each)).toList();
    }

    /** The paragraph of a part, which may lie in a box of text tied to the one of its index. */
    private static Paragraph paragraph(Examination exam, Part part) {
        Paragraph host = exam.paper().paragraphs().get(part.first());
        TextRange range = part.range();
        return range == null || range.paragraph().equals(host.address())
                ? host
                : host.inlines().stream()
                        .filter(Inline.TextBox.class::isInstance)
                        .flatMap(box -> ((Inline.TextBox) box).paragraphs().stream())
                        .filter(each -> each.address().equals(range.paragraph()))
                        .findFirst()
                        .orElse(host);
    }

    /** These as subjects, each standing at its number, else where it begins; told by what it is, not by its caption. */
    public static Subjects<Captioned> subjects(Examination exam, List<Captioned> all) {
        return exam.whole()
                .each(
                        paper -> all,
                        each -> exam.place(each.anchor()),
                        each -> exam.identity(each.body.isEmpty() ? each.anchor() : each.body.get(0)));
    }

    /** Its caption, where there is one for certain. */
    public Caption said() {
        if (caption == null) {
            throw new IllegalStateException("It has no caption");
        }
        return caption;
    }

    /** Whether its caption stands in a box of text, where no edit reaches. */
    public boolean isBoxed() {
        return caption != null && caption.line().address().story().kind() == Story.Kind.TEXT_BOX;
    }

    /** The paragraph its readings are told at. */
    Paragraph anchor() {
        return caption != null ? caption.line() : body.isEmpty() ? notes.get(0) : body.get(0);
    }

    /**
     * Whether it holds what a reader looks for under a number: a grid of several cells that are not prose, or a picture
     * that is more than an ornament or a formula in a line.
     */
    boolean needsNumber() {
        if (kind == PartKind.TABLE) {
            long filled = body.stream().filter(each -> !each.text().isBlank()).count();
            return body.size() >= SMALLEST_GRID
                    && filled * 2 >= body.size()
                    && !holdsPicture()
                    && body.stream().noneMatch(each -> Words.count(each.text()) > LONGEST_CELL);
        }
        return body.stream()
                .flatMap(paragraph -> paragraph.inlines().stream())
                .anyMatch(inline -> inline instanceof Inline.Picture picture
                        && picture.height() >= LEAST_HEIGHT
                        && picture.width() >= LEAST_WIDTH);
    }

    /** Whether any picture stands in it. */
    public boolean holdsPicture() {
        return body.stream()
                .flatMap(paragraph -> paragraph.inlines().stream())
                .anyMatch(Inline.Picture.class::isInstance);
    }
}
