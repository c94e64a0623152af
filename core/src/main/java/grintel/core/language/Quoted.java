package grintel.core.language;

import java.util.ArrayList;
import java.util.List;

/** Passages in quotation marks. */
public final class Quoted {
    /** A passage longer than this is taken for none. */
    private static final int LONGEST = 10_000;

    private Quoted() {}

    /**
     * A passage.
     *
     * @param from where its opening mark stands
     * @param to after its closing mark
     */
    public record Passage(int from, int to) {}

    /** The passages of a text, those inside others left out; a mark that nothing closes opens none. */
    public static List<Passage> in(String text) {
        List<Passage> out = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            char open = text.charAt(at);
            int close = open == '“' ? closing(text, at) : open == '"' ? text.indexOf('"', at + 1) : -1;
            if (close > at) {
                out.add(new Passage(at, close + 1));
                at = close;
            }
            at++;
        }
        return out;
    }

    private static int closing(String text, int from) {
        int depth = 0;
        for (int i = from; i < Math.min(text.length(), from + LONGEST); i++) {
            depth += text.charAt(i) == '“' ? 1 : text.charAt(i) == '”' ? -1 : 0;
            if (depth == 0) {
                return i;
            }
        }
        return -1;
    }

    /** Whether one pair of marks holds a whole text, but for a citation after it. */
    public static boolean isWhole(String text) {
        String plain = text.strip();
        List<Passage> passages = in(plain);
        return !passages.isEmpty()
                && passages.get(0).from() == 0
                && plain.substring(passages.get(0).to()).matches("[.,;]?\\s*(\\([^()]{1,80}\\))?[.,;]?");
    }
}
