package grintel.core.structure;

import grintel.core.language.Letters;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** All that the writer says of the parts of a paper. */
public record Corrections(List<Correction> all) {
    public static final Corrections NONE = new Corrections(List.of());

    /** How many letters at its start and at its end tell a paragraph from others. */
    private static final int TELLING = 40;

    public Corrections {
        all = List.copyOf(all);
    }

    /**
     * These and what is said of some paragraphs of a paper; what was said of them before no longer holds.
     *
     * @param kind what they are; null to have them told again
     * @param level of headings; null to have it told by the look
     */
    public Corrections with(Paper paper, Set<Integer> paragraphs, @Nullable PartKind kind, @Nullable Integer level) {
        Map<Integer, Correction> placed = place(paper);
        List<String> letters = letters(paper);
        List<Correction> out = new ArrayList<>(all);
        for (int index : paragraphs) {
            Correction said = placed.get(index);
            if (said != null) {
                out.remove(said);
            }
            if (kind != null) {
                String own = letters.get(index);
                int nth = Collections.frequency(letters.subList(0, index), own);
                out.add(new Correction(own, nth, near(letters, index, -1), near(letters, index, 1), kind, level));
            }
        }
        return new Corrections(out);
    }

    /** Each correction with the index of the paragraph it is of, as far as that is found. */
    Map<Integer, Correction> place(Paper paper) {
        Map<Integer, Correction> out = new TreeMap<>();
        if (all.isEmpty()) {
            return out;
        }
        List<String> letters = letters(paper);
        Map<String, Set<Integer>> byOwn = new HashMap<>();
        for (int i = 0; i < letters.size(); i++) {
            byOwn.computeIfAbsent(letters.get(i), key -> new TreeSet<>()).add(i);
        }
        for (Correction correction : all) {
            Integer found = find(correction, letters, byOwn.getOrDefault(correction.own(), Set.of()));
            if (found != null) {
                out.put(found, correction);
            }
        }
        return out;
    }

    /** By the words, of several the one with the same neighbours or at the same turn; else by the neighbours alone. */
    private static @Nullable Integer find(Correction correction, List<String> letters, Set<Integer> sameWords) {
        Integer best = null;
        int most = -1;
        int nth = 0;
        for (int index : sameWords) {
            int alike = 2 * alike(correction, letters, index) + (nth++ == correction.nth() ? 1 : 0);
            if (alike > most) {
                best = index;
                most = alike;
            }
        }
        if (best != null) {
            return best;
        }
        for (int i = 0; i < letters.size(); i++) {
            if (!letters.get(i).isEmpty() && alike(correction, letters, i) == 2) {
                return i;
            }
        }
        return null;
    }

    private static int alike(Correction correction, List<String> letters, int index) {
        int before = near(letters, index, -1).equals(correction.before()) ? 1 : 0;
        int after = near(letters, index, 1).equals(correction.after()) ? 1 : 0;
        return before + after;
    }

    private static String near(List<String> letters, int index, int step) {
        int at = index + step;
        while (at >= 0 && at < letters.size() && letters.get(at).isEmpty()) {
            at += step;
        }
        return at >= 0 && at < letters.size() ? letters.get(at) : "";
    }

    private static List<String> letters(Paper paper) {
        return paper.paragraphs().stream().map(Corrections::letters).toList();
    }

    private static String letters(Paragraph paragraph) {
        String all = Letters.of(paragraph.text());
        return all.length() <= 2 * TELLING ? all : all.substring(0, TELLING) + all.substring(all.length() - TELLING);
    }
}
