package grintel.core.typeset;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** What a paper asks for that layout could not honour, gathered by kind. */
final class Remarks {
    private static final int MOST_PAGES_NAMED = 4;

    private final Map<Kind, Set<Integer>> pages = new EnumMap<>(Kind.class);

    void add(Kind kind, int page) {
        pages.computeIfAbsent(kind, key -> new TreeSet<>()).add(page);
    }

    /** A sentence for each kind, with the pages it holds for. */
    List<String> sentences(Set<Integer> missing) {
        List<String> out = new ArrayList<>();
        pages.forEach((kind, on) -> out.add(kind.words + " (" + named(on) + ")."));
        if (!missing.isEmpty()) {
            StringBuilder signs = new StringBuilder();
            missing.stream()
                    .limit(8)
                    .forEach(each -> signs.append(signs.isEmpty() ? "" : " ").append(String.format("U+%04X", each)));
            out.add("No face at hand has " + missing.size() + (missing.size() == 1 ? " sign" : " signs")
                    + " of this paper; an empty box stands for each: " + signs + (missing.size() > 8 ? " …" : "")
                    + ".");
        }
        return out;
    }

    private static String named(Set<Integer> on) {
        List<String> numbers =
                on.stream().limit(MOST_PAGES_NAMED).map(String::valueOf).toList();
        int more = on.size() - numbers.size();
        return (on.size() == 1 ? "page " : "pages ")
                + String.join(", ", numbers)
                + (more > 0 ? " and " + more + " more" : "");
    }

    /** The kinds of thing that cannot be honoured. */
    enum Kind {
        LINE_TOO_HIGH("A line or a picture is higher than the page and runs over its foot"),
        ROW_TOO_HIGH("A table row that may not break is higher than the page"),
        TABLE_TOO_WIDE("A table is wider than the sheet; what lies beyond the edge cannot be seen"),
        PICTURE_TOO_WIDE("A picture is wider than the sheet; what lies beyond the edge cannot be seen"),
        PICTURE_NOT_DRAWN("A chart, a drawing or a picture of a kind that is not drawn here stands as a labelled box"),
        CELL_TOO_NARROW("A table cell is too narrow for a single character"),
        SQUEEZED("Indents leave no room for a line; it is set a sixth of an inch wide"),
        KEPT_TOO_MUCH("Paragraphs that ask to be kept together fill more than a page and are parted");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }
}
