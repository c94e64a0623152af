package grintel.formats.xml;

/** Writes characters so that XML reads them back. */
public final class Escapes {
    private Escapes() {}

    /** Between tags; characters XML 1.0 cannot hold are left out. */
    public static String text(String text) {
        return escape(text, false);
    }

    /** Between double quotes. */
    public static String attribute(String text) {
        return escape(text, true);
    }

    private static String escape(String text, boolean quoted) {
        int at = 0;
        while (at < text.length() && isPlain(text.charAt(at), quoted)) {
            at++;
        }
        // Most texts can stand as they are.
        if (at == text.length()) {
            return text;
        }
        StringBuilder out = new StringBuilder(text.length() + 16).append(text, 0, at);
        for (int i = at; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '"' -> out.append(quoted ? "&quot;" : "\"");
                case '\n', '\t' -> out.append(quoted ? "&#" + (int) c + ";" : String.valueOf(c));
                case '\r' -> out.append("&#13;");
                default -> {
                    if (c >= ' ' && c < 0xFFFE) {
                        out.append(c);
                    }
                }
            }
        }
        return out.toString();
    }

    private static boolean isPlain(char c, boolean quoted) {
        return switch (c) {
            case '&', '<', '>' -> false;
            case '"' -> !quoted;
            default -> c >= ' ' && c < 0xFFFE;
        };
    }
}
