package grintel.core.paper;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A paragraph.
 *
 * @param style the style that holds, named or standard; null where the file has none
 * @param direct what the paragraph itself says, leaving its styles aside
 * @param markDirect what the paragraph mark itself says
 * @param mark formatting of the paragraph mark, which decides the height of an empty paragraph
 * @param label the list's number or bullet, or null
 * @param endsSection whether the paragraph carries the end of a section
 * @param inTable whether it stands in a table cell
 * @param markRevision whether a tracked change inserted or deleted its mark
 */
public record Paragraph(
        ParagraphAddress address,
        @Nullable Style style,
        PropertySet direct,
        Formatting format,
        PropertySet markDirect,
        Formatting mark,
        @Nullable ListLabel label,
        List<Inline> inlines,
        boolean endsSection,
        boolean inTable,
        Revision markRevision)
        implements Block {
    /** Stands in {@link #text()} for what is no character: a picture, a note's sign, a page number. */
    public static final char OBJECT = '\uFFFC';

    public Paragraph {
        inlines = List.copyOf(inlines);
    }

    /** What can be read in the paragraph: tabs as tabs, breaks as line feeds, hidden text left out. */
    public String text() {
        // Most paragraphs are one run: its characters need no copy.
        if (inlines.size() == 1 && inlines.get(0) instanceof Inline.Text only) {
            return only.hidden() ? "" : only.text();
        }
        StringBuilder out = new StringBuilder();
        for (Inline inline : inlines) {
            if (inline instanceof Inline.Ruby ruby) {
                out.append(ruby.text());
            } else if (!inline.run().hidden()) {
                append(inline, out);
            }
        }
        return out.toString();
    }

    /** All characters, hidden ones too: what offsets of {@link TextRange} count. Deleted ones are no longer there. */
    public String characters() {
        StringBuilder out = new StringBuilder();
        inlines.forEach(inline -> append(inline, out));
        return out.toString();
    }

    private static void append(Inline inline, StringBuilder out) {
        if (inline instanceof Inline.Text text) {
            out.append(text.text());
        } else if (inline instanceof Inline.Tab) {
            out.append('\t');
        } else if (inline instanceof Inline.Break) {
            out.append('\n');
        } else if (inline.length() > 0) {
            out.append(OBJECT);
        }
    }

    /** Whether nothing can be seen in it, nor hidden or deleted characters brought back: a break alone is blank. */
    public boolean isBlank() {
        if (label != null && !label.text().isBlank()) {
            return false;
        }
        for (Inline inline : inlines) {
            if (inline instanceof Inline.Text text) {
                if (!isWhite(text.text())) {
                    return false;
                }
            } else if (inline instanceof Inline.Deleted deleted) {
                if (!isWhite(deleted.text())) {
                    return false;
                }
            } else if (!(inline instanceof Inline.Tab
                    || inline instanceof Inline.Break
                    || inline instanceof Inline.Edge edge && edge.kind() != Inline.Edge.Kind.COMMENT)) {
                return false;
            }
        }
        return true;
    }

    /** Whether it holds characters, all of them are hidden, and its mark is too, so that it takes no room. */
    public boolean isHidden() {
        return mark.get(CharacterProperties.HIDDEN)
                && inlines.stream()
                        .filter(inline -> inline.length() > 0)
                        .allMatch(inline -> inline.run().hidden());
    }

    /** Whether it reads on into the next paragraph in one line, its mark being deleted or hidden. */
    public boolean runsOn() {
        return markRevision == Revision.DELETED || mark.get(CharacterProperties.HIDDEN);
    }

    /** Whether a break to a new page stands in it. */
    public boolean hasPageBreak() {
        return inlines.stream()
                .anyMatch(inline -> inline instanceof Inline.Break at && at.kind() == Inline.Break.Kind.PAGE);
    }

    /** Whether a tracked change inserted or deleted anything in it. */
    public boolean isRevised() {
        return markRevision != Revision.NONE
                || inlines.stream().anyMatch(inline -> inline.run().revision() != Revision.NONE);
    }

    /** The visible characters with their formatting. */
    public List<Inline.Text> texts() {
        if (inlines.size() == 1 && inlines.get(0) instanceof Inline.Text only) {
            return only.hidden() ? List.of() : List.of(only);
        }
        List<Inline.Text> out = new ArrayList<>(inlines.size());
        for (Inline inline : inlines) {
            if (inline instanceof Inline.Text text && !text.hidden()) {
                out.add(text);
            }
        }
        return out;
    }

    /** Id of the paragraph's style, or empty. */
    public String styleId() {
        return style == null ? "" : style.id();
    }

    /** All of the paragraph's characters. */
    public TextRange range() {
        int length = 0;
        for (Inline inline : inlines) {
            length += inline.length();
        }
        return new TextRange(address, 0, length);
    }

    /** The left indent in twips, character units worked out against the size of the paragraph mark. */
    public int leftIndent() {
        return indent(ParagraphProperties.INDENT_LEFT, ParagraphProperties.INDENT_LEFT_CHARACTERS);
    }

    /** The right indent in twips, character units worked out. */
    public int rightIndent() {
        return indent(ParagraphProperties.INDENT_RIGHT, ParagraphProperties.INDENT_RIGHT_CHARACTERS);
    }

    /** The first line's indent beyond the left indent in twips, negative where it hangs out. */
    public int firstLineIndent() {
        return indent(ParagraphProperties.INDENT_FIRST_LINE, ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS);
    }

    private int indent(Property<Integer> twips, Property<Integer> hundredthsOfCharacters) {
        int characters = format.get(hundredthsOfCharacters);
        if (characters == 0) {
            return format.get(twips);
        }
        // A character is as wide as the type is high: half-points x 10 twips.
        return Math.toIntExact((long) characters * mark.get(CharacterProperties.SIZE) * 10 / 100);
    }

    private static boolean isWhite(String text) {
        return text.codePoints().allMatch(c -> Character.isWhitespace(c) || Character.isSpaceChar(c) || c == 0x200B);
    }
}
