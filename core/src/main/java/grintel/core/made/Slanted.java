package grintel.core.made;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words of one slant, as low lines mark it: {@code _t_(58)}. */
public record Slanted(String words, boolean italic) {
    private static final Pattern MARKED =
            Pattern.compile("(?<![\\p{L}\\p{N}_])_(?=\\S)([^_]{1,80})(?<=\\S)_(?![\\p{N}_]|\\p{L}{2})");

    /** The stretches of marked words, none of them empty. */
    public static List<Slanted> of(String marked) {
        List<Slanted> out = new ArrayList<>();
        Matcher matcher = MARKED.matcher(marked);
        int at = 0;
        while (matcher.find()) {
            if (matcher.start() > at) {
                out.add(new Slanted(marked.substring(at, matcher.start()), false));
            }
            out.add(new Slanted(matcher.group(1), true));
            at = matcher.end();
        }
        if (at < marked.length()) {
            out.add(new Slanted(marked.substring(at), false));
        }
        return out;
    }

    /** Words without the signs of slant. */
    public static String plain(String marked) {
        return of(marked).stream().map(Slanted::words).reduce("", String::concat);
    }
}
