package grintel.core.rule.type;

import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

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
        Map<String, List<Place>> found = new LinkedHashMap<>();
        for (Paragraph paragraph : text) {
            List<Inline.Text> runs = paragraph.texts().stream()
                    .filter(run -> !run.text().isBlank())
                    .toList();
            Notes notes = new Notes(exam, paragraph, found);
            notes.add("underline", runs.stream().filter(TypeEmphasisRule::isUnderlined));
            notes.add("capitals", runs.stream().filter(TypeEmphasisRule::isShouted));
            if (runs.stream().allMatch(run -> run.format().get(CharacterProperties.BOLD))) {
                notes.add("bold", runs.stream());
            }
        }
        if (found.isEmpty()) {
            return List.of(Reading.met(id(), "underline", NONE, NONE));
        }
        List<Reading> readings = new ArrayList<>();
        found.forEach((name, places) -> readings.add(Reading.off(
                id(),
                name,
                Quantity.count(places.size(), places.size() == 1 ? "paragraph" : "paragraphs"),
                NONE,
                places,
                List.of())));
        return readings;
    }

    /** Collects for a paragraph the first place of each kind of emphasis. */
    private record Notes(Examination exam, Paragraph paragraph, Map<String, List<Place>> found) {
        void add(String name, Stream<Inline.Text> runs) {
            runs.findFirst()
                    .ifPresent(run -> found.computeIfAbsent(name, key -> new ArrayList<>())
                            .add(exam.place(paragraph, run.text())));
        }
    }

    private static boolean isUnderlined(Inline.Text run) {
        return !run.linked() && !run.format().get(CharacterProperties.UNDERLINE).equals("none");
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
