package grintel.server.table;

import grintel.core.table.MadeTable;
import grintel.server.problem.Problem;
import grintel.server.support.OneLine;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A table in the guide's form, as it is shown and edited. Words between low lines are slanted.
 *
 * @param report the sentence that tells the test in the text
 */
public record TableChoice(
        @Nullable String title,
        @Nullable List<List<HeadChoice>> heads,
        @Nullable List<List<String>> rows,
        @Nullable List<String> notes,
        @Nullable String report) {
    private static final int LONGEST_CELL = 2000;

    /** As it is sent to the page. */
    public static TableChoice of(MadeTable table) {
        return new TableChoice(
                table.title(),
                table.heads().stream()
                        .map(row -> row.stream()
                                .map(head -> new HeadChoice(head.words(), head.span()))
                                .toList())
                        .toList(),
                table.rows(),
                table.notes(),
                table.report());
    }

    /** The table; refused where its cells make none. */
    public MadeTable read() {
        try {
            return new MadeTable(
                    tidy(title),
                    Objects.requireNonNullElse(heads, List.<List<HeadChoice>>of()).stream()
                            .map(row -> row.stream().map(HeadChoice::read).toList())
                            .toList(),
                    Objects.requireNonNullElse(rows, List.<List<String>>of()).stream()
                            .map(row -> row.stream().map(TableChoice::tidy).toList())
                            .toList(),
                    Objects.requireNonNullElse(notes, List.<String>of()).stream()
                            .map(TableChoice::tidy)
                            .filter(note -> !note.isEmpty())
                            .toList(),
                    tidy(report));
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("The cells of the table do not fill its columns.");
        }
    }

    static String tidy(@Nullable String words) {
        String plain = OneLine.of(words);
        if (plain.length() > LONGEST_CELL) {
            throw Problem.badRequest("A cell has at most 2,000 characters.");
        }
        return plain;
    }

    /** A head over one column or several. */
    public record HeadChoice(@Nullable String words, int span) {
        private static final int MOST = 300;

        MadeTable.Head read() {
            if (span < 1 || span > MOST) {
                throw Problem.badRequest("A head stands over one column at least.");
            }
            return new MadeTable.Head(tidy(words), span);
        }
    }
}
