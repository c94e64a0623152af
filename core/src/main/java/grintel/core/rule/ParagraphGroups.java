package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.paper.Paragraph;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Gathers paragraphs that are off by the same quantity, so that each quantity is one finding with many places. */
public final class ParagraphGroups {
    private final Map<Quantity, List<Paragraph>> groups = new LinkedHashMap<>();

    public void add(Quantity is, Paragraph paragraph) {
        groups.computeIfAbsent(is, key -> new ArrayList<>()).add(paragraph);
    }

    /** One finding for each quantity; where there is none, the reading that all is as asked. */
    public List<Reading> readings(
            Examination exam, String rule, String name, Quantity asked, Function<List<Paragraph>, List<Edit>> edits) {
        if (groups.isEmpty()) {
            return List.of(Reading.met(rule, name, asked, asked));
        }
        List<Reading> readings = new ArrayList<>();
        groups.forEach((is, paragraphs) ->
                readings.add(Reading.off(rule, name, is, asked, exam.places(paragraphs), edits.apply(paragraphs))));
        return readings;
    }
}
