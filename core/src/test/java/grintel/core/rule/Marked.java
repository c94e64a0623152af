package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.ParagraphBuilder;

/**
 * Paragraphs written in a line. Before a bar stands what is set of one, after it its words: {@code #} is a paragraph's
 * worth, {@code *bold*} and {@code _italic_} a part of them.
 */
final class Marked {
    private Marked() {}

    /** @param indent of its first line, in inches, unless the line says another */
    static void lay(String line, double indent, ParagraphBuilder out) {
        PropertySet.Builder type = new PropertySet.Builder();
        out.set(ParagraphProperties.INDENT_FIRST_LINE, (int) (indent * 1440));
        for (String mark : line.substring(0, line.indexOf('|')).split(", ", -1)) {
            set(mark, out, type);
        }
        PropertySet plain = type.build();
        String words = line.substring(line.indexOf('|') + 1).replace("#", Draft.PROSE);
        PropertySet look = plain;
        for (String piece : words.split("(?=[*_~])|(?<=[*_~])", -1)) {
            switch (piece) {
                case "*" -> look = look == plain ? Draft.BOLD.over(plain) : plain;
                case "_" -> look = look == plain ? Draft.ITALIC.over(plain) : plain;
                case "~" -> look = look == plain ? Draft.type("Arial", 20) : plain;
                default -> out.text(piece, look);
            }
        }
    }

    private static void set(String mark, ParagraphBuilder out, PropertySet.Builder type) {
        String what = mark.split(" ", 2)[0];
        String value = mark.contains(" ") ? mark.substring(mark.indexOf(' ') + 1) : "";
        switch (what) {
            case "exactly" ->
                out.set(ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.EXACTLY, of(value, 20)));
            case "least" ->
                out.set(ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.AT_LEAST, of(value, 20)));
            case "lines" -> out.set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(Double.parseDouble(value)));
            case "after" -> out.set(ParagraphProperties.SPACE_AFTER, of(value, 20));
            case "before" -> out.set(ParagraphProperties.SPACE_BEFORE, of(value, 20));
            case "first" -> out.set(ParagraphProperties.INDENT_FIRST_LINE, of(value, 1440));
            case "left" -> out.set(ParagraphProperties.INDENT_LEFT, of(value, 1440));
            case "justified" -> out.set(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED);
            case "right" -> out.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT);
            case "centred" -> out.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            case "style" -> out.style("H" + value);
            case "size" -> type.set(CharacterProperties.SIZE, of(value, 2));
            case "face" -> type.set(CharacterProperties.FACE, value).set(CharacterProperties.FACE_HIGH_ANSI, value);
            case "bold" -> type.set(CharacterProperties.BOLD, true);
            case "italic" -> type.set(CharacterProperties.ITALIC, true);
            case "underlined" -> type.set(CharacterProperties.UNDERLINE, "single");
            case "capitals" -> type.set(CharacterProperties.CAPITALS, true);
            case "small" -> type.set(CharacterProperties.SMALL_CAPITALS, true);
            default -> {}
        }
    }

    private static int of(String value, int unit) {
        return (int) Math.round(Double.parseDouble(value) * unit);
    }
}
