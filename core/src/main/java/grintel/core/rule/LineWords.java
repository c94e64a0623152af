package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.VisibleText;
import java.util.List;

/** The words of lines that a guide says to the letter. */
public final class LineWords {
    private LineWords() {}

    /** The readings of a rule that asks that lines say some words and nothing else. */
    public static List<Reading> readings(String rule, Subjects<Stretch> lines, String words) {
        return lines.check(rule, "words")
                .measure(line -> new Measure.Quote(said(line)))
                .asks(new Measure.Quote(words))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) ->
                                off.stream().map(line -> replaced(line, words)).toList())
                .fixable(line -> said(line).indexOf('\uFFFC') < 0)
                .readings();
    }

    /** The words of a line in single spaces. */
    private static String said(Stretch line) {
        return VisibleText.of(line.paragraph()).text().strip().replaceAll("[\\s\u00A0]+", " ");
    }

    /** The edit that makes a line say some words. */
    public static Edit replaced(Stretch line, String words) {
        VisibleText visible = VisibleText.of(line.paragraph());
        String text = visible.text();
        int from = text.length() - text.stripLeading().length();
        return Edit.ReplaceText.words(visible.range(from, text.stripTrailing().length()), words);
    }
}
