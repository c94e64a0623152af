package grintel.server.brief;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.server.problem.Problem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a person chose for a paper to be judged by, or made from.
 *
 * @param guide id of a guide there is
 * @param surname may be empty
 * @param shortTitle may be empty
 * @param more further facts by name, none of them empty
 * @param authors by their whole names; none where only a surname is known
 * @param house what the course asks otherwise; null for nothing
 */
public record BriefChoice(
        String guide,
        String surname,
        String shortTitle,
        Map<String, String> more,
        List<AuthorChoice> authors,
        @Nullable HouseChoice house) {
    private static final int LONGEST = 400;
    private static final int MOST_AUTHORS = 50;

    /** A fact that has a place of its own here. */
    private static final String SHORT_TITLE = "short-title";

    public BriefChoice {
        // Choices of before there were more say nothing of them.
        more = Map.copyOf(Objects.requireNonNullElse(more, Map.of()));
        authors = List.copyOf(Objects.requireNonNullElse(authors, List.of()));
    }

    /** Only a guide, a surname and a short title. */
    public static BriefChoice of(String guide, @Nullable String surname, @Nullable String shortTitle) {
        return of(guide, surname, shortTitle, null, null, null);
    }

    /** @throws Problem when there is no such guide or fact, one is too long, or the house rules do not fit the guide */
    public static BriefChoice of(
            @Nullable String guide,
            @Nullable String surname,
            @Nullable String shortTitle,
            @Nullable Map<String, String> more,
            @Nullable List<AuthorChoice> authors,
            @Nullable HouseChoice house) {
        Guide found = guide(guide);
        Map<String, String> facts = new LinkedHashMap<>();
        Objects.requireNonNullElse(more, Map.<String, String>of()).forEach((name, value) -> {
            if (!Facts.NAMES.contains(name) || name.equals(SHORT_TITLE)) {
                throw Problem.badRequest("There is no such fact of a paper.");
            }
            String plain = clean(value);
            if (!plain.isEmpty()) {
                facts.put(name, plain);
            }
        });
        List<AuthorChoice> named = Objects.requireNonNullElse(authors, List.<AuthorChoice>of()).stream()
                .map(AuthorChoice::cleaned)
                .filter(author -> !clean(author.given()).isEmpty())
                .toList();
        if (named.size() > MOST_AUTHORS) {
            throw Problem.badRequest("A paper has at most 50 authors here.");
        }
        return new BriefChoice(
                found.id(),
                clean(surname),
                clean(shortTitle),
                facts,
                named,
                house == null ? null : HouseChoice.of(found, house.name(), house.rules()));
    }

    /**
     * This choice as it was sent, checked.
     *
     * @throws Problem as {@link #of}
     */
    public BriefChoice checked() {
        return of(guide, surname, shortTitle, more, authors, house);
    }

    /** @throws Problem when there is no guide of this name */
    static Guide guide(@Nullable String name) {
        Guide found = name == null ? null : Guides.find(name);
        if (found == null) {
            throw Problem.badRequest("There is no guide of this name. Choose one of the list.");
        }
        return found;
    }

    private static String clean(@Nullable String text) {
        String plain = text == null ? "" : text.strip().replaceAll("\\s+", " ");
        if (plain.length() > LONGEST) {
            throw Problem.badRequest("Facts of a paper have at most 400 characters each.");
        }
        return plain;
    }

    /** The guide, which was there when the choice was made. */
    public Guide found() {
        Guide found = Guides.find(guide);
        if (found == null) {
            throw new IllegalStateException("A stored paper names the guide " + guide);
        }
        return found;
    }

    /** The brief itself. */
    public Brief brief() {
        Facts few = Facts.of(surname, shortTitle).with(more);
        Facts facts = authors.isEmpty()
                ? few
                : new Facts(
                        few.values(), authors.stream().map(AuthorChoice::author).toList());
        return Brief.of(found(), house == null ? null : house.read(), facts);
    }

    /** An author's name in parts, any of which may be empty. */
    public record AuthorChoice(
            @Nullable String given,
            @Nullable String middle,
            @Nullable String surname) {
        static AuthorChoice of(Facts.Author author) {
            return new AuthorChoice(author.given(), author.middle(), author.surname());
        }

        AuthorChoice cleaned() {
            // Somebody of one name has no surname.
            boolean one = clean(given).isEmpty();
            return new AuthorChoice(one ? clean(surname) : clean(given), clean(middle), one ? "" : clean(surname));
        }

        Facts.Author author() {
            return new Facts.Author(clean(given), clean(middle), clean(surname));
        }
    }
}
