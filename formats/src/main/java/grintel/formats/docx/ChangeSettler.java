package grintel.formats.docx;

import grintel.formats.xml.XmlElement;
import java.util.List;
import java.util.Set;

/** Makes tracked changes in a paragraph final as they are read (ISO 29500-1 §17.13.5): all of them accepted. */
final class ChangeSettler {
    private static final Set<String> INSERTED = Set.of("ins", "moveTo");
    private static final Set<String> DELETED = Set.of("del", "moveFrom");
    /** What says how something was formatted, or where a move began and ended. */
    private static final Set<String> TOLD = Set.of(
            "rPrChange",
            "pPrChange",
            "numberingChange",
            "moveFromRangeStart",
            "moveFromRangeEnd",
            "moveToRangeStart",
            "moveToRangeEnd");
    /** What stays although the words round it were deleted. */
    private static final Set<String> EDGES =
            Set.of("bookmarkStart", "bookmarkEnd", "commentRangeStart", "commentRangeEnd");

    private ChangeSettler() {}

    static void settle(XmlElement paragraph) {
        XmlElement properties = paragraph.child("pPr");
        XmlElement mark = properties == null ? null : properties.child("rPr");
        if (mark != null) {
            for (XmlElement child : List.copyOf(mark.elements())) {
                if (INSERTED.contains(child.name()) || DELETED.contains(child.name())) {
                    child.remove();
                }
            }
        }
        settleBelow(paragraph);
        if (mark != null) {
            PropertyHolder.dropIfEmpty(mark);
        }
        if (properties != null) {
            PropertyHolder.dropIfEmpty(properties);
        }
    }

    private static void settleBelow(XmlElement from) {
        for (XmlElement child : List.copyOf(from.elements())) {
            // The paragraphs of a box of text have changes of their own.
            if (child.is(Ns.W, "p")) {
                continue;
            }
            boolean ours = child.namespace().equals(Ns.W);
            if (ours && TOLD.contains(child.name())) {
                child.remove();
                continue;
            }
            settleBelow(child);
            if (ours && INSERTED.contains(child.name())) {
                moveOut(child, List.copyOf(child.elements()));
                child.remove();
            } else if (ours && DELETED.contains(child.name())) {
                moveOut(
                        child,
                        child.elements().stream()
                                .filter(each -> EDGES.contains(each.name()))
                                .toList());
                child.remove();
            }
        }
    }

    private static void moveOut(XmlElement from, List<XmlElement> children) {
        XmlElement among = from.holder();
        for (XmlElement child : children) {
            child.remove();
            among.insertBefore(child, from);
        }
    }
}
