package grintel.core.rule.sources;

import grintel.core.guide.Ask;
import grintel.core.language.Letters;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.rule.sources.Citations.Cited;
import grintel.core.rule.sources.Entries.Entry;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the text cites is listed, and what is listed is cited. A name that is nearly one of the list's is told as such. */
public final class SourcesCitedRule implements Rule {
    private static final Measure LISTED = Measure.word("listed");
    private static final Measure CITED = Measure.word("cited");
    private static final int LONGEST_ACRONYM = 6;
    private static final int NEAR_FROM = 5;

    @Override
    public String id() {
        return "sources.cited";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Entry> entries = Entries.of(exam);
        if (entries.isEmpty()) {
            return List.of();
        }
        List<Cited> cited = Citations.of(exam);
        Set<String> told = new HashSet<>();
        List<Cited> once = cited.stream()
                .filter(each -> told.add(each.letters() + each.year()))
                .toList();
        List<Reading> out = new ArrayList<>(exam.whole()
                .each(
                        paper -> once,
                        each -> exam.place(each.paragraph(), each.words()),
                        each -> exam.identity(each.paragraph()))
                .check(id(), "citation")
                .measure(each -> listed(each, entries))
                .asks(LISTED)
                .readings());
        if (cited.isEmpty()) {
            return out;
        }
        Set<String> words = wordsOfText(exam);
        Subjects<Paragraph> first = exam.paragraphs(entries.stream()
                .filter(entry -> !entry.key().dashed())
                .map(Entry::first)
                .toList());
        out.addAll(first.check(id(), "entry")
                .measure(paragraph -> isNamed(entryOf(entries, paragraph), words) ? CITED : Measure.word("not-cited"))
                .asks(CITED)
                .readings());
        return out;
    }

    private static Entry entryOf(List<Entry> entries, Paragraph paragraph) {
        return entries.stream()
                .filter(entry -> entry.first().equals(paragraph))
                .findFirst()
                .orElseThrow();
    }

    private static Measure listed(Cited cited, List<Entry> entries) {
        if (isAcronym(cited.name()) || entries.stream().anyMatch(entry -> isMatch(entry, cited))) {
            return LISTED;
        }
        Entry near = near(entries, cited);
        Measure words = new Measure.Quote(cited.words());
        return near == null ? words : new Measure.Phrase("nearly-listed", words);
    }

    private static boolean isMatch(Entry entry, Cited cited) {
        String name = cited.letters();
        String element = Letters.of(entry.key().element());
        boolean named = element.equals(name)
                || element.endsWith(name) && entry.key().isPerson()
                || !entry.key().isPerson() && element.startsWith(name)
                || name.endsWith(element) && entry.key().isPerson();
        return named
                && (cited.year().isEmpty()
                        || entry.key().year().isEmpty()
                        || entry.key().year().equals(cited.year()));
    }

    /** Letters alone stand for a name that only the writer can spell out. */
    private static boolean isAcronym(String name) {
        return name.length() <= LONGEST_ACRONYM && name.equals(name.toUpperCase(Locale.ROOT));
    }

    private static @Nullable Entry near(List<Entry> entries, Cited cited) {
        for (Entry entry : entries) {
            String element = Letters.of(entry.key().element());
            String name = cited.letters();
            if (entry.key().isPerson()
                    && name.length() >= NEAR_FROM
                    && !element.equals(name)
                    && isNear(element, name)) {
                return entry;
            }
        }
        return null;
    }

    /** Whether one letter more, less or other makes two words the same, or two neighbours changed about. */
    private static boolean isNear(String one, String two) {
        int from = 0;
        int most = Math.min(one.length(), two.length());
        while (from < most && one.charAt(from) == two.charAt(from)) {
            from++;
        }
        int back = 0;
        while (back < most - from && one.charAt(one.length() - 1 - back) == two.charAt(two.length() - 1 - back)) {
            back++;
        }
        String left = one.substring(from, one.length() - back);
        String right = two.substring(from, two.length() - back);
        boolean changedAbout = left.length() == 2
                && right.length() == 2
                && left.charAt(0) == right.charAt(1)
                && left.charAt(1) == right.charAt(0);
        return left.length() <= 1 && right.length() <= 1 || changedAbout;
    }

    /** Whether a word of the head of an entry stands in the text. */
    private static boolean isNamed(Entry entry, Set<String> words) {
        List<String> own =
                new ArrayList<>(List.of(Letters.words(entry.key().element()).split(" ", -1)));
        if (!entry.key().isPerson()) {
            own.removeIf(word -> word.length() < 3);
            return own.isEmpty() || words.containsAll(own.subList(0, Math.min(2, own.size())));
        }
        return words.contains(own.get(own.size() - 1))
                || words.contains(Letters.of(entry.key().element()));
    }

    private static Set<String> wordsOfText(Examination exam) {
        List<Paragraph> text = new ArrayList<>(exam.paper().noteParagraphs());
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            if (exam.kind(paragraph) != PartKind.ENTRY) {
                text.add(paragraph);
            }
        }
        return text.stream()
                .flatMap(paragraph -> List.of(Letters.words(paragraph.text()).split(" ", -1)).stream())
                .collect(Collectors.toSet());
    }
}
