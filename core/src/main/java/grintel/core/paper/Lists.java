package grintel.core.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The lists of a paper by the numbers under which paragraphs name them (ISO 29500-1 §17.9).
 *
 * @param all in the order of the file
 */
public record Lists(Map<Integer, Definition> all) {
    /** How many levels a list has. */
    public static final int LEVELS = 9;

    /** A paper of no lists. */
    public static final Lists NONE = new Lists(Map.of());

    public Lists {
        all = Map.copyOf(all);
    }

    /** The level of a list, or null where the paper does not define it. */
    public @Nullable ListLevel level(int list, int level) {
        Definition found = all.get(list);
        return found == null || level < 0 || level >= LEVELS ? null : found.levels.get(level);
    }

    /** The level of a list that names a paragraph style, or 0. */
    public int levelOfStyle(int list, String style) {
        Definition found = all.get(list);
        for (int i = 0; found != null && i < LEVELS; i++) {
            if (found.levels.get(i).style().equals(style)) {
                return i;
            }
        }
        return 0;
    }

    /** These lists with a level replaced, for every list of the same definition. */
    public Lists with(int list, int level, ListLevel replacement) {
        Definition changed = all.get(list);
        if (changed == null) {
            throw new IllegalArgumentException("There is no list " + list);
        }
        Map<Integer, Definition> out = new LinkedHashMap<>(all);
        out.replaceAll((id, each) -> each.shared == changed.shared ? each.with(level, replacement) : each);
        return new Lists(out);
    }

    /**
     * A list.
     *
     * @param shared number of the definition it shares, and counts on with, other lists
     * @param levels nine of them
     * @param starts numbers at which levels start anew in this list
     */
    public record Definition(int shared, List<ListLevel> levels, Map<Integer, Integer> starts) {
        public Definition {
            levels = List.copyOf(levels);
            starts = Map.copyOf(starts);
        }

        private Definition with(int level, ListLevel replacement) {
            List<ListLevel> changed = new ArrayList<>(levels);
            changed.set(level, replacement);
            return new Definition(shared, changed, starts);
        }
    }
}
