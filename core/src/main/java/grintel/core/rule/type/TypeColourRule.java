package grintel.core.rule.type;

import grintel.core.edit.Cause;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunGroup;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Text is black on white: no other colour, no highlighting, no shading. Links and grounds of tables are others' work. */
public final class TypeColourRule implements Rule {
    private static final Set<PartKind> LOOKED_AT =
            EnumSet.complementOf(EnumSet.of(PartKind.BLANK, PartKind.PICTURE, PartKind.CODE));
    private static final Measure BLACK = Measure.word("black");
    private static final Measure NONE = Measure.word("none");
    private static final Measure SHADED = Measure.word("shaded");

    @Override
    public String id() {
        return "type.colour";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> looked = exam.paragraphs(LOOKED_AT);
        List<Reading> readings = new ArrayList<>();
        boolean any = !looked.isEmpty();
        readings.addAll(check(
                "colour",
                RunGroup.of(exam, looked, TypeColourRule::colour),
                any,
                BLACK,
                CharacterProperties.COLOUR,
                Colour.AUTO));
        readings.addAll(check(
                "highlighting",
                RunGroup.of(exam, looked, TypeColourRule::highlighting),
                any,
                NONE,
                CharacterProperties.HIGHLIGHT,
                "none"));
        readings.addAll(check(
                "shading",
                RunGroup.of(exam, looked, TypeColourRule::ground),
                any,
                NONE,
                CharacterProperties.SHADING,
                Colour.AUTO));
        readings.addAll(looked.filter(paragraph -> exam.kind(paragraph) != PartKind.GRID)
                .check(id(), "ground")
                .measure(paragraph ->
                        paragraph.format().get(ParagraphProperties.SHADING).readsAsWhite() ? NONE : SHADED)
                .asks(NONE)
                .fix((paragraphs, cause) ->
                        cause.set(Cause.paragraphs(paragraphs), ParagraphProperties.SHADING, Colour.AUTO))
                .readings());
        return readings;
    }

    private <T> List<Reading> check(
            String quantity, Subjects<RunGroup> off, boolean any, Measure asked, Property<T> property, T plain) {
        return off.check(id(), quantity)
                .measure(RunGroup::is)
                .asks(asked)
                .metIfNone(any)
                .fix((some, cause) -> cause.set(RunGroup.holders(some), property, plain))
                .readings();
    }

    // What is as it should be is measured by its absence: nearly every run of a paper is.

    private static @Nullable Measure colour(Inline inline) {
        if (!RunGroup.holdsLetters(inline) || inline.run().linked()) {
            return null;
        }
        Colour colour = inline.format().get(CharacterProperties.COLOUR);
        return colour.readsAsBlack() ? null : new Measure.Name("#" + colour.hex());
    }

    private static @Nullable Measure highlighting(Inline inline) {
        if (!(inline instanceof Inline.Text text) || text.text().isBlank()) {
            return null;
        }
        String colour = inline.format().get(CharacterProperties.HIGHLIGHT);
        return colour.equals("none") || colour.equals("white") ? null : new Measure.Name(colour);
    }

    private static @Nullable Measure ground(Inline inline) {
        if (!(inline instanceof Inline.Text text) || text.text().isBlank()) {
            return null;
        }
        return inline.format().get(CharacterProperties.SHADING).readsAsWhite() ? null : SHADED;
    }
}
