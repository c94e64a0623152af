package grintel.core.paper;

/**
 * What the file's properties say; empty where they say nothing.
 *
 * @param author the creator as the file names it
 */
public record DocumentProperties(String title, String author) {
    public static final DocumentProperties NONE = new DocumentProperties("", "");
}
