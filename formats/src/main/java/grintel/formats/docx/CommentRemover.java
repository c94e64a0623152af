package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.formats.xml.XmlElement;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** Takes comments out: themselves, the marks of where they stand, the runs with their signs (ISO 29500-1 §17.13.4). */
final class CommentRemover {
    private static final Set<String> MARKS = Set.of("commentRangeStart", "commentRangeEnd", "commentReference");

    private final DocxTree tree;
    private final Set<String> gone = new HashSet<>();

    CommentRemover(DocxTree tree) {
        this.tree = tree;
    }

    /** Takes out a comment; its marks stand until {@link #removeMarks}. */
    void remove(String id) {
        String part = tree.related("comments");
        List<XmlElement> comments =
                part == null ? List.of() : tree.document(part).root().children("comment");
        XmlElement comment = comments.stream()
                .filter(each -> id.equals(each.attribute("id")))
                .findFirst()
                .orElseThrow(() -> new EditRefusedException("The file has no such comment."));
        comment.remove();
        tree.change(Objects.requireNonNull(part));
        gone.add(id);
    }

    /** Takes out the marks of all comments that went, in one walk through the text. */
    void removeMarks() {
        if (gone.isEmpty()) {
            return;
        }
        removeMarks(tree.mainPart());
        for (String kind : List.of("footnotes", "endnotes")) {
            String notes = tree.related(kind);
            if (notes != null) {
                removeMarks(notes);
            }
        }
    }

    private void removeMarks(String part) {
        if (removeMarks(tree.document(part).root())) {
            tree.change(part);
        }
    }

    private boolean removeMarks(XmlElement from) {
        boolean any = false;
        for (XmlElement child : List.copyOf(from.elements())) {
            if (isMark(child)) {
                child.remove();
                any = true;
            } else if (removeMarks(child)) {
                any = true;
                if (child.is(Ns.W, "r") && child.elements().stream().allMatch(each -> each.is(Ns.W, "rPr"))) {
                    child.remove();
                }
            }
        }
        return any;
    }

    private boolean isMark(XmlElement element) {
        String id = element.attribute("id");
        return element.namespace().equals(Ns.W) && MARKS.contains(element.name()) && id != null && gone.contains(id);
    }
}
