package grintel.core.edit;

import grintel.core.paper.Marginals;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What headers and footers say in each section of a paper, as it is seen on its first, its even and its other pages. */
record MarginalWords(List<Said> sections) {
    MarginalWords {
        sections = List.copyOf(sections);
    }

    /** A header or footer on pages of a kind. */
    record Place(Story.Kind kind, Marginals.Variant variant) {}

    /**
     * What a section's headers and footers say.
     *
     * @param goesOn whether it declares none and shows those of the section before on all its pages
     */
    record Said(Map<Place, String> words, boolean goesOn) {}

    /** What is said otherwise later, each change once whatever kinds of pages show it. */
    List<WordChange> changes(MarginalWords after) {
        List<WordChange> out = new ArrayList<>();
        List<Said> later = inPlaceOf(after);
        Set<List<String>> once = new LinkedHashSet<>();
        for (int i = 0; i < sections.size(); i++) {
            int section = i;
            Map<Place, String> are = i < later.size() ? later.get(i).words : Map.of();
            sections.get(i).words.forEach((place, was) -> {
                String is = are.getOrDefault(place, "");
                if (!was.equals(is) && once.add(List.of(String.valueOf(place.kind()), was, is))) {
                    out.add(new WordChange(
                            WordChange.Kind.CHANGED,
                            new WordChange.Where(place.kind(), section, place.variant(), null),
                            was,
                            is));
                }
            });
        }
        return out;
    }

    /**
     * The sections of later that stand for these: where there are more, those are passed over that came in between and only
     * go on with what was said, so that the fewest differ.
     */
    private List<Said> inPlaceOf(MarginalWords after) {
        int more = after.sections.size() - sections.size();
        if (more <= 0) {
            return after.sections;
        }
        // fewest[i][k]: how many of the sections from i on differ, when k were passed over before it.
        int[][] fewest = new int[sections.size() + 1][more + 1];
        int impossible = after.sections.size() + 1;
        for (int i = sections.size(); i >= 0; i--) {
            for (int k = more; k >= 0; k--) {
                int taken = i == sections.size()
                        ? (k == more ? 0 : impossible)
                        : fewest[i + 1][k] + (isSame(i, after.sections.get(i + k)) ? 0 : 1);
                int passed = k < more && after.sections.get(i + k).goesOn ? fewest[i][k + 1] : impossible;
                fewest[i][k] = Math.min(taken, passed);
            }
        }
        if (fewest[0][0] >= impossible) {
            return after.sections;
        }
        List<Said> out = new ArrayList<>();
        int k = 0;
        for (int i = 0; i < sections.size(); i++) {
            while (k < more && after.sections.get(i + k).goesOn && fewest[i][k] == fewest[i][k + 1]) {
                k++;
            }
            out.add(after.sections.get(i + k));
        }
        return out;
    }

    private boolean isSame(int section, Said later) {
        return sections.get(section).words.equals(later.words);
    }
}
