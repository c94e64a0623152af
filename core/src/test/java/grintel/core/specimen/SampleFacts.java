package grintel.core.specimen;

import grintel.core.guide.Facts;
import grintel.core.guide.Facts.Author;
import java.util.List;
import java.util.Map;

/** All facts there are, of an invented paper. */
public final class SampleFacts {
    public static final Facts FACTS = new Facts(
            Map.ofEntries(
                    Map.entry("title", "Lamps on the Low Canal"),
                    Map.entry("short-title", "Low Canal"),
                    Map.entry("institution", "Brackwater College"),
                    Map.entry("department", "Department of Letters"),
                    Map.entry("course-number", "LIT 214"),
                    Map.entry("course-name", "Novels of the Canals"),
                    Map.entry("instructor", "Dr. Ilse Tamberg"),
                    Map.entry("class-period", "Period 3"),
                    Map.entry("assignment", "Second Essay"),
                    Map.entry("date", "2026-10-09")),
            List.of(new Author("Marit", "J.", "Solvane")));

    private SampleFacts() {}
}
