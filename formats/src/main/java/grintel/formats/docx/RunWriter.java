package grintel.formats.docx;

import grintel.core.edit.Piece;
import grintel.core.paper.Inline;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes the runs of what an edit brings into a line. */
final class RunWriter {
    private static final String XML = "http://www.w3.org/XML/1998/namespace";

    private RunWriter() {}

    /**
     * The runs of a piece that is no picture.
     *
     * @param kin an element beside which they will stand
     * @param format their properties, which are copied; null for none
     */
    static List<XmlElement> of(XmlElement kin, Piece piece, @Nullable XmlElement format) {
        if (piece instanceof Piece.Words words) {
            return List.of(text(kin, words.text(), format));
        }
        if (piece instanceof Piece.Value value) {
            return field(kin, instruction(value.kind()), "1", format);
        }
        if (piece instanceof Piece.Reference reference) {
            XmlElement link = XmlElement.like(kin, "hyperlink");
            link.setAttribute("anchor", reference.bookmark());
            link.append(text(kin, reference.shown(), format));
            return List.of(link);
        }
        XmlElement run = run(kin, format);
        if (piece instanceof Piece.Break at) {
            XmlElement element = run.append(XmlElement.like(kin, "br"));
            if (at.kind() != Inline.Break.Kind.LINE) {
                element.setAttribute("type", at.kind() == Inline.Break.Kind.PAGE ? "page" : "column");
            }
        } else {
            run.append(XmlElement.like(kin, "tab"));
        }
        return List.of(run);
    }

    private static XmlElement text(XmlElement kin, String text, @Nullable XmlElement format) {
        XmlElement run = run(kin, format);
        setText(run.append(XmlElement.like(kin, "t")), text);
        return run;
    }

    /** A complex field, as every reader of the format knows it (ISO 29500-1 §17.16.18). */
    static List<XmlElement> field(XmlElement kin, String instruction, String shown, @Nullable XmlElement format) {
        List<XmlElement> runs = new ArrayList<>();
        runs.add(mark(kin, "begin", format));
        XmlElement asks = run(kin, format);
        setText(asks.append(XmlElement.like(kin, "instrText")), instruction);
        runs.add(asks);
        runs.add(mark(kin, "separate", format));
        runs.add(text(kin, shown, format));
        runs.add(mark(kin, "end", format));
        return runs;
    }

    private static XmlElement mark(XmlElement kin, String type, @Nullable XmlElement format) {
        XmlElement run = run(kin, format);
        run.append(XmlElement.like(kin, "fldChar")).setAttribute("fldCharType", type);
        return run;
    }

    static XmlElement run(XmlElement kin, @Nullable XmlElement format) {
        XmlElement run = XmlElement.like(kin, "r");
        if (format != null) {
            run.append(format.copy());
        }
        return run;
    }

    /** Gives an element characters, so that no white space among them is lost. */
    static void setText(XmlElement element, String text) {
        element.setText(text);
        if (!text.equals(text.strip()) || text.contains("  ")) {
            element.setAttribute(XML, "xml", "space", "preserve");
        }
    }

    /** What a field of a kind asks for. */
    static String instruction(Inline.Field.Kind kind) {
        return switch (kind) {
            case PAGE -> " PAGE ";
            case PAGE_COUNT -> " NUMPAGES ";
            case SECTION_PAGE_COUNT -> " SECTIONPAGES ";
        };
    }
}
