package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.MarginalContent;
import grintel.core.edit.Piece;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.NumberPlace;
import grintel.core.guide.demand.RunningHeadDemands.WordsPlace;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.List;

/** Edits that write headers as the guide asks for them. */
public final class HeadEdits {
    private HeadEdits() {}

    /** Whether a header can be written anew without losing anything but white space. */
    public static boolean isRewritable(Head head) {
        return head.header().isRewritable();
    }

    /** Whether a number can be brought to its place: no words stand in its way there. */
    public static boolean canPlaceNumber(Examination exam, Head head) {
        return isRewritable(head)
                && (!isAtBottom(exam, head) || head.footer().words().isEmpty());
    }

    /** Writes the header of pages anew with these words, its number kept or lacking as it is. */
    public static List<Edit> rewrite(Examination exam, Head head, String words) {
        if (head.variant() == Variant.EVEN) {
            return List.of(new Edit.SetSetting(Edit.Setting.EVEN_PAGES_DIFFER, false));
        }
        boolean number = head.header().hasNumber();
        Edit.WriteMarginal header = header(exam, head, head.variant(), words, number);
        return List.of(number ? header : adding(head, header));
    }

    /** Words with the label before them that the header of pages has. */
    public static String labelled(Head head, String words) {
        return head.header().hasLabel() ? head.header().label() + " " + words : words;
    }

    /** An edit of a header that is a mere addition where the header is empty. */
    private static Edit adding(Head head, Edit.WriteMarginal edit) {
        boolean empty = head.header().words().isEmpty() && !head.header().hasNumber();
        return new Edit.WriteMarginal(edit.section(), edit.kind(), edit.variant(), edit.content(), empty);
    }

    /**
     * Writes the header of pages anew, with a number where the guide wants it; even pages take the usual one.
     *
     * @param words what stands in it beside the number, which it has where the guide wants it at the top
     */
    public static List<Edit> write(Examination exam, Head head, String words) {
        if (head.variant() == Variant.EVEN) {
            return List.of(new Edit.SetSetting(Edit.Setting.EVEN_PAGES_DIFFER, false));
        }
        boolean top = !isAtBottom(exam, head);
        boolean emptyButForNumber =
                head.footer().words().isEmpty() && head.footer().isRewritable();
        List<Edit> edits = new ArrayList<>();
        edits.add(adding(head, header(exam, head, head.variant(), words, top)));
        if (!top && emptyButForNumber) {
            edits.add(footer(exam, head));
        } else if (top && emptyButForNumber && head.footer().hasNumber()) {
            edits.add(new Edit.WriteMarginal(head.footerOwner(), Story.Kind.FOOTER, head.variant(), blank(exam, head)));
        }
        return edits;
    }

    /** A header of one line in a variant of a section's headers: words and number where the guide wants them. */
    public static Edit.WriteMarginal header(
            Examination exam, Head head, Variant variant, String words, boolean number) {
        boolean left = exam.ask("running-head.text").isAsked()
                && exam.ask("running-head.text").get(RunningHeadDemands.WORDS_PLACE) == WordsPlace.LEFT;
        List<Piece> right = new ArrayList<>();
        if (!words.isEmpty() && !left) {
            right.add(new Piece.Words(number ? words + " " : words));
        }
        if (number) {
            right.add(new Piece.Value(Inline.Field.Kind.PAGE));
        }
        List<Piece> first = left && !words.isEmpty() ? List.of(new Piece.Words(words)) : List.of();
        boolean parted = !first.isEmpty() && !right.isEmpty();
        int section = parted && !isAsWideAsOwner(exam, head) ? head.section().index() : head.owner();
        return new Edit.WriteMarginal(
                section, Story.Kind.HEADER, variant, content(exam, head, first, List.of(), right));
    }

    /** A header with something at either margin fits only sections of one width. */
    private static boolean isAsWideAsOwner(Examination exam, Head head) {
        return width(exam.paper().sections().get(head.owner())) == width(head.section());
    }

    private static int width(Section section) {
        int width = section.get(SectionProperties.PAGE_WIDTH)
                - Math.abs(section.get(SectionProperties.MARGIN_LEFT))
                - Math.abs(section.get(SectionProperties.MARGIN_RIGHT));
        return Math.max(1, width);
    }

    private static Edit footer(Examination exam, Head head) {
        List<Piece> number = List.of(new Piece.Value(Inline.Field.Kind.PAGE));
        return new Edit.WriteMarginal(
                head.footerOwner(),
                Story.Kind.FOOTER,
                head.variant(),
                content(exam, head, List.of(), number, List.of()));
    }

    /** Nothing at all. */
    public static MarginalContent blank(Examination exam, Head head) {
        return content(exam, head, List.of(), List.of(), List.of());
    }

    private static MarginalContent content(
            Examination exam, Head head, List<Piece> left, List<Piece> centre, List<Piece> right) {
        BodyType type = exam.bodyType();
        return new MarginalContent(left, centre, right, width(head.section()), type.targetFace(), type.targetSize());
    }

    /** Whether the number of these pages belongs to the foot: where the guide says so, or leaves it where it is. */
    public static boolean isAtBottom(Examination exam, Head head) {
        Ask ask = exam.ask("running-head.number-place");
        NumberPlace place = ask.isAsked() ? ask.get(RunningHeadDemands.PLACE) : NumberPlace.EITHER;
        return switch (place) {
            case TOP_RIGHT -> false;
            case BOTTOM_CENTRE -> true;
            case EITHER -> head.footer().hasNumber() && !head.header().hasNumber();
        };
    }
}
