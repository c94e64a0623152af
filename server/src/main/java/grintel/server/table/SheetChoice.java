package grintel.server.table;

import grintel.core.table.Sheet;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Cells as they came in: read by the server, kept by the page, and sent back to be made a table. */
public record SheetChoice(
        @Nullable String title,
        @Nullable List<List<String>> rows,
        @Nullable List<String> footers,
        @Nullable List<String> remarks) {
    /** As it is sent to the page. */
    public static SheetChoice of(Sheet sheet) {
        return new SheetChoice(sheet.title(), sheet.rows(), sheet.footers(), sheet.remarks());
    }

    /** The sheet; refused where its cells make none. */
    public Sheet read() {
        Sheet tidy =
                Sheet.of(Objects.requireNonNullElse(rows, List.of()), Objects.requireNonNullElse(remarks, List.of()));
        List<String> under = Objects.requireNonNullElse(footers, tidy.footers());
        String over = Objects.requireNonNullElse(title, tidy.title());
        return new Sheet(over, tidy.rows(), under, tidy.remarks());
    }
}
