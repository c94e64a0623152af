package grintel.core.rule.opening;

import grintel.core.guide.Facts;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.language.Dates;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import grintel.core.structure.PersonName;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the lines of an opening say, from the facts of the brief, else from what the paper says of itself. */
final class OpeningWords {
    private final Examination exam;
    private final Facts facts;

    OpeningWords(Examination exam) {
        this.exam = exam;
        this.facts = exam.brief().facts();
    }

    /** What the line of an element says, or null where nobody knows. */
    @Nullable
    String of(Element element) {
        return switch (element) {
            case TITLE -> title();
            case AUTHOR -> authors();
            case INSTITUTION -> known("institution", PartKind.INSTITUTION);
            case DEPARTMENT -> known("department", PartKind.DEPARTMENT);
            case AFFILIATION ->
                joined(known("department", PartKind.DEPARTMENT), ", ", known("institution", PartKind.INSTITUTION));
            case COURSE -> {
                String course = joined(facts.get("course-number"), ": ", facts.get("course-name"));
                yield course == null ? exam.parts().facts().line(PartKind.COURSE) : course;
            }
            case CLASS_PERIOD -> known("class-period", PartKind.CLASS_PERIOD);
            case INSTRUCTOR -> known("instructor", PartKind.INSTRUCTOR);
            case ASSIGNMENT -> known("assignment", PartKind.ASSIGNMENT);
            case DATE -> date();
            case AUTHOR_NOTE -> null;
        };
    }

    private @Nullable String known(String fact, PartKind line) {
        String said = facts.get(fact);
        return said == null ? exam.parts().facts().line(line) : said;
    }

    private static @Nullable String joined(@Nullable String one, String between, @Nullable String two) {
        if (one == null || two == null) {
            return one == null ? two : one;
        }
        return one.contains(two) ? one : two.contains(one) ? two : one + between + two;
    }

    private @Nullable String title() {
        String title = facts.get("title");
        String found = exam.parts().facts().title();
        String whole = title == null ? found : joined(title, ": ", facts.get("subtitle"));
        return whole == null || whole.isEmpty() ? null : whole;
    }

    private @Nullable String authors() {
        List<String> names = new ArrayList<>();
        for (Facts.Author author : facts.authors()) {
            if (!author.given().isEmpty()) {
                names.add(new PersonName(author.given(), author.middle(), author.surname()).toString());
            }
        }
        if (names.isEmpty()) {
            exam.parts().facts().authors().forEach(author -> names.add(author.toString()));
        }
        return names.isEmpty() ? null : names.stream().collect(Collectors.joining(" and "));
    }

    private @Nullable String date() {
        OpeningDemands.DateOrder order = exam.ask("opening.date-form").get(OpeningDemands.ORDER);
        String fact = facts.get("date");
        if (fact != null) {
            try {
                return Dates.write(LocalDate.parse(fact), order);
            } catch (DateTimeParseException e) {
                return fact;
            }
        }
        String line = exam.parts().facts().line(PartKind.DATE);
        Dates.Found found = line == null ? null : Dates.find(line);
        return found == null || found.date() == null ? line : Dates.write(found.date(), order);
    }
}
