package grintel.core.appendix;

import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The order in which a paper mentions appendices that are not in it yet: a sentence with the word appendix is about the
 * one with whose title and headings it shares most words.
 */
public final class AppendixOrder {
    private static final Pattern NAMED = Pattern.compile("(?i)\\bappendi(?:x|ces)\\b");
    private static final Pattern APART = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final int SHORTEST = 4;
    /** Words that are the same in so many letters are of one kind: sleep, sleeping. */
    private static final int STEM = 5;

    private static final Set<String> SAYING_LITTLE = Set.of(
            "appendix",
            "questionnaire",
            "questions",
            "survey",
            "items",
            "item",
            "scale",
            "scales",
            "form",
            "part",
            "block",
            "section",
            "about",
            "with",
            "from",
            "that",
            "this",
            "your",
            "their",
            "were",
            "used",
            "full");

    private AppendixOrder() {}

    /**
     * An appendix and where the paper mentions it first.
     *
     * @param index which of the appendices it is, as they were given
     * @param at the paragraph, null where it is not mentioned
     * @param sentence the words that mention it, empty for none
     */
    public record Mentioned(int index, @Nullable Paragraph at, String sentence) {}

    /** The appendices in the order of their first mention, at the end those that are not mentioned, as they were given. */
    public static List<Mentioned> of(Examination exam, List<AppendixContent> appendices) {
        List<Set<String>> keys = appendices.stream().map(AppendixOrder::keys).toList();
        Mentioned[] found = new Mentioned[appendices.size()];
        int[] place = new int[appendices.size()];
        Arrays.fill(place, Integer.MAX_VALUE);
        int read = 0;
        for (Paragraph paragraph : text(exam)) {
            for (String sentence : sentences(paragraph.text())) {
                read++;
                for (int index : meant(sentence, keys)) {
                    if (found[index] == null) {
                        found[index] = new Mentioned(index, paragraph, sentence);
                        place[index] = read;
                    }
                }
            }
        }
        List<Mentioned> out = new ArrayList<>();
        for (int index = 0; index < found.length; index++) {
            out.add(found[index] == null ? new Mentioned(index, null, "") : found[index]);
        }
        out.sort(Comparator.comparingInt(each -> place[each.index()]));
        return out;
    }

    /** What is said before the first appendix. */
    private static List<Paragraph> text(Examination exam) {
        int appendices = exam.parts().index(PartKind.APPENDIX_LABEL, 0);
        List<Paragraph> all = exam.paper().paragraphs();
        return all.subList(0, appendices < 0 ? all.size() : appendices);
    }

    private static List<String> sentences(String text) {
        if (!NAMED.matcher(text).find()) {
            return List.of();
        }
        BreakIterator breaks = BreakIterator.getSentenceInstance(Locale.ENGLISH);
        breaks.setText(text);
        List<String> out = new ArrayList<>();
        int from = breaks.first();
        for (int to = breaks.next(); to != BreakIterator.DONE; to = breaks.next()) {
            String sentence = text.substring(from, to).strip();
            if (NAMED.matcher(sentence).find()) {
                out.add(sentence);
            }
            from = to;
        }
        return out;
    }

    /** Which appendices a sentence is about. */
    private static List<Integer> meant(String sentence, List<Set<String>> keys) {
        List<String> words = words(sentence);
        List<Integer> out = new ArrayList<>();
        long most = 1;
        for (int index = 0; index < keys.size(); index++) {
            long shared = keys.get(index).stream()
                    .filter(key -> words.stream().anyMatch(word -> areAlike(key, word)))
                    .count();
            if (shared > most) {
                out.clear();
                most = shared;
            }
            if (shared == most) {
                out.add(index);
            }
        }
        return out;
    }

    private static Set<String> keys(AppendixContent appendix) {
        StringBuilder named = new StringBuilder(appendix.title());
        for (AppendixContent.Piece piece : appendix.pieces()) {
            if (piece instanceof AppendixContent.Heading heading) {
                named.append(' ').append(heading.words());
            }
        }
        return words(named.toString()).stream()
                .filter(word -> word.length() >= SHORTEST && !SAYING_LITTLE.contains(word))
                .collect(Collectors.toSet());
    }

    private static List<String> words(String text) {
        return List.of(APART.split(text.toLowerCase(Locale.ROOT)));
    }

    private static boolean areAlike(String one, String other) {
        return one.equals(other)
                || one.length() >= STEM && other.length() >= STEM && one.startsWith(other.substring(0, STEM));
    }
}
