package grintel.core.language;

import grintel.core.guide.Facts;
import grintel.core.guide.demand.OpeningDemands.DateOrder;
import grintel.core.guide.demand.OpeningDemands.Element;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The facts of a paper in words, as the lines of an opening say them. */
public final class FactWords {
    private final Facts facts;
    private final DateOrder order;
    private final Function<Element, @Nullable String> otherwise;

    /**
     * @param order how dates go
     * @param otherwise what is said of an element of which the facts say nothing
     */
    public FactWords(Facts facts, DateOrder order, Function<Element, @Nullable String> otherwise) {
        this.facts = facts;
        this.order = order;
        this.otherwise = otherwise;
    }

    /** What the line of an element says, or null where nobody knows. */
    public @Nullable String of(Element element) {
        String known = switch (element) {
            case TITLE -> facts.get("title") == null ? null : joined(facts.get("title"), ": ", facts.get("subtitle"));
            case AUTHOR -> authors();
            case INSTITUTION -> facts.get("institution");
            case DEPARTMENT -> facts.get("department");
            case AFFILIATION -> joined(of(Element.DEPARTMENT), ", ", of(Element.INSTITUTION));
            case COURSE -> joined(facts.get("course-number"), ": ", facts.get("course-name"));
            case CLASS_PERIOD -> facts.get("class-period");
            case INSTRUCTOR -> facts.get("instructor");
            case ASSIGNMENT -> facts.get("assignment");
            case DATE -> date();
            case AUTHOR_NOTE -> null;
        };
        return known == null ? otherwise.apply(element) : known;
    }

    private static @Nullable String joined(@Nullable String one, String between, @Nullable String two) {
        if (one == null || two == null) {
            return one == null ? two : one;
        }
        return one.contains(two) ? one : two.contains(one) ? two : one + between + two;
    }

    private @Nullable String authors() {
        List<String> names = names(facts);
        return names.isEmpty() ? null : listed(names);
    }

    /** The names of those authors whose whole name is known, given name first. */
    public static List<String> names(Facts facts) {
        List<String> out = new ArrayList<>();
        for (Facts.Author author : facts.authors()) {
            if (!author.given().isEmpty()) {
                String middle = author.middle().isEmpty() ? "" : author.middle() + " ";
                out.add((author.given() + " " + middle + author.surname()).strip());
            }
        }
        return out;
    }

    /** Names as one reads them out: two with "and", more with commas besides. */
    public static String listed(List<String> names) {
        int last = names.size() - 1;
        return switch (names.size()) {
            case 0 -> "";
            case 1 -> names.get(0);
            case 2 -> names.get(0) + " and " + names.get(1);
            default -> String.join(", ", names.subList(0, last)) + ", and " + names.get(last);
        };
    }

    private @Nullable String date() {
        String fact = facts.get("date");
        if (fact == null) {
            return null;
        }
        try {
            return Dates.write(LocalDate.parse(fact), order);
        } catch (DateTimeParseException e) {
            return fact;
        }
    }
}
