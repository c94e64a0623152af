package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Properties said in two ways that mean the same are resolved to the same. */
class TwoEncodingsTest {
    private static Paragraph paragraph(String properties) {
        String xml = properties.equals("none") ? "" : properties.replace('\'', '"');
        return DocxReader.read(RawDocx.transitional()
                        .body("<w:p><w:pPr>" + xml + "</w:pPr><w:r><w:t>x</w:t></w:r></w:p>")
                        .build())
                .paragraphs()
                .get(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
                    <w:spacing w:before='240'/>              | <w:spacing w:before='12pt'/>
                    <w:spacing w:after='144'/>               | <w:spacing w:after='0.1in'/>
                    <w:spacing w:beforeAutospacing='1'/>     | <w:spacing w:beforeAutospacing='true'/>
                    <w:spacing w:afterAutospacing='0'/>      | none
                    <w:contextualSpacing/>                   | <w:contextualSpacing w:val='on'/>
                    <w:keepNext w:val='1'/>                  | <w:keepNext/>
                    <w:keepLines w:val='true'/>              | <w:keepLines/>
                    <w:pageBreakBefore w:val='0'/>           | none
                    <w:widowControl w:val='1'/>              | none
                    <w:jc w:val='left'/>                     | <w:jc w:val='start'/>
                    <w:jc w:val='right'/>                    | <w:jc w:val='end'/>
                    <w:ind w:right='567'/>                   | <w:ind w:end='1cm'/>
                    <w:ind w:firstLine='720'/>               | <w:ind w:firstLine='36pt'/>
                    <w:spacing w:line='480' w:lineRule='auto'/> | <w:spacing w:line='24pt'/>
                    <w:tabs><w:tab w:val='right' w:pos='9360'/></w:tabs> | <w:tabs><w:tab w:val='end' w:pos='6.5in'/></w:tabs>
                    <w:outlineLvl w:val='9'/>                | none
                    <w:shd w:val='clear' w:fill='auto'/>     | none
                    """)
    void ofParagraphs(String one, String other) {
        Paragraph first = paragraph(one);
        Paragraph second = paragraph(other);
        for (Property<?> property : ParagraphProperties.ALL) {
            assertThat((Object) first.format().get(property))
                    .as(property.name())
                    .isEqualTo(second.format().get(property));
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
                    <w:pgSz w:w='12240' w:h='15840'/>        | <w:pgSz w:w='8.5in' w:h='11in'/>
                    <w:pgMar w:left='1440' w:gutter='0'/>    | <w:pgMar w:left='2.54cm'/>
                    <w:pgMar w:header='720' w:footer='720'/> | <w:pgMar w:header='36pt' w:footer='0.5in'/>
                    <w:titlePg/>                             | <w:titlePg w:val='1'/>
                    <w:titlePg w:val='false'/>               | none
                    <w:cols w:num='1' w:space='720'/>        | none
                    <w:pgNumType w:fmt='decimal'/>           | none
                    <w:type w:val='nextPage'/>               | none
                    """)
    void ofSections(String one, String other) {
        for (Property<?> property : SectionProperties.ALL) {
            assertThat((Object) section(one).get(property))
                    .as(property.name())
                    .isEqualTo(section(other).get(property));
        }
    }

    private static Section section(String properties) {
        String xml = properties.equals("none") ? "" : properties.replace('\'', '"');
        return DocxReader.read(RawDocx.transitional()
                        .body("<w:p><w:r><w:t>x</w:t></w:r></w:p><w:sectPr>" + xml + "</w:sectPr>")
                        .build())
                .sections()
                .get(0);
    }
}
