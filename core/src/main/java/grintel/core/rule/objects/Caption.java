package grintel.core.rule.objects;

import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Stretch;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The number of a table or a figure and its title, as they were typed.
 *
 * @param line the paragraph that holds the number
 * @param word what it is called before its number
 * @param figure the characters of the number itself, the sign after it aside; all of the line where none can be told
 * @param number what the figure says, null where it says no number
 * @param label the characters of word, number and the sign after it
 * @param gap the white space between the label and a title that follows in the same paragraph
 * @param title null where there is none
 */
public record Caption(
        Paragraph line,
        String word,
        TextRange figure,
        @Nullable ObjectNumber number,
        Stretch label,
        TextRange gap,
        @Nullable Stretch title) {
    private static final Pattern FORM = Pattern.compile(
            "\\s*(?<word>\\p{L}+\\.?)[\\s\\u00A0]+(?<figure>[A-Za-z]?[.-]?\\d{1,3}|[IVXLivxl]{1,6})"
                    + "(?<mark>\\s?[.:]|\\s[–—-](?=\\s))?(?<gap>[\\s\\u00A0]*)(?<rest>.*)",
            Pattern.DOTALL);

    /**
     * Takes a caption apart.
     *
     * @param under the title in a paragraph of its own, null for none
     */
    static Caption of(Paragraph line, @Nullable Paragraph under) {
        VisibleText visible = VisibleText.of(line);
        Stretch below = under == null ? null : Stretch.of(under);
        Matcher form = FORM.matcher(visible.text());
        if (!form.matches()) {
            int end = visible.text().length();
            TextRange all = visible.range(0, end);
            return new Caption(line, "", all, null, Stretch.of(line), visible.range(end, end), below);
        }
        int end = form.start("gap");
        String rest = form.group("rest");
        Stretch beside = rest.isBlank()
                ? null
                : Stretch.of(
                        line,
                        visible.range(
                                form.start("rest"),
                                form.start("rest") + rest.stripTrailing().length()));
        return new Caption(
                line,
                form.group("word"),
                visible.range(form.start("figure"), form.end("figure")),
                ObjectNumber.of(form.group("figure")),
                Stretch.of(line, visible.range(form.start("word"), end)),
                visible.range(end, beside == null ? end : form.start("rest")),
                beside == null ? below : beside);
    }

    /** The paragraphs it takes, in order. */
    public List<Paragraph> paragraphs() {
        return title == null || title.paragraph().equals(line) ? List.of(line) : List.of(line, title.paragraph());
    }

    /** The label in single spaces. */
    String said() {
        return label.characters().replaceAll("[\\s\\u00A0]+", " ").strip();
    }

    /** Whether the title stands in the paragraph of the number. */
    boolean isInOneParagraph() {
        return title != null && title.paragraph().equals(line);
    }

    /** Whether the title is seen in the line of the number, no break between them. */
    boolean isInOneLine() {
        return isInOneParagraph()
                && line.characters().substring(gap.from(), gap.to()).indexOf('\n') < 0;
    }
}
