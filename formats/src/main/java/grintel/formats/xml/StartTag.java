package grintel.formats.xml;

import org.jspecify.annotations.Nullable;

/** Changes one attribute in the text of a start tag and leaves the rest of it as it is. */
final class StartTag {
    private StartTag() {}

    /** The tag with the attribute set, or taken away with null. */
    static String with(String tag, String prefix, String name, @Nullable String value) {
        String qualified = prefix.isEmpty() ? name : prefix + ":" + name;
        int at = find(tag, qualified);
        if (at < 0) {
            int close = tag.endsWith("/>") ? tag.length() - 2 : tag.length() - 1;
            String before = tag.substring(0, close).stripTrailing();
            return value == null
                    ? tag
                    : before + " " + qualified + "=\"" + Escapes.attribute(value) + "\"" + tag.substring(close);
        }
        int equals = tag.indexOf('=', at);
        int open = equals + 1;
        while (Character.isWhitespace(tag.charAt(open))) {
            open++;
        }
        int close = tag.indexOf(tag.charAt(open), open + 1);
        if (value == null) {
            return tag.substring(0, at).stripTrailing() + tag.substring(close + 1);
        }
        return tag.substring(0, open) + "\"" + Escapes.attribute(value) + "\"" + tag.substring(close + 1);
    }

    /** Where an attribute's name starts, passing over what stands in quotes; -1 where it is not there. */
    private static int find(String tag, String qualified) {
        int i = 1;
        while (i < tag.length()) {
            char c = tag.charAt(i);
            if (c == '"' || c == '\'') {
                i = tag.indexOf(c, i + 1) + 1;
                continue;
            }
            boolean starts = Character.isWhitespace(tag.charAt(i - 1)) && tag.startsWith(qualified, i);
            if (starts) {
                char next = tag.charAt(i + qualified.length());
                if (next == '=' || Character.isWhitespace(next)) {
                    return i;
                }
            }
            i++;
        }
        return -1;
    }
}
