package grintel.core.edit;

import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Something that has formatting of its own: a paragraph, a run of characters or the mark at a paragraph's end.
 *
 * @param paragraph the paragraph it is, or stands in
 */
public record Holder(Kind kind, Target target, Paragraph paragraph, Formatting format) {
    /** What a holder's properties format. */
    public enum Kind {
        PARAGRAPH,
        CHARACTERS
    }

    public static Holder ofParagraph(Paragraph paragraph) {
        return new Holder(Kind.PARAGRAPH, new Target.OfParagraph(paragraph.address()), paragraph, paragraph.format());
    }

    /** The runs of a paragraph that can be addressed, each once, and its mark. */
    public static List<Holder> ofCharacters(Paragraph paragraph) {
        List<Holder> out = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        for (Inline inline : paragraph.inlines()) {
            if (inline.run() >= 0 && seen.add(inline.run())) {
                out.add(ofRun(paragraph, inline));
            }
        }
        out.add(ofMark(paragraph));
        return out;
    }

    public static Holder ofRun(Paragraph paragraph, Inline inline) {
        return new Holder(
                Kind.CHARACTERS, new Target.OfRun(paragraph.address(), inline.run()), paragraph, inline.format());
    }

    public static Holder ofMark(Paragraph paragraph) {
        return new Holder(Kind.CHARACTERS, new Target.OfMark(paragraph.address()), paragraph, paragraph.mark());
    }

    /** Every holder of a kind in a paper: text, notes, headers and footers. */
    public static List<Holder> all(Paper paper, Kind kind) {
        List<Paragraph> paragraphs = new ArrayList<>(paper.paragraphs());
        paragraphs.addAll(paper.noteParagraphs());
        paragraphs.addAll(paper.marginalParagraphs());
        List<Holder> out = new ArrayList<>();
        for (Paragraph paragraph : paragraphs) {
            if (kind == Kind.PARAGRAPH) {
                out.add(ofParagraph(paragraph));
            } else {
                out.addAll(ofCharacters(paragraph));
            }
        }
        return out;
    }
}
