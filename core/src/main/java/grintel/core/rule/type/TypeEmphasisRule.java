package grintel.core.rule.type;

import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** Underlining, capitals and whole bold paragraphs in running text. Emphasis is meaning, so each is asked about. */
public final class TypeEmphasisRule implements Rule {
    private static final Quantity NONE = Quantity.words("none");
    /** Fewer capital words in a row than this may be names of things. */
    private static final int SHOUTED_WORDS = 4;

    @Override
    public String id() {
        return "type.emphasis";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> text = exam.parts().of(Role.TEXT, Role.ABSTRACT);
        if (text.isEmpty()) {
            return List.of();
        }
        Map<String, Set<Paragraph>> found = new LinkedHashMap<>();
        for (Paragraph paragraph : text) {
            List<Inline.Text> runs = paragraph.texts().stream()
                    .filter(run -> !run.text().isBlank())
                    .toList();
            if (any(
                    runs,
                    run -> !run.linked()
                            && !run.format().get(CharacterProperties.UNDERLINE).equals("none"))) {
                found.computeIfAbsent("underline", key -> new LinkedHashSet<>()).add(paragraph);
            }
            if (any(runs, TypeEmphasisRule::isShouted)) {
                found.computeIfAbsent("capitals", key -> new LinkedHashSet<>()).add(paragraph);
            }
            if (!runs.isEmpty() && runs.stream().allMatch(run -> run.format().get(CharacterProperties.BOLD))) {
                found.computeIfAbsent("bold", key -> new LinkedHashSet<>()).add(paragraph);
            }
        }
        if (found.isEmpty()) {
            return List.of(Reading.met(id(), "underline", NONE, NONE));
        }
        List<Reading> readings = new ArrayList<>();
        found.forEach((name, paragraphs) -> readings.add(Reading.off(
                id(),
                name,
                Quantity.count(paragraphs.size(), paragraphs.size() == 1 ? "paragraph" : "paragraphs"),
                NONE,
                exam.places(paragraphs),
                List.of())));
        return readings;
    }

    private static boolean any(List<Inline.Text> runs, Predicate<Inline.Text> test) {
        return runs.stream().anyMatch(test);
    }

    private static boolean isShouted(Inline.Text run) {
        String text = run.text();
        boolean capitals = run.format().get(CharacterProperties.CAPITALS)
                || text.codePoints().noneMatch(Character::isLowerCase);
        return capitals
                && Words.count(text) >= SHOUTED_WORDS
                && text.codePoints().filter(Character::isLetter).count() > text.length() / 2;
    }
}
