package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.TabStops;
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

/** Parts of the header pushed apart by spaces or by tabs that land on no stop of its own, or over several lines. */
public final class RunningHeadPaddingRule implements Rule {
    private static final Quantity NONE = Quantity.words("one line, set by its alignment or a tab stop");

    @Override
    public String id() {
        return "running-head.padding";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Head> filled = exam.heads().judged().stream()
                .filter(head -> !head.header().isBlank())
                .toList();
        if (filled.isEmpty()) {
            return List.of();
        }
        Map<String, List<Head>> off = new LinkedHashMap<>();
        for (Head head : filled) {
            String padding = padding(exam, head);
            if (!padding.isEmpty()) {
                off.computeIfAbsent(padding, key -> new ArrayList<>()).add(head);
            }
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "padding", NONE, NONE));
        }
        List<Reading> readings = new ArrayList<>();
        off.forEach((is, heads) -> {
            HeadContent content = heads.get(0).header();
            boolean oneLine = content.filledLines() == 1;
            readings.add(Reading.off(
                    id(),
                    "padding",
                    Quantity.words(is),
                    NONE,
                    HeadFixes.places(heads),
                    oneLine && content.typed().isEmpty()
                            ? HeadFixes.write(exam, heads, content.words(), content.live())
                            : List.of()));
        });
        return readings;
    }

    private static String padding(Examination exam, Head head) {
        if (head.header().filledLines() > 1) {
            return head.header().filledLines() + " lines";
        }
        for (Paragraph paragraph : head.header().paragraphs()) {
            if (paragraph.isBlank()) {
                continue;
            }
            if (exam.proof().lines(paragraph.address()).stream()
                            .filter(line -> line.page().number() == head.pages().get(0))
                            .count()
                    > 1) {
                return "more than one line";
            }
            String text = paragraph.text();
            if (text.replace(Paragraph.OBJECT, '0').strip().contains("  ") || text.startsWith("  ")) {
                return "spaces";
            }
            if (tabs(paragraph) > stops(paragraph)) {
                return "tabs";
            }
        }
        return "";
    }

    private static long tabs(Paragraph paragraph) {
        return paragraph.inlines().stream().filter(Inline.Tab.class::isInstance).count();
    }

    private static long stops(Paragraph paragraph) {
        TabStops stops = paragraph.format().get(ParagraphProperties.TAB_STOPS);
        return stops.stops().size();
    }
}
