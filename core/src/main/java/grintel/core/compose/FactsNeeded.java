package grintel.core.compose;

import grintel.core.guide.Guide;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.RunningHeadDemands;
import java.util.ArrayList;
import java.util.List;

/** Which facts of a paper its guide has a place for. */
public final class FactsNeeded {
    private FactsNeeded() {}

    /** Their names, in the order in which they are asked for; {@code authors} among them. */
    public static List<String> of(Guide guide) {
        Form form = new Form(guide);
        List<String> out = new ArrayList<>(List.of("title", "subtitle"));
        if (form.headWords() == RunningHeadDemands.Words.SHORT_TITLE) {
            out.add("short-title");
        }
        out.add("authors");
        for (Element part : form.hasTitlePage() ? form.titlePageParts() : form.headingLines()) {
            switch (part) {
                case INSTITUTION -> add(out, "institution");
                case DEPARTMENT -> add(out, "department");
                case AFFILIATION -> {
                    add(out, "department");
                    add(out, "institution");
                }
                case COURSE -> {
                    add(out, "course-number");
                    add(out, "course-name");
                }
                case CLASS_PERIOD -> add(out, "class-period");
                case INSTRUCTOR -> add(out, "instructor");
                case ASSIGNMENT -> add(out, "assignment");
                case DATE -> add(out, "date");
                case TITLE, AUTHOR, AUTHOR_NOTE -> {}
            }
        }
        if (guide.ask("hand-in.length").isAsked()) {
            out.add("word-limit");
            out.add("page-limit");
        }
        return out;
    }

    private static void add(List<String> out, String fact) {
        if (!out.contains(fact)) {
            out.add(fact);
        }
    }
}
