package grintel.formats.docx;

import grintel.core.paper.Inline;
import grintel.core.paper.Revision;
import grintel.formats.xml.XmlElement;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The least piece of a paragraph that an edit may take by itself, and the mark-up it is made of.
 *
 * @param run number of the run it stands in, -1 between runs
 * @param element the run it stands in, or itself between runs
 * @param mark the mark-up that is taken out when the atom is: one element for most, several for a field
 * @param main the element whose run says how it looks
 * @param text its characters; for a field what it showed last
 * @param field which value it is, for a field
 * @param hyperlink the hyperlink it stands in, or null
 * @param link where the field leads in whose result it stands; empty for none
 * @param length how many of the paragraph's characters it is
 */
record Atom(
        Kind kind,
        int run,
        XmlElement element,
        List<XmlElement> mark,
        XmlElement main,
        String text,
        Inline.Field.@Nullable Kind field,
        @Nullable XmlElement hyperlink,
        String link,
        Revision revision,
        int length) {
    /** What an atom is. */
    enum Kind {
        TEXT,
        TAB,
        BREAK,
        FIELD,
        /** A drawing, the sign of a note, a ruby text. */
        OBJECT,
        FORMULA,
        DELETED,
        /** The start or the end of a bookmark or a comment. */
        EDGE
    }

    /** The one element it is made of. */
    XmlElement only() {
        return mark.get(0);
    }
}
