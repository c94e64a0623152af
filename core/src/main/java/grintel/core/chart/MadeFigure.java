package grintel.core.chart;

import java.util.List;

/**
 * A figure in the guide's form, before it has a place. Words between low lines, {@code _M_}, are slanted.
 *
 * @param notes paragraphs under it, without the word that opens the first
 * @param alternative what the figure shows, for those who do not see it
 */
public record MadeFigure(String title, Chart chart, List<String> notes, String alternative) {
    public MadeFigure {
        notes = List.copyOf(notes);
    }
}
