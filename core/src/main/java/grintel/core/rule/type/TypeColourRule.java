package grintel.core.rule.type;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Text is black on white: no other colour, no highlighting, no shading. Links and tables have rules of their own. */
public final class TypeColourRule implements Rule {
    private static final Quantity BLACK = Quantity.words("black");
    private static final Quantity NONE = Quantity.words("none");

    @Override
    public String id() {
        return "type.colour";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Map<String, Group> coloured = new LinkedHashMap<>();
        Map<String, Group> highlighted = new LinkedHashMap<>();
        Group shaded = new Group();
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            if (!TypeFixes.isSetText(exam.role(paragraph))) {
                continue;
            }
            for (Inline.Text text : paragraph.texts()) {
                if (text.text().isBlank() || text.run().number() < 0) {
                    continue;
                }
                Colour colour = text.format().get(CharacterProperties.COLOUR);
                if (!colour.readsAsBlack() && !text.linked()) {
                    coloured.computeIfAbsent(colour.hex(), key -> new Group()).add(paragraph, text);
                }
                String highlight = text.format().get(CharacterProperties.HIGHLIGHT);
                if (!highlight.equals("none")) {
                    highlighted.computeIfAbsent(highlight, key -> new Group()).add(paragraph, text);
                }
                if (!text.format().get(CharacterProperties.SHADING).readsAsWhite()) {
                    shaded.add(paragraph, text);
                }
            }
            if (!paragraph.format().get(ParagraphProperties.SHADING).readsAsWhite()) {
                shaded.paragraphs.add(paragraph);
                shaded.grounds.add(Holder.ofParagraph(paragraph));
            }
        }
        List<Reading> readings = new ArrayList<>();
        coloured.forEach((colour, group) -> readings.add(Reading.off(
                id(),
                "colour",
                Quantity.words("#" + colour),
                BLACK,
                exam.places(group.paragraphs),
                exam.cause().set(group.runs, CharacterProperties.COLOUR, Colour.AUTO))));
        highlighted.forEach((colour, group) -> readings.add(Reading.off(
                id(),
                "highlighting",
                Quantity.words(colour),
                NONE,
                exam.places(group.paragraphs),
                exam.cause().set(group.runs, CharacterProperties.HIGHLIGHT, "none"))));
        if (!shaded.paragraphs.isEmpty()) {
            List<Edit> edits = new ArrayList<>(exam.cause().set(shaded.runs, CharacterProperties.SHADING, Colour.AUTO));
            edits.addAll(exam.cause().set(shaded.grounds, ParagraphProperties.SHADING, Colour.AUTO));
            readings.add(Reading.off(
                    id(), "shading", Quantity.words("shaded"), NONE, exam.places(shaded.paragraphs), edits));
        }
        return readings.isEmpty() ? List.of(Reading.met(id(), "colour", BLACK, BLACK)) : readings;
    }

    private static final class Group {
        private final Set<Paragraph> paragraphs = new LinkedHashSet<>();
        private final List<Holder> runs = new ArrayList<>();
        private final List<Holder> grounds = new ArrayList<>();

        void add(Paragraph paragraph, Inline.Text text) {
            paragraphs.add(paragraph);
            runs.add(Holder.ofRun(paragraph, text));
        }
    }
}
