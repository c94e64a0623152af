package grintel.core.paper;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Counts the paragraphs of lists on, in the order of the text, and writes their numbers (ISO 29500-1 §17.9.11). */
final class ListCounter {
    private final Lists lists;
    private final Map<Integer, int[]> counts = new HashMap<>();
    private final Set<Integer> begun = new HashSet<>();

    ListCounter(Lists lists) {
        this.lists = lists;
    }

    /** Counts one paragraph on and gives its number or bullet as it stands. */
    String next(int list, int level) {
        Lists.Definition definition = lists.all().get(list);
        if (definition == null) {
            return "";
        }
        int[] count = counts.computeIfAbsent(definition.shared(), key -> {
            int[] fresh = new int[Lists.LEVELS];
            Arrays.fill(fresh, -1);
            return fresh;
        });
        if (begun.add(list)) {
            definition.starts().forEach((at, start) -> count[at] = start - 1);
        }
        List<ListLevel> levels = definition.levels();
        for (int i = 0; i <= level; i++) {
            if (count[i] < 0) {
                count[i] = levels.get(i).start() - (i == level ? 1 : 0);
            }
        }
        count[level]++;
        Arrays.fill(count, level + 1, Lists.LEVELS, -1);
        return label(levels, level, count);
    }

    private static String label(List<ListLevel> levels, int level, int[] count) {
        ListLevel own = levels.get(level);
        if (own.format() == NumberFormat.BULLET) {
            return own.text();
        }
        StringBuilder out = new StringBuilder();
        String text = own.text();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '%' && i + 1 < text.length() && Character.isDigit(text.charAt(i + 1))) {
                int at = text.charAt(++i) - '1';
                if (at >= 0 && at < Lists.LEVELS) {
                    out.append(levels.get(at).format().format(Math.max(0, count[at])));
                }
            } else {
                out.append(c);
            }
        }
        return out.toString();
    }
}
