package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import grintel.core.rule.type.TypeFixes;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Face and size of the header are those of the text. */
public final class RunningHeadTypeRule implements Rule {
    @Override
    public String id() {
        return "running-head.type";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        Quantity asked = type(body.face(), body.size());
        List<Head> filled = exam.heads().all().stream()
                .filter(head -> !head.header().isBlank())
                .toList();
        if (filled.isEmpty()) {
            return List.of();
        }
        Map<Quantity, List<Holder>> off = new LinkedHashMap<>();
        for (Paragraph paragraph : HeadFixes.paragraphs(filled)) {
            for (Inline inline : paragraph.inlines()) {
                if (!isSeen(inline)) {
                    continue;
                }
                Formatting format = inline.format();
                String face = format.get(CharacterProperties.FACE);
                int size = format.get(CharacterProperties.SIZE);
                if (!face.equals(body.face()) || size != body.size()) {
                    off.computeIfAbsent(type(face, size), key -> new ArrayList<>())
                            .add(Holder.ofRun(paragraph, inline));
                }
            }
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "type", asked, asked));
        }
        List<Reading> readings = new ArrayList<>();
        off.forEach((is, holders) ->
                readings.add(Reading.off(id(), "type", is, asked, HeadFixes.places(filled), edits(exam, holders))));
        return readings;
    }

    private static boolean isSeen(Inline inline) {
        return inline instanceof Inline.Field
                || inline instanceof Inline.Text text && !text.text().isBlank();
    }

    private static List<Edit> edits(Examination exam, List<Holder> holders) {
        List<Edit> edits =
                new ArrayList<>(TypeFixes.setFace(exam, holders, exam.bodyType().targetFace()));
        edits.addAll(TypeFixes.setSize(exam, holders, exam.bodyType().targetSize()));
        return edits;
    }

    private static Quantity type(String face, int size) {
        return Quantity.words(face + " " + Quantity.points(size / 2.0).text());
    }
}
