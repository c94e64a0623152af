package grintel.core.compose;

import grintel.core.compose.Content.Appendix;
import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Piece;
import grintel.core.compose.Content.Text;
import grintel.core.guide.Guide;
import java.util.ArrayList;
import java.util.List;

/** Placeholders in brackets that say what goes where, for a paper that is still to be written. */
public final class BlankContent {
    /** Three levels show how they nest; a paper seldom needs the others. */
    private static final int LEVELS = 3;

    static final Line SUMMARY = Line.of("[Abstract: say in one paragraph what the paper is about and what it found.]");
    static final List<String> KEYWORDS = List.of("[keywords]");

    private BlankContent() {}

    /**
     * What waits to be written.
     *
     * @param samples whether headings of several levels, entries and an appendix are shown as well
     */
    public static Content of(Guide guide, boolean samples) {
        List<Integer> sampled = new ArrayList<>();
        int levels = samples ? Math.min(LEVELS, new Form(guide).headings().size()) : 0;
        for (int level = 1; level <= levels; level++) {
            sampled.add(level);
        }
        // A level with one part only is advised against.
        for (int level = levels; level > 1; level--) {
            sampled.add(level);
        }
        List<Piece> text = Outline.text(sampled);
        boolean appendix = samples && guide.ask("appendices.title").isAsked();
        if (appendix) {
            text.add(Text.of("[Text: name the Appendix where it belongs.]"));
        }
        List<Line> sources = samples
                ? List.of(
                        Line.of("[Source: the first one in the order of the alphabet, one paragraph to an entry]"),
                        Line.of("[Source: the next one]"))
                : List.of(Line.of("[Source: one paragraph to an entry]"));
        List<Appendix> appendices = appendix
                ? List.of(new Appendix("[Title of the Appendix]", List.of(Text.of("[Text of the appendix]"))))
                : List.of();
        return new Content(List.of(SUMMARY), KEYWORDS, List.of(), text, sources, appendices);
    }
}
