package grintel.server.table;

import grintel.core.table.TableMaker;
import grintel.core.table.TableMaker.Role;
import grintel.server.page.LayoutView;
import grintel.server.page.StrokesView;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked of tables, and what is answered. */
public final class TableViews {
    private TableViews() {}

    /** What was read of a file. */
    public record SheetsView(List<SheetChoice> sheets) {}

    /** Text or a page that was pasted. */
    public record PasteRequest(
            @Nullable String text, @Nullable String html) {}

    /**
     * What to make of sheets.
     *
     * @param paper whose guide holds, or null where one is named
     * @param kind one of those on offer, null for the likeliest
     * @param roles what each column is for, missing to have it found out
     */
    public record MakeRequest(
            List<SheetChoice> sheets,
            @Nullable UUID paper,
            @Nullable String guide,
            @Nullable String kind,
            @Nullable List<String> roles,
            boolean asterisks,
            boolean intervals,
            @Nullable Boolean equalVariances) {}

    /** A table to be shown on a page, or made a file. */
    public record TablePageRequest(
            TableChoice table,
            @Nullable UUID paper,
            @Nullable String guide,
            int number) {}

    /** What was understood, and the table made of it. */
    public record MadeTableView(
            boolean raw,
            String kind,
            List<String> possible,
            String because,
            boolean chooses,
            List<TableColumnView> columns,
            @Nullable TableChoice table,
            List<String> remarks) {
        public static MadeTableView of(TableMaker.Result result) {
            return new MadeTableView(
                    result.raw(),
                    id(result.kind()),
                    result.possible().stream().map(TableViews::id).toList(),
                    result.because(),
                    result.chooses(),
                    result.columns().stream().map(TableColumnView::of).toList(),
                    result.table() == null ? null : TableChoice.of(result.table()),
                    result.remarks());
        }
    }

    /** A column, what it is for and what it could be for. */
    public record TableColumnView(String name, String role, List<String> possible) {
        static TableColumnView of(TableMaker.Column column) {
            return new TableColumnView(
                    column.name(),
                    id(column.role()),
                    column.possible().stream().map(TableViews::id).toList());
        }
    }

    /** A page with a table or a figure on it, and what is measured there. */
    public record MadePageView(LayoutView layout, StrokesView strokes, List<String> off) {}

    /** A word of a closed list as requests and answers have it. */
    public static String id(Enum<?> word) {
        return word.name().toLowerCase(Locale.ROOT);
    }

    /** The word of a closed list that a request names; null for none of them. */
    public static <E extends Enum<E>> @Nullable E word(Class<E> words, @Nullable String id) {
        return Arrays.stream(words.getEnumConstants())
                .filter(each -> id(each).equals(id))
                .findFirst()
                .orElse(null);
    }

    /** What columns are said to be for. */
    public static List<Role> roles(@Nullable List<String> said) {
        List<Role> out = new ArrayList<>();
        for (String each : Objects.requireNonNullElse(said, List.<String>of())) {
            Role role = word(Role.class, each);
            out.add(role == null ? Role.OUT : role);
        }
        return out;
    }
}
