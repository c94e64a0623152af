package grintel.core.rule;

import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.structure.Parts;
import grintel.core.structure.Role;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Facts as far as the paper itself tells them.
 *
 * @param surname last word of the author's line, or null
 * @param title the paper's title, or empty
 */
public record PaperFacts(@Nullable String surname, String title) {
    private static final Pattern NAME =
            Pattern.compile("\\p{Lu}[\\p{L}.'’-]*(\\s+(\\p{Lu}[\\p{L}.'’-]*|[a-z]{2,3})){1,4}");
    private static final Pattern TITLED = Pattern.compile("(?i)(dr|prof|professor|mr|mrs|ms|instructor)\\b.*");
    private static final Pattern NOT_A_NAME = Pattern.compile(
            "(?i).*\\b(college|university|school|department|institute|course|literature|english|history|biology|psychology|"
                    + "class|period|essay|paper|january|february|march|april|may|june|july|august|september|october|november|"
                    + "december)\\b.*");

    /** Reads the facts off the opening. */
    public static PaperFacts read(Paper paper, Parts parts) {
        String title = "";
        Paragraph titled = parts.first(Role.TITLE);
        List<Paragraph> titlePage = parts.of(Role.TITLE_PAGE);
        if (titled != null) {
            title = plain(titled);
        } else if (!titlePage.isEmpty()) {
            title = plain(titlePage.get(0));
        }
        List<Paragraph> block = parts.of(Role.HEADING_BLOCK);
        if (!block.isEmpty()) {
            return new PaperFacts(surname(plain(block.get(0))), title);
        }
        // On a title page the author comes after the title.
        for (Paragraph line : titlePage.subList(Math.min(1, titlePage.size()), titlePage.size())) {
            String surname = surname(plain(line));
            if (surname != null) {
                return new PaperFacts(surname, title);
            }
        }
        return new PaperFacts(authorOf(paper), title);
    }

    private static @Nullable String authorOf(Paper paper) {
        return surname(paper.properties().author().strip());
    }

    private static @Nullable String surname(String line) {
        if (!NAME.matcher(line).matches()
                || TITLED.matcher(line).matches()
                || NOT_A_NAME.matcher(line).matches()) {
            return null;
        }
        return line.substring(line.lastIndexOf(' ') + 1);
    }

    private static String plain(Paragraph paragraph) {
        return paragraph.text().replace(Paragraph.OBJECT, ' ').strip().replaceAll("\\s+", " ");
    }
}
