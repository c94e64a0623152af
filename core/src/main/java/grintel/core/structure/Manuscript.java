package grintel.core.structure;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Block;
import grintel.core.paper.Blocks;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.Table;
import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;

/** The paragraphs of a paper's text as lines to be told apart, and what holds of them taken together. */
final class Manuscript {
    /** A table that holds more of the paper's words than this is no table but a frame for the page. */
    private static final double MOST_OF_THE_PAPER = 0.5;

    private static final int MOST_HEADING_LINES = 10;
    private static final int LONGEST_HEADING_LINE = 14;

    private final List<Line> lines = new ArrayList<>();
    private final boolean[] inGrid;
    private final List<Grid> grids = new ArrayList<>();
    private final int usualIndent;
    private final int usualFirstLine;
    private final boolean fixedWidth;

    Manuscript(Paper paper, Proof proof) {
        for (Paragraph paragraph : paper.paragraphs()) {
            lines.add(Line.of(paragraph, proof));
        }
        inGrid = new boolean[lines.size()];
        int words = lines.stream().mapToInt(Line::words).sum();
        for (Section section : paper.sections()) {
            for (Block block : section.blocks()) {
                if (block instanceof Table table) {
                    addGrid(table, words);
                }
            }
        }
        usualIndent = mostWords(Line::leftIndent);
        usualFirstLine = mostWords(line -> line.paragraph().firstLineIndent());
        fixedWidth = mostWords(line -> isFixedWidth(line) ? 1 : 0) == 1;
        mistrustMisusedStyles();
    }

    /** A heading style in which most words are prose says nothing of its lines. */
    private void mistrustMisusedStyles() {
        Map<String, Integer> prose = new HashMap<>();
        for (Line line : lines) {
            if (line.styleLevel() > 0) {
                int words = line.isProse() ? line.words() : -line.words();
                prose.merge(line.paragraph().styleId(), words, Integer::sum);
            }
        }
        lines.replaceAll(line -> prose.getOrDefault(line.paragraph().styleId(), 0) > 0 ? line.withoutLevel() : line);
    }

    private void addGrid(Table table, int wordsOfPaper) {
        List<Paragraph> cells = Blocks.paragraphs(List.of(table));
        if (cells.isEmpty()) {
            return;
        }
        int first = cells.get(0).address().index();
        int last = cells.get(cells.size() - 1).address().index();
        int words = 0;
        boolean prose = false;
        for (int i = first; i <= last; i++) {
            words += lines.get(i).words();
            prose |= lines.get(i).isProse();
        }
        boolean frame = prose ? words > wordsOfPaper * MOST_OF_THE_PAPER : holdsHeadingLines(first, last);
        if (!frame) {
            grids.add(new Grid(first, last));
            for (int i = first; i <= last; i++) {
                inGrid[i] = true;
            }
        }
    }

    /** Whether a table opens the paper and holds nothing but lines that name the writer, the course and such. */
    private boolean holdsHeadingLines(int first, int last) {
        int filled = 0;
        boolean named = false;
        for (int i = first; i <= last; i++) {
            Line line = lines.get(i);
            if (line.words() > LONGEST_HEADING_LINE) {
                return false;
            }
            filled += line.text().isEmpty() ? 0 : 1;
            named |=
                    Elements.isDate(line.text()) || Names.isTitled(line.text()) || Elements.isCourseNumber(line.text());
        }
        return previous(first) < 0 && named && filled >= 2 && filled <= MOST_HEADING_LINES;
    }

    /** What most words of prose have in common. */
    private int mostWords(ToIntFunction<Line> quality) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (Line line : lines) {
            if (line.isProse()) {
                counts.merge(quality.applyAsInt(line), line.words(), Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse(0);
    }

    /** Whether all its letters are of a face whose letters are all equally wide. */
    static boolean isFixedWidth(Line line) {
        return line.every(
                text -> FaceCatalogue.shipped().isFixedWidth(text.format().get(CharacterProperties.FACE)));
    }

    int size() {
        return lines.size();
    }

    Line get(int index) {
        WorkLimits.goOn();
        return lines.get(index);
    }

    /** Whether a line stands in a table that is one. */
    boolean isInGrid(int index) {
        return inGrid[index];
    }

    List<Grid> grids() {
        return grids;
    }

    /** The left indent of most of the prose, in twips. */
    int usualIndent() {
        return usualIndent;
    }

    /** The first-line indent of most of the prose, in twips. */
    int usualFirstLine() {
        return usualFirstLine;
    }

    /** Whether the prose itself is set in a face of fixed width. */
    boolean isFixedWidth() {
        return fixedWidth;
    }

    /** Index of the next line after one that is not blank, or {@link #size()}. */
    int next(int index) {
        int at = index + 1;
        while (at < lines.size() && lines.get(at).isBlank() && !inGrid[at]) {
            at++;
        }
        return Math.min(at, lines.size());
    }

    /** Index of the last line before one that is not blank, or -1. */
    int previous(int index) {
        int at = index - 1;
        while (at >= 0 && lines.get(at).isBlank() && !inGrid[at]) {
            at--;
        }
        return at;
    }

    /** Whether nothing but blank lines comes before a line on its page. */
    boolean startsPage(int index) {
        int before = previous(index);
        return before < 0 || lines.get(before).page() < lines.get(index).page();
    }

    /** Whether a line stands apart from the text by its looks or its place, as a label does. */
    boolean standsApart(int index) {
        Line line = lines.get(index);
        return line.centred() || line.isBold() || line.styleLevel() > 0 || startsPage(index);
    }

    /** Whether a line holds a picture and no words. */
    boolean isPicture(int index) {
        Line line = lines.get(index);
        return line.text().isEmpty()
                && line.paragraph().inlines().stream()
                        .anyMatch(inline -> inline instanceof Inline.Picture || inline instanceof Inline.TextBox)
                && line.holdsPicture();
    }

    /** The paragraphs of a table, from its first to its last cell. */
    record Grid(int first, int last) {}
}
