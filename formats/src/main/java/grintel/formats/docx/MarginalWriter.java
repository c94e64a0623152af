package grintel.formats.docx;

import grintel.core.edit.MarginalContent;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.formats.xml.XmlElement;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Writes the content of a header or footer into the root of its part. */
final class MarginalWriter {
    private static final String XML = "http://www.w3.org/XML/1998/namespace";

    private final PropertyWriter properties;

    MarginalWriter(boolean strict) {
        this.properties = new PropertyWriter(strict);
    }

    /**
     * Replaces what the part says by one line; pictures that stand there without words are kept.
     *
     * @param style id of the paragraph style for the line, or null
     */
    void write(XmlElement root, MarginalContent content, @Nullable String style) {
        for (XmlElement child : root.elements()) {
            boolean onlyPicture = hasPicture(child) && wordsOf(child).isBlank();
            if (!onlyPicture) {
                child.remove();
            }
        }
        root.prepend(paragraph(root, content, style));
    }

    /** The id of the file's own style for headers or footers, or null. */
    static @Nullable String styleFor(StyleSheet styles, Story.Kind kind) {
        String wanted = kind == Story.Kind.HEADER ? "header" : "footer";
        for (Style style : styles.all()) {
            if (style.kind() == Style.Kind.PARAGRAPH
                    && style.name().toLowerCase(Locale.ROOT).equals(wanted)) {
                return style.id();
            }
        }
        return null;
    }

    private XmlElement paragraph(XmlElement root, MarginalContent content, @Nullable String style) {
        XmlElement paragraph = XmlElement.like(root, "p");
        XmlElement format = paragraph.append(XmlElement.like(root, "pPr"));
        if (style != null) {
            format.append(XmlElement.like(root, "pStyle")).setAttribute("val", style);
        }
        properties.write(format, ParagraphProperties.SPACE_BEFORE, 0);
        properties.write(format, ParagraphProperties.SPACE_AFTER, 0);
        properties.write(format, ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE);
        properties.write(format, ParagraphProperties.INDENT_LEFT, 0);
        properties.write(format, ParagraphProperties.INDENT_RIGHT, 0);
        properties.write(format, ParagraphProperties.INDENT_FIRST_LINE, 0);
        properties.write(format, ParagraphProperties.ALIGNMENT, content.alignment());
        for (MarginalContent.Piece piece : content.pieces()) {
            if (piece instanceof MarginalContent.Words words) {
                addText(paragraph, content, words.text());
            } else {
                addPageField(paragraph, content);
            }
        }
        return paragraph;
    }

    private void addText(XmlElement paragraph, MarginalContent content, String text) {
        XmlElement element = run(paragraph, content).append(XmlElement.like(paragraph, "t"));
        element.setAttribute(XML, "xml", "space", "preserve");
        element.setText(text);
    }

    /** A complex field, as every reader of the format knows it (ISO 29500-1 §17.16.18). */
    private void addPageField(XmlElement paragraph, MarginalContent content) {
        addFieldMark(paragraph, content, "begin");
        XmlElement instruction = run(paragraph, content).append(XmlElement.like(paragraph, "instrText"));
        instruction.setAttribute(XML, "xml", "space", "preserve");
        instruction.setText(" PAGE ");
        addFieldMark(paragraph, content, "separate");
        run(paragraph, content).append(XmlElement.like(paragraph, "t")).setText("1");
        addFieldMark(paragraph, content, "end");
    }

    private void addFieldMark(XmlElement paragraph, MarginalContent content, String kind) {
        run(paragraph, content).append(XmlElement.like(paragraph, "fldChar")).setAttribute("fldCharType", kind);
    }

    private XmlElement run(XmlElement paragraph, MarginalContent content) {
        XmlElement run = paragraph.append(XmlElement.like(paragraph, "r"));
        XmlElement format = run.append(XmlElement.like(paragraph, "rPr"));
        properties.write(format, CharacterProperties.FACE, content.face());
        properties.write(format, CharacterProperties.FACE_HIGH_ANSI, content.face());
        properties.write(format, CharacterProperties.FACE_COMPLEX, content.face());
        properties.write(format, CharacterProperties.SIZE, content.size());
        return run;
    }

    private static boolean hasPicture(XmlElement element) {
        return Search.first(element, Ns.W, "drawing") != null || Search.first(element, Ns.W, "pict") != null;
    }

    private static String wordsOf(XmlElement element) {
        StringBuilder out = new StringBuilder();
        collectWords(element, out);
        return out.toString();
    }

    private static void collectWords(XmlElement element, StringBuilder out) {
        for (XmlElement child : element.elements()) {
            if (child.is(Ns.W, "t") || child.is(Ns.W, "instrText") || child.is(Ns.W, "fldSimple")) {
                out.append(child.is(Ns.W, "fldSimple") ? "#" : child.text());
            } else {
                collectWords(child, out);
            }
        }
    }
}
