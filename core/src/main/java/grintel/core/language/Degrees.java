package grintel.core.language;

import java.util.regex.Pattern;

/** The degrees and titles that some put to a name. */
public final class Degrees {
    /** A title before a name, or a degree after one with the comma that leads to it. */
    public static final Pattern PATTERN =
            Pattern.compile("^(?:Dr|Prof|Professor|Mr|Mrs|Ms|Miss|Rev)\\.?\\s+(?=\\p{Lu})|"
                    + ",?\\s+(?:Ph\\.?\\s?D|M\\.?D|Ed\\.?D|M\\.?A|M\\.?Sc|M\\.?S|B\\.?A|B\\.?Sc|B\\.?S|M\\.?Ed|M\\.?B\\.?A|R\\.?N|Esq)"
                    + "\\.?(?=$|[,;\\s])");

    private Degrees() {}

    /** A line of names without its degrees; a title before the first name goes as well. */
    public static String without(String line) {
        return PATTERN.matcher(line).replaceAll("");
    }
}
