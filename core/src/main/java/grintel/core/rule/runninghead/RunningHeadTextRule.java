package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.rule.Change;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadContent;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The words beside the page number: surname, short title or nothing, spelled as in the facts. */
public final class RunningHeadTextRule implements Rule {
    @Override
    public String id() {
        return "running-head.text";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        String expected = HeadFixes.expectedWords(exam);
        if (expected == null) {
            return List.of();
        }
        Quantity asked = named(expected);
        Map<String, List<Head>> off = new LinkedHashMap<>();
        for (Head head : exam.heads().judged()) {
            String words = head.header().wordsWithoutLabel();
            if (!words.equals(expected)) {
                off.computeIfAbsent(words, key -> new ArrayList<>()).add(head);
            }
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "words", asked, asked));
        }
        List<Reading> readings = new ArrayList<>();
        off.forEach((words, heads) -> {
            HeadContent content = heads.get(0).header();
            boolean number = heads.get(0).hasNumber() && !heads.get(0).footer().hasNumber();
            List<Edit> edits = HeadFixes.write(exam, heads, expected, number);
            Reading reading =
                    Reading.off(id(), "words", named(words), asked, HeadFixes.places(heads, HeadContent::words), edits);
            readings.add(
                    reading.declaring(new Change(HeadFixes.shown(content), (expected + (number ? " #" : "")).strip())));
        });
        return readings;
    }

    private static Quantity named(String words) {
        return Quantity.words(words.isEmpty() ? "no words" : "“" + words + "”");
    }
}
