package grintel.server.paper;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.server.problem.Problem;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a person chose for a paper to be judged by.
 *
 * @param guide id of a guide there is
 * @param surname may be empty
 * @param shortTitle may be empty
 * @param more further facts by name, none of them empty
 */
record BriefChoice(String guide, String surname, String shortTitle, Map<String, String> more) {
    private static final int LONGEST = 200;

    /** Facts that can be given beside surname and short title. */
    private static final Set<String> MORE = Set.of(
            "title",
            "institution",
            "department",
            "course-number",
            "course-name",
            "instructor",
            "date",
            "word-limit",
            "page-limit");

    BriefChoice {
        // Choices of before there were more say nothing of them.
        more = Map.copyOf(Objects.requireNonNullElse(more, Map.of()));
    }

    static BriefChoice of(String guide, @Nullable String surname, @Nullable String shortTitle) {
        return of(guide, surname, shortTitle, null);
    }

    /** @throws Problem when there is no such guide or fact, or one is too long */
    static BriefChoice of(
            @Nullable String guide,
            @Nullable String surname,
            @Nullable String shortTitle,
            @Nullable Map<String, String> more) {
        Guide found = guide == null ? null : Guides.find(guide);
        if (found == null) {
            throw Problem.badRequest("There is no guide of this name. Choose one of the list.");
        }
        Map<String, String> facts = new LinkedHashMap<>();
        Objects.requireNonNullElse(more, Map.<String, String>of()).forEach((name, value) -> {
            if (!MORE.contains(name)) {
                throw Problem.badRequest("There is no such fact of a paper.");
            }
            String plain = clean(value);
            if (!plain.isEmpty()) {
                facts.put(name, plain);
            }
        });
        return new BriefChoice(found.id(), clean(surname), clean(shortTitle), facts);
    }

    private static String clean(@Nullable String text) {
        String plain = text == null ? "" : text.strip().replaceAll("\\s+", " ");
        if (plain.length() > LONGEST) {
            throw Problem.badRequest("Facts of a paper have at most 200 characters each.");
        }
        return plain;
    }

    /** The guide, which was there when the choice was made. */
    Guide found() {
        Guide found = Guides.find(guide);
        if (found == null) {
            throw new IllegalStateException("A stored paper names the guide " + guide);
        }
        return found;
    }

    Brief brief() {
        return Brief.of(found(), null, Facts.of(surname, shortTitle).with(more));
    }
}
