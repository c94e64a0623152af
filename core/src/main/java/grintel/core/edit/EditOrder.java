package grintel.core.edit;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.ParagraphAddress;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The order in which edits of one list are made, the same for a paper and for a file: those of characters from the end of
 * each paragraph on, so that offsets before them hold; those of paragraphs by kind: settled, parted and joined from the
 * end of the text on, then moved, then added, then taken out, then set apart.
 */
public final class EditOrder {
    private EditOrder() {}

    /** Makes edits in their order: formatting first, so that offsets and addresses hold until they have been used. */
    public static void make(List<Edit> edits, EditVisitor maker) {
        List<Edit> ordered = new ArrayList<>();
        edits.stream().filter(Edit.SetProperty.class::isInstance).forEach(ordered::add);
        edits.stream()
                .filter(edit -> !isOfCharacters(edit) && !isOfParagraphs(edit) && !(edit instanceof Edit.SetProperty))
                .forEach(ordered::add);
        ordered.addAll(ofCharacters(edits));
        ordered.addAll(ofParagraphs(edits));
        for (Edit edit : ordered) {
            WorkLimits.goOn();
            edit.accept(maker);
        }
    }

    /** Whether it changes which characters a paragraph holds, or objects among them. */
    public static boolean isOfCharacters(Edit edit) {
        return edit instanceof Edit.ReplaceText
                || edit instanceof Edit.MoveText
                || edit instanceof Edit.ChangePicture
                || edit instanceof Edit.InsertNote;
    }

    /** Whether it adds, moves, parts, joins or takes out paragraphs. */
    public static boolean isOfParagraphs(Edit edit) {
        return edit instanceof Edit.SettleChanges
                || edit instanceof Edit.SplitParagraph
                || edit instanceof Edit.JoinParagraphs
                || edit instanceof Edit.MoveParagraphs
                || edit instanceof Edit.InsertParagraph
                || edit instanceof Edit.InsertBlocks
                || edit instanceof Edit.RemoveParagraph
                || edit instanceof Edit.SetApart;
    }

    /** The edits of characters, for each paragraph from its end on. */
    public static List<Edit> ofCharacters(List<Edit> edits) {
        Map<Integer, List<Edit>> byPlace = new TreeMap<>(Comparator.reverseOrder());
        for (Edit edit : edits) {
            if (isOfCharacters(edit)) {
                byPlace.computeIfAbsent(place(edit), key -> new ArrayList<>()).add(edit);
            }
        }
        return byPlace.values().stream().flatMap(List::stream).toList();
    }

    private static int place(Edit edit) {
        if (edit instanceof Edit.ReplaceText replace) {
            return replace.range().from();
        }
        if (edit instanceof Edit.MoveText move) {
            return Math.min(move.range().from(), move.to());
        }
        return edit instanceof Edit.ChangePicture change ? change.at() : ((Edit.InsertNote) edit).at();
    }

    /** The edits of paragraphs in the order in which they are made. */
    public static List<Edit> ofParagraphs(List<Edit> edits) {
        List<Edit> out = new ArrayList<>(
                edits.stream().filter(Edit.SettleChanges.class::isInstance).toList());
        edits.stream()
                .filter(edit -> edit instanceof Edit.SplitParagraph || edit instanceof Edit.JoinParagraphs)
                .sorted(Comparator.comparingInt((Edit edit) -> index(edit)).reversed())
                .forEach(out::add);
        edits.stream().filter(Edit.MoveParagraphs.class::isInstance).forEach(out::add);
        edits.stream()
                .filter(edit -> edit instanceof Edit.InsertParagraph || edit instanceof Edit.InsertBlocks)
                .forEach(out::add);
        edits.stream().filter(Edit.RemoveParagraph.class::isInstance).forEach(out::add);
        edits.stream().filter(Edit.SetApart.class::isInstance).forEach(out::add);
        return out;
    }

    private static int index(Edit edit) {
        return paragraph(edit).index();
    }

    /** The paragraph an edit of paragraphs starts from. */
    public static ParagraphAddress paragraph(Edit edit) {
        if (edit instanceof Edit.SettleChanges settle) {
            return settle.paragraph();
        }
        if (edit instanceof Edit.SplitParagraph split) {
            return split.paragraph();
        }
        if (edit instanceof Edit.JoinParagraphs join) {
            return join.first();
        }
        if (edit instanceof Edit.MoveParagraphs move) {
            return move.first();
        }
        if (edit instanceof Edit.InsertBlocks insert) {
            return insert.at().paragraph();
        }
        if (edit instanceof Edit.SetApart apart) {
            return apart.first();
        }
        return edit instanceof Edit.InsertParagraph insert
                ? insert.at().paragraph()
                : ((Edit.RemoveParagraph) edit).paragraph();
    }
}
