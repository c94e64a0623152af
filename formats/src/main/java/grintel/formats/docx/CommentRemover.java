package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.formats.xml.XmlElement;
import java.util.List;
import java.util.Set;

/** Takes a comment out: itself, the marks of where it stands, and the run with its sign (ISO 29500-1 §17.13.4). */
final class CommentRemover {
    private static final Set<String> MARKS = Set.of("commentRangeStart", "commentRangeEnd", "commentReference");

    private CommentRemover() {}

    static void remove(DocxTree tree, String id) {
        String part = tree.related("comments");
        if (part == null || !removeComment(tree.document(part).root(), id)) {
            throw new EditRefusedException("The file has no such comment.");
        }
        tree.change(part);
        for (String kind : List.of("footnotes", "endnotes")) {
            String notes = tree.related(kind);
            if (notes != null && removeMarks(tree.document(notes).root(), id)) {
                tree.change(notes);
            }
        }
        if (removeMarks(tree.document(tree.mainPart()).root(), id)) {
            tree.change(tree.mainPart());
        }
    }

    private static boolean removeComment(XmlElement comments, String id) {
        for (XmlElement comment : List.copyOf(comments.children("comment"))) {
            if (id.equals(comment.attribute("id"))) {
                comment.remove();
                return true;
            }
        }
        return false;
    }

    private static boolean removeMarks(XmlElement from, String id) {
        boolean any = false;
        for (XmlElement child : List.copyOf(from.elements())) {
            boolean mark =
                    child.namespace().equals(Ns.W) && MARKS.contains(child.name()) && id.equals(child.attribute("id"));
            if (mark) {
                child.remove();
                any = true;
            } else if (removeMarks(child, id)) {
                any = true;
                if (child.is(Ns.W, "r") && child.elements().stream().allMatch(each -> each.is(Ns.W, "rPr"))) {
                    child.remove();
                }
            }
        }
        return any;
    }
}
