package grintel.core.edit;

import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Run;
import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

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

    /** The runs of a paragraph that edits can name, neighbours of the same properties as one, and its mark. */
    public static List<Holder> ofCharacters(Paragraph paragraph) {
        List<Holder> out = ofRuns(paragraph);
        out.add(ofMark(paragraph));
        return out;
    }

    /** The runs of a paragraph that edits can name, neighbours of the same properties as one. */
    public static List<Holder> ofRuns(Paragraph paragraph) {
        return ofRuns(paragraph, number -> true);
    }

    /** Those of a paragraph's runs that edits can name whose numbers pass a test, neighbours of the same properties as one. */
    public static List<Holder> ofRuns(Paragraph paragraph, IntPredicate numbers) {
        List<Holder> out = new ArrayList<>();
        int at = 0;
        int from = 0;
        Run run = null;
        for (Inline inline : paragraph.inlines()) {
            if (inline.length() > 0) {
                if (run == null || !isOne(run, inline.run(), numbers)) {
                    add(paragraph, run, from, at, numbers, out);
                    from = at;
                    run = inline.run();
                }
                at += inline.length();
            }
        }
        add(paragraph, run, from, at, numbers, out);
        return out;
    }

    /** Whether a run goes on, or neighbours another that edits can name and that is formatted by the same properties. */
    private static boolean isOne(Run run, Run next, IntPredicate numbers) {
        return run.number() == next.number()
                || run.number() >= 0
                        && next.number() >= 0
                        && numbers.test(run.number())
                        && numbers.test(next.number())
                        && run.format().equals(next.format());
    }

    private static void add(
            Paragraph paragraph, @Nullable Run run, int from, int to, IntPredicate numbers, List<Holder> out) {
        if (run != null && run.number() >= 0 && numbers.test(run.number())) {
            TextRange range = new TextRange(paragraph.address(), from, to);
            out.add(new Holder(Kind.CHARACTERS, new Target.OfRange(range), paragraph, run.format()));
        }
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
