package grintel.core.paper;

/**
 * What the file's properties say; empty where they say nothing.
 *
 * @param author the creator as the file names it
 * @param language tag of the text's language (BCP 47)
 */
public record DocumentProperties(String title, String author, String language) {
    public static final DocumentProperties NONE = new DocumentProperties("", "", "");
}
