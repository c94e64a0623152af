package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import java.util.ArrayList;
import java.util.List;

/** White space typed at the start of a paragraph. */
public final class LeadingSpace {
    private LeadingSpace() {}

    /** The white space before the first visible character. */
    public static String of(Paragraph paragraph) {
        StringBuilder out = new StringBuilder();
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Tab) {
                out.append('\t');
            } else if (inline instanceof Inline.Text text && !text.hidden()) {
                for (int i = 0; i < text.text().length(); i++) {
                    char c = text.text().charAt(i);
                    if (!isSpace(c)) {
                        return out.toString();
                    }
                    out.append(c);
                }
            } else if (inline.length() > 0) {
                return out.toString();
            }
        }
        return out.toString();
    }

    /** Edits that take away the white space before the first visible character. */
    public static List<Edit> removal(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        int end = endOfSpace(visible.text(), 0);
        return end == 0 ? List.of() : List.of(Edit.ReplaceText.words(visible.range(0, end), ""));
    }

    /** Edits that take away the white space at the start of each line that hard breaks make. */
    public static List<Edit> removalFromLines(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        String text = visible.text();
        List<Edit> edits = new ArrayList<>();
        for (int from = 0; from < text.length(); ) {
            int end = endOfSpace(text, from);
            if (end > from) {
                edits.add(Edit.ReplaceText.words(visible.range(from, end), ""));
            }
            int next = text.indexOf('\n', end);
            from = next < 0 ? text.length() : next + 1;
        }
        return edits;
    }

    private static int endOfSpace(String text, int from) {
        int end = from;
        while (end < text.length() && (isSpace(text.charAt(end)) || text.charAt(end) == '\t')) {
            end++;
        }
        return end;
    }

    private static boolean isSpace(char c) {
        return c == ' ' || c == '\u00A0' || c == '\u2003' || c == '\u2002' || c == '\u3000';
    }
}
