package grintel.core.compose;

import grintel.core.guide.Facts;
import grintel.core.guide.demand.OpeningDemands.DateOrder;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.language.FactWords;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** What stands in the opening and the header of a composed paper: the facts, and placeholders where they are unknown. */
final class OpeningWords {
    private final Facts facts;
    private final FactWords known;

    OpeningWords(Facts facts, DateOrder order) {
        this.facts = facts;
        this.known = new FactWords(facts, order, element -> null);
    }

    /** Whether the facts say what the line of an element says. */
    boolean known(Element element) {
        return known.of(element) != null;
    }

    String of(Element element) {
        return Objects.requireNonNullElse(known.of(element), placeholder(element));
    }

    /** The names of the authors, one by one. */
    List<String> authors() {
        List<String> names = FactWords.names(facts);
        return names.isEmpty() ? List.of(placeholder(Element.AUTHOR)) : names;
    }

    private static String placeholder(Element element) {
        return switch (element) {
            case TITLE -> "[Title of the Paper]";
            case AUTHOR -> "[Author’s Name]";
            case INSTITUTION -> "[Institution]";
            case DEPARTMENT -> "[Department]";
            case AFFILIATION -> "[Department, Institution]";
            case COURSE -> "[Course Number: Course Name]";
            case CLASS_PERIOD -> "[Class Period]";
            case INSTRUCTOR -> "[Instructor]";
            case ASSIGNMENT -> "[Assignment]";
            case DATE -> "[Date]";
            case AUTHOR_NOTE -> "[Text of the author note]";
        };
    }

    /** The surname in the header. */
    String surname() {
        return Objects.requireNonNullElse(facts.surname(), "[Surname]");
    }

    /** The short title, in capitals. */
    String shortTitle() {
        String said = facts.get("short-title");
        return said == null ? "[SHORT TITLE]" : said.toUpperCase(Locale.ROOT);
    }
}
