package grintel.core.paper;

/**
 * What a text holds, seen in one walk through its characters: how many words, and which signs. It spares most paragraphs
 * the closer look that every rule about some sign would take.
 */
public final class Glance {
    private static final int ASCII = 128;
    private static final long SPACE = 1;
    private static final long LETTER = 1 << 1;
    private static final long DIGIT = 1 << 2;
    /** What is noted of each character of ASCII: all but white space, small letters and digits have a bit of their own. */
    private static final long[] BITS = bits();

    private final long seen;
    private final long doubled;
    /** A bit for each remainder by 64 of the characters beyond ASCII. */
    private final long beyond;

    private final int words;

    private Glance(String text) {
        long all = 0;
        long twice = 0;
        long others = 0;
        long before = 0;
        int count = 0;
        long within = 0;
        // Without a branch that turns on the character, as no processor foresees where words end.
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            long bits;
            if (c < ASCII) {
                bits = BITS[c];
            } else {
                bits = bitsBeyond(c);
                others |= 1L << c;
            }
            all |= bits;
            twice |= bits & before;
            before = bits;
            long letter = (bits & LETTER) >> 1;
            count += (int) (letter & ~within);
            within = (within | letter) & ~bits;
        }
        seen = all;
        doubled = twice;
        beyond = others;
        words = count;
    }

    /** Looks at all characters of a text. */
    public static Glance of(String text) {
        return new Glance(text);
    }

    private static long[] bits() {
        long[] bits = new long[ASCII];
        long own = DIGIT << 1;
        for (char c = 0; c < ASCII; c++) {
            bits[c] = bitsBeyond(c);
            if (c >= '0' && c <= '9') {
                bits[c] |= DIGIT;
            } else if (c > ' ' && c < ASCII - 1 && !Character.isLowerCase(c)) {
                bits[c] |= own;
                own <<= 1;
            }
        }
        return bits;
    }

    /** Whether a character is white space, or makes a word; halves of a pair do. */
    private static long bitsBeyond(char c) {
        if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
            return SPACE;
        }
        return Character.isLetterOrDigit(c) || Character.isSurrogate(c) ? LETTER : 0;
    }

    /** Runs without white space that hold a letter or a digit. */
    public int words() {
        return words;
    }

    /** Whether a digit of ASCII is among the characters. */
    public boolean holdsDigit() {
        return (seen & DIGIT) != 0;
    }

    /** Whether white space stands beside white space. */
    public boolean holdsTwoSpaces() {
        return (doubled & SPACE) != 0;
    }

    /** Whether a sign or a capital of ASCII stands beside another such. */
    public boolean holdsTwo(char sign) {
        return isIn(doubled, sign);
    }

    /** Whether a character may be in the text: for certain where it is a sign or a capital of ASCII, else perhaps. */
    public boolean mayHold(char sign) {
        return sign < ASCII ? isIn(seen, sign) : (beyond & 1L << sign) != 0;
    }

    private static boolean isIn(long bits, char sign) {
        long own = BITS[sign] & ~(SPACE | LETTER);
        return (bits & (own == 0 ? BITS[sign] : own)) != 0;
    }

    /** Whether any of some characters may be in the text. */
    public boolean mayHoldAny(String signs) {
        for (int i = 0; i < signs.length(); i++) {
            if (mayHold(signs.charAt(i))) {
                return true;
            }
        }
        return false;
    }
}
