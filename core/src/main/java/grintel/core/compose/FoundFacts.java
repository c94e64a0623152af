package grintel.core.compose;

import grintel.core.guide.Facts;
import grintel.core.language.Dates;
import grintel.core.structure.PaperFacts;
import grintel.core.structure.PartKind;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a paper's own lines say, as facts of a brief. */
public final class FoundFacts {
    private FoundFacts() {}

    /** As far as facts have a place for it; a date that means one day is told as that day (ISO 8601). */
    public static Facts of(PaperFacts paper) {
        Map<String, String> values = new LinkedHashMap<>();
        put(values, "title", paper.title());
        put(values, "subtitle", paper.subtitle());
        put(values, "institution", paper.line(PartKind.INSTITUTION));
        put(values, "department", paper.line(PartKind.DEPARTMENT));
        put(values, "course-name", paper.line(PartKind.COURSE));
        put(values, "class-period", paper.line(PartKind.CLASS_PERIOD));
        put(values, "instructor", paper.line(PartKind.INSTRUCTOR));
        put(values, "assignment", paper.line(PartKind.ASSIGNMENT));
        String date = paper.line(PartKind.DATE);
        Dates.Found found = date == null ? null : Dates.find(date);
        put(values, "date", found == null || found.date() == null ? date : String.valueOf(found.date()));
        return new Facts(
                values,
                paper.authors().stream()
                        .map(name -> new Facts.Author(name.given(), name.middle(), name.surname()))
                        .toList());
    }

    private static void put(Map<String, String> values, String fact, @Nullable String said) {
        if (said != null && !said.isEmpty()) {
            values.put(fact, said);
        }
    }
}
