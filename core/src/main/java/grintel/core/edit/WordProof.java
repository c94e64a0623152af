package grintel.core.edit;

import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;

/**
 * Proof that putting a paper right left its words alone: the visible characters of each paragraph of the text and the
 * notes, white space aside, with a sign for every picture, note and field. Headers and footers are apart; what is put
 * into them is declared.
 */
public final class WordProof {
    private WordProof() {}

    /**
     * Compares a paper before and after.
     *
     * @throws WordsChangedException naming the first paragraph that reads otherwise
     */
    public static void require(Paper before, Paper after) {
        List<String> were = paragraphs(before);
        List<String> are = paragraphs(after);
        for (int i = 0; i < Math.max(were.size(), are.size()); i++) {
            String was = i < were.size() ? were.get(i) : "";
            String is = i < are.size() ? are.get(i) : "";
            if (!was.equals(is)) {
                throw new WordsChangedException("Putting the paper right would have changed words near \""
                        + quote(was.isEmpty() ? is : was) + "\". Nothing was changed.");
            }
        }
    }

    /** A digest of all words of the text and the notes, in hexadecimal. */
    public static String digest(Paper paper) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (String paragraph : paragraphs(paper)) {
                digest.update(paragraph.getBytes(StandardCharsets.UTF_8));
                digest.update((byte) '\n');
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java platform has SHA-256", e);
        }
    }

    private static List<String> paragraphs(Paper paper) {
        List<String> out = new ArrayList<>();
        paper.paragraphs().forEach(paragraph -> add(out, paragraph));
        paper.noteParagraphs().forEach(paragraph -> add(out, paragraph));
        return out;
    }

    private static void add(List<String> out, Paragraph paragraph) {
        StringBuilder letters = new StringBuilder();
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text) {
                text.text().codePoints().filter(WordProof::isVisible).forEach(letters::appendCodePoint);
            } else if (inline instanceof Inline.NoteSign sign) {
                letters.append('[').append(sign.note().id()).append(']');
            } else if (inline instanceof Inline.TextBox box) {
                List<String> inside = new ArrayList<>();
                box.paragraphs().forEach(each -> add(inside, each));
                letters.append(inside);
            } else if (!(inline instanceof Inline.Tab || inline instanceof Inline.Break)) {
                letters.append(Paragraph.OBJECT);
            }
        }
        if (!letters.isEmpty()) {
            out.add(letters.toString());
        }
    }

    private static boolean isVisible(int codePoint) {
        return !Character.isWhitespace(codePoint) && !Character.isSpaceChar(codePoint);
    }

    private static String quote(String letters) {
        return letters.length() <= 40 ? letters : letters.substring(0, 40) + "…";
    }

    /** Words would have been changed; the result was thrown away. */
    public static final class WordsChangedException extends RuntimeException {
        WordsChangedException(String message) {
            super(message);
        }
    }
}
