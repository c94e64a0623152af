package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.formats.xml.XmlElement;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;

/**
 * Text where no text belongs, as damaged files have it. It is not read, so that a paragraph with nothing else seems
 * blank; but it is the writer's, and is not taken away with what holds it.
 */
final class Unread {
    /** What was deleted before, and what stands a second time for programs that read less. */
    private static final Set<String> PASSED_OVER = Set.of("del", "moveFrom", "Fallback");

    private Unread() {}

    /**
     * Refuses to take a paragraph away that holds such text.
     *
     * @throws EditRefusedException when it does
     */
    static void refuseIn(XmlElement paragraph) {
        Set<XmlElement> read = Collections.newSetFromMap(new IdentityHashMap<>());
        new ContentWalker().walk(paragraph).forEach(atom -> read.addAll(atom.mark()));
        if (holdsOther(paragraph, read)) {
            throw new EditRefusedException("The paragraph holds text in a place that is not understood.");
        }
    }

    /**
     * Takes away an element that by its kind has no text of its own, as what says how something looks.
     *
     * @throws EditRefusedException when it holds some all the same
     */
    static void takeAway(XmlElement empty) {
        if (!empty.text().isBlank()) {
            throw new EditRefusedException("Text stands in a place that is not understood.");
        }
        empty.remove();
    }

    private static boolean holdsOther(XmlElement element, Set<XmlElement> read) {
        for (XmlElement child : element.elements()) {
            if (read.contains(child) && !child.is(Ns.W, "r") || PASSED_OVER.contains(child.name())) {
                continue;
            }
            if (child.is(Ns.W, "t") && !child.text().isBlank() || holdsOther(child, read)) {
                return true;
            }
        }
        return false;
    }
}
