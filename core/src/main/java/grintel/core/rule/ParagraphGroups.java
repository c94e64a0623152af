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

    public boolean isEmpty() {
        return groups.isEmpty();
    }

    /** One finding for each quantity. */
    public List<Reading> findings(
            Examination exam, String rule, String name, Quantity asked, Function<List<Paragraph>, List<Edit>> edits) {
        List<Reading> readings = new ArrayList<>();
        groups.forEach((is, paragraphs) ->
                readings.add(Reading.off(rule, name, is, asked, exam.places(paragraphs), edits.apply(paragraphs))));
        return readings;
    }
}
