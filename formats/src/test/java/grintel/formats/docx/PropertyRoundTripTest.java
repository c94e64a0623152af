package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TabStops;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the writer writes the reader reads, in either form of the format, in whatever order it is written. */
class PropertyRoundTripTest {
    private static Map<Property<?>, List<Object>> values() {
        Map<Property<?>, List<Object>> values = new LinkedHashMap<>();
        for (Property<?> toggle : List.of(
                CharacterProperties.BOLD,
                CharacterProperties.ITALIC,
                CharacterProperties.CAPITALS,
                CharacterProperties.SMALL_CAPITALS,
                CharacterProperties.STRIKE,
                CharacterProperties.HIDDEN,
                ParagraphProperties.KEEP_WITH_NEXT,
                ParagraphProperties.KEEP_LINES,
                ParagraphProperties.PAGE_BREAK_BEFORE,
                ParagraphProperties.WIDOW_CONTROL,
                ParagraphProperties.NO_HYPHENATION,
                ParagraphProperties.SAME_STYLE_SUPPRESSION,
                ParagraphProperties.SPACE_BEFORE_AUTO,
                ParagraphProperties.SPACE_AFTER_AUTO)) {
            values.put(toggle, List.of(true, false));
        }
        values.put(CharacterProperties.FACE, List.of("Arial", "Times New Roman"));
        values.put(CharacterProperties.FACE_HIGH_ANSI, List.of("Arial", "Cambria"));
        values.put(CharacterProperties.FACE_COMPLEX, List.of("Arial"));
        values.put(CharacterProperties.FACE_EAST_ASIA, List.of("MS Gothic"));
        values.put(CharacterProperties.SIZE, List.of(24, 23));
        values.put(CharacterProperties.COLOUR, List.of(new Colour(0x1F4FB0), Colour.AUTO));
        values.put(CharacterProperties.SHADING, List.of(new Colour(0xDDDDDD), Colour.AUTO));
        values.put(CharacterProperties.HIGHLIGHT, List.of("yellow", "none"));
        values.put(CharacterProperties.UNDERLINE, List.of("single", "none"));
        values.put(CharacterProperties.CHARACTER_SPACING, List.of(-10, 30));
        values.put(
                CharacterProperties.VERTICAL_POSITION,
                List.of(VerticalPosition.SUPERSCRIPT, VerticalPosition.BASELINE));
        values.put(ParagraphProperties.ALIGNMENT, List.of((Object[]) Alignment.values()));
        values.put(
                ParagraphProperties.LINE_SPACING,
                List.of(
                        LineSpacing.DOUBLE,
                        new LineSpacing(LineSpacing.Rule.EXACTLY, 300),
                        new LineSpacing(LineSpacing.Rule.AT_LEAST, 280)));
        values.put(ParagraphProperties.SPACE_BEFORE, List.of(0, 160));
        values.put(ParagraphProperties.SPACE_AFTER, List.of(0, 160));
        values.put(ParagraphProperties.INDENT_LEFT, List.of(0, 720, -144));
        values.put(ParagraphProperties.INDENT_RIGHT, List.of(0, 360));
        values.put(ParagraphProperties.INDENT_FIRST_LINE, List.of(0, 720, -720));
        values.put(ParagraphProperties.INDENT_LEFT_CHARACTERS, List.of(0, 200));
        values.put(ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS, List.of(0, 200, -150));
        values.put(ParagraphProperties.SHADING, List.of(new Colour(0xEEEEEE)));
        values.put(ParagraphProperties.OUTLINE_LEVEL, List.of(0, 9));
        values.put(
                ParagraphProperties.TAB_STOPS,
                List.of(new TabStops(
                        List.of(
                                new TabStops.Stop(4680, TabStops.Kind.CENTRE, TabStops.Leader.NONE),
                                new TabStops.Stop(9360, TabStops.Kind.RIGHT, TabStops.Leader.NONE)),
                        List.of())));
        values.put(SectionProperties.PAGE_WIDTH, List.of(12240));
        values.put(SectionProperties.PAGE_HEIGHT, List.of(15840));
        values.put(SectionProperties.LANDSCAPE, List.of(true, false));
        values.put(SectionProperties.MARGIN_TOP, List.of(1440, -720));
        values.put(SectionProperties.MARGIN_RIGHT, List.of(1440));
        values.put(SectionProperties.MARGIN_BOTTOM, List.of(1440));
        values.put(SectionProperties.MARGIN_LEFT, List.of(1800));
        values.put(SectionProperties.GUTTER, List.of(0, 360));
        values.put(SectionProperties.HEADER_DISTANCE, List.of(720));
        values.put(SectionProperties.FOOTER_DISTANCE, List.of(708));
        values.put(SectionProperties.COLUMNS, List.of(1, 2));
        values.put(SectionProperties.FIRST_PAGE_DIFFERS, List.of(true));
        values.put(SectionProperties.PAGE_NUMBER_START, List.of(1, 7));
        values.put(SectionProperties.BREAK, List.of((Object[]) SectionProperties.Break.values()));
        return values;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void everyPropertyComesBackAsItWasWritten(long seed) {
        Random random = new Random(seed);
        for (boolean strict : new boolean[] {false, true}) {
            for (Property.Family family : Property.Family.values()) {
                XmlElement container = container(family);
                PropertyWriter writer = new PropertyWriter(strict);
                Map<Property<?>, Object> written = new LinkedHashMap<>();
                List<Property<?>> order = new ArrayList<>(values().keySet());
                Collections.shuffle(order, random);
                for (Property<?> property : order) {
                    if (property.family() == family) {
                        List<Object> choices = values().get(property);
                        Object value = choices.get(random.nextInt(choices.size()));
                        writer.write(container, property, value);
                        written.put(property, value);
                    }
                }
                PropertySet read = read(family, container);
                written.forEach((property, value) -> assertThat(value(read, property))
                        .as("%s, strict %s, seed %d", property, strict, seed)
                        .isEqualTo(value));
                written.keySet().forEach(property -> writer.write(container, property, null));
                assertThat(container.isEmpty())
                        .as("%s left over, seed %d", container.toXml(), seed)
                        .isTrue();
            }
        }
    }

    /** A section says by silence that its sheet stands. */
    private static Object value(PropertySet read, Property<?> property) {
        Object value = read.get(property);
        return value == null && property == SectionProperties.LANDSCAPE ? Boolean.FALSE : value;
    }

    private static PropertySet read(Property.Family family, XmlElement written) {
        XmlElement again = parse(written.toXml());
        return switch (family) {
            case CHARACTER -> new PropertyReader(ThemeFaces.NONE).characters(again);
            case PARAGRAPH -> PropertyReader.paragraph(again);
            case SECTION -> PropertyReader.section(again);
        };
    }

    private static XmlElement container(Property.Family family) {
        return parse(
                switch (family) {
                    case CHARACTER -> "<w:rPr/>";
                    case PARAGRAPH -> "<w:pPr/>";
                    case SECTION -> "<w:sectPr/>";
                });
    }

    private static XmlElement parse(String xml) {
        String declared = xml.contains("xmlns:w") ? xml : xml.replaceFirst("(/?>)", " xmlns:w=\"" + Ns.W + "\"$1");
        return XmlDocument.parse("test", declared.getBytes(StandardCharsets.UTF_8), Map.of())
                .root();
    }
}
