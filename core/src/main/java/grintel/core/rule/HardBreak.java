package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;

/**
 * A hard line break between words of a paragraph.
 *
 * @param range the break, and the white space after it
 * @param between what parts the words once it is gone: nothing where white space stands before it
 */
public record HardBreak(TextRange range, String between) {
    /** The breaks of a paragraph with something on either side. */
    public static List<HardBreak> in(Paragraph paragraph) {
        if (paragraph.inlines().stream().noneMatch(HardBreak::isBreak)) {
            return List.of();
        }
        List<HardBreak> out = new ArrayList<>();
        String characters = paragraph.characters();
        int last = characters.stripTrailing().length();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (isBreak(inline) && at > 0 && at < last) {
                int to = at + 1;
                while (to < last && (characters.charAt(to) == ' ' || characters.charAt(to) == '\t')) {
                    to++;
                }
                boolean spaced = Character.isWhitespace(characters.charAt(at - 1));
                out.add(new HardBreak(new TextRange(paragraph.address(), at, to), spaced ? "" : " "));
            }
            at += inline.length();
        }
        return out;
    }

    private static boolean isBreak(Inline inline) {
        return inline instanceof Inline.Break end && end.kind() == Inline.Break.Kind.LINE;
    }

    /** Takes it out; a space stays between the words. */
    public Edit removal() {
        return Edit.ReplaceText.words(range, between);
    }
}
