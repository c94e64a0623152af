package grintel.formats.pdf;

import grintel.core.paper.Paper;
import grintel.core.structure.PaperFacts;
import grintel.core.structure.Parts;
import java.time.Instant;
import java.util.regex.Pattern;

/**
 * What a PDF says about itself.
 *
 * @param title never empty
 * @param author empty where it is not known
 * @param language tag of the text's language (BCP 47)
 * @param made when it was made
 */
public record PdfDetails(String title, String author, String language, Instant made) {
    private static final String STANDARD_LANGUAGE = "en";
    private static final Pattern TAG = Pattern.compile("[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*");

    /** The details of a paper: its title as it stands over the text, else as its file says, else the file's name. */
    public static PdfDetails of(Paper paper, Parts parts, String fileName, Instant made) {
        PaperFacts facts = parts.facts();
        String whole = facts.wholeTitle();
        String said = whole.isEmpty() ? paper.properties().title().strip() : whole;
        String language = paper.styles().language();
        return new PdfDetails(
                said.isEmpty() ? fileName.replaceAll("\\.[A-Za-z]{3,4}$", "") : said,
                paper.properties().author().strip(),
                TAG.matcher(language).matches() ? language : STANDARD_LANGUAGE,
                made);
    }
}
