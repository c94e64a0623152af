package grintel.formats.xml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.formats.UnreadableFileException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class XmlDocumentTest {
    private static final String SOURCE =
            "<?xml version='1.0'?>\r\n<!-- before --><w:a xmlns:w='urn:w'  w:x = 'a&amp;b'  z=\"1\">"
                    + "<w:b/><?pi data?><w:c w:v='1'\n w:u='2'>text &lt; more<![CDATA[ raw ]]></w:c><!-- in -->tail</w:a>\n<!-- after -->";

    private static XmlDocument parse() {
        return XmlDocument.parse("test", SOURCE.getBytes(StandardCharsets.UTF_8), Map.of());
    }

    private static String text(XmlDocument document) {
        return new String(document.toBytes(), StandardCharsets.UTF_8);
    }

    @Test
    void unchangedItIsWrittenLetterForLetter() {
        assertThat(text(parse())).isEqualTo(SOURCE);
    }

    @Test
    void aChangedAttributeLeavesTheRestOfItsTagAlone() {
        XmlDocument document = parse();
        document.root().child("c").setAttribute("u", "3<");
        assertThat(text(document)).isEqualTo(SOURCE.replace("w:u='2'", "w:u=\"3&lt;\""));
        document.root().child("c").setAttribute("v", null);
        assertThat(text(document)).contains("<w:c\n w:u=\"3&lt;\">");
    }

    @Test
    void aNewChildGoesWhereTheSchemaWantsItAndAnEmptyTagOpens() {
        XmlDocument document = parse();
        XmlElement b = document.root().child("b");
        b.append(XmlElement.like(b, "n")).setAttribute("val", "1");
        document.root().insertInOrder(XmlElement.like(b, "bb"), List.of("b", "bb", "c"));
        assertThat(text(document)).contains("<w:b><w:n w:val=\"1\"/></w:b><?pi data?><w:bb/><w:c w:v='1'");
    }

    @Test
    void aRemovedChildIsGoneAndNothingElse() {
        XmlDocument document = parse();
        document.root().child("b").remove();
        assertThat(text(document)).isEqualTo(SOURCE.replace("<w:b/>", ""));
    }

    @Test
    void textIsReadWithReferencesAndSectionsResolved() {
        assertThat(parse().root().child("c").text()).isEqualTo("text < more raw ");
        assertThat(parse().root().attribute("x")).isEqualTo("a&b");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<a>a &e nd</a>",
                "<a>a &nothing; b</a>",
                "<a>a &#0; b</a>",
                "<a><![CDATA[not closed</a>",
                "<a><!-- not -- well --></a>",
                "<a b='&e '/>",
                "<a>",
                "<a></b>",
                "a",
            })
    void whatIsWrongIsToldAsThePartsOwnFault(String source) {
        assertThatThrownBy(
                        () -> XmlDocument.parse("word/document.xml", source.getBytes(StandardCharsets.UTF_8), Map.of()))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("word/document.xml");
    }
}
