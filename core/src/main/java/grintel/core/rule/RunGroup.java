package grintel.core.rule;

import grintel.core.edit.Holder;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The runs of one paragraph that have a quality in common.
 *
 * @param words the first words of them
 * @param numbers the numbers of the runs
 */
public record RunGroup(Paragraph paragraph, Measure is, String words, BitSet numbers) {
    /**
     * Groups the runs of paragraphs by a quality.
     *
     * @param quality what a run is measured to be; null for one that does not count
     */
    public static Subjects<RunGroup> of(
            Examination exam, Subjects<Paragraph> paragraphs, Function<Inline, @Nullable Measure> quality) {
        return paragraphs.each(
                paragraph -> of(paragraph, quality),
                group -> exam.place(group.paragraph, group.words),
                group -> exam.identity(group.paragraph));
    }

    private static List<RunGroup> of(Paragraph paragraph, Function<Inline, @Nullable Measure> quality) {
        Map<Measure, RunGroup> groups = Map.of();
        RunGroup group = null;
        for (Inline inline : paragraph.inlines()) {
            Measure is = inline.length() == 0 || inline.run().number() < 0 ? null : quality.apply(inline);
            if (is == null) {
                continue;
            }
            if (group == null) {
                // Most paragraphs have no other.
                group = of(paragraph, is, inline);
                groups = Map.of(is, group);
            } else if (!group.is.equals(is)) {
                groups = groups.size() == 1 ? new LinkedHashMap<>(groups) : groups;
                group = groups.computeIfAbsent(is, key -> of(paragraph, key, inline));
            }
            group.numbers.set(inline.run().number());
        }
        return groups.isEmpty() ? List.of() : List.copyOf(groups.values());
    }

    private static RunGroup of(Paragraph paragraph, Measure is, Inline first) {
        return new RunGroup(paragraph, is, first instanceof Inline.Text text ? text.text() : "", new BitSet());
    }

    /** The runs of several groups. */
    public static List<Holder> holders(List<RunGroup> groups) {
        return groups.stream()
                .flatMap(group -> Holder.ofRuns(group.paragraph, group.numbers::get).stream())
                .toList();
    }

    /** Whether an inline is words with a letter or a digit in them. */
    public static boolean holdsLetters(Inline inline) {
        if (!(inline instanceof Inline.Text text) || text.hidden()) {
            return false;
        }
        String characters = text.text();
        for (int i = 0; i < characters.length(); i += Character.charCount(characters.codePointAt(i))) {
            if (Character.isLetterOrDigit(characters.codePointAt(i))) {
                return true;
            }
        }
        return false;
    }
}
