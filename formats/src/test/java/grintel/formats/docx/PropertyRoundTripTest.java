package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TableProperties;
import grintel.core.random.RandomValues;
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
    private static final Map<String, List<Property<?>>> FAMILIES = families();

    private static Map<String, List<Property<?>>> families() {
        Map<String, List<Property<?>>> families = new LinkedHashMap<>();
        families.put("rPr", CharacterProperties.ALL);
        families.put("pPr", ParagraphProperties.ALL);
        families.put("sectPr", SectionProperties.ALL);
        families.put("tblPr", TableProperties.ALL);
        families.put("trPr", RowProperties.ALL);
        families.put("tcPr", CellProperties.ALL);
        return families;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void everyPropertyComesBackAsItWasWrittenAndGoesWithoutATrace(long seed) {
        Random random = new Random(seed);
        for (boolean strict : new boolean[] {false, true}) {
            FAMILIES.forEach((name, family) -> {
                XmlElement container = parse("<w:" + name + "/>");
                PropertyWriter writer = new PropertyWriter(strict);
                Map<Property<?>, Object> written = new LinkedHashMap<>();
                List<Property<?>> order = new ArrayList<>(family);
                Collections.shuffle(order, random);
                for (Property<?> property : order) {
                    Object value = RandomValues.of(property, random);
                    writer.write(container, property, value);
                    written.put(property, value);
                }
                PropertySet read = read(name, parse(container.toXml()));
                written.forEach((property, value) -> assertThat((Object) read.get(property))
                        .as("%s of %s, strict %s, seed %d", property, name, strict, seed)
                        .isEqualTo(value));
                written.keySet().forEach(property -> writer.write(container, property, null));
                assertThat(container.isEmpty())
                        .as("%s left over, seed %d", container.toXml(), seed)
                        .isTrue();
            });
        }
    }

    private static PropertySet read(String name, XmlElement element) {
        return switch (name) {
            case "rPr" -> new PropertyReader(ThemeFaces.NONE).characters(element);
            case "pPr" -> PropertyReader.paragraph(element);
            case "sectPr" -> PropertyReader.section(element);
            case "tblPr" -> TablePropertyReader.table(element);
            case "trPr" -> TablePropertyReader.row(element);
            default -> TablePropertyReader.cell(element);
        };
    }

    private static XmlElement parse(String xml) {
        String declared = xml.contains("xmlns:w") ? xml : xml.replaceFirst("(/?>)", " xmlns:w=\"" + Ns.W + "\"$1");
        return XmlDocument.parse("test", declared.getBytes(StandardCharsets.UTF_8), Map.of())
                .root();
    }
}
