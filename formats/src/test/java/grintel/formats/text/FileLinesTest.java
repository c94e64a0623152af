package grintel.formats.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.appendix.Questionnaire;
import grintel.core.appendix.Questionnaire.Line;
import grintel.core.appendix.Questionnaire.Role;
import grintel.core.made.UnusableSourceException;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.docx.DocxWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class FileLinesTest {
    private static final long INCH = 914_400;

    private static List<String> page(String html) {
        List<String> out = new ArrayList<>();
        FileLines.page(html, out);
        return out.stream().map(String::strip).toList();
    }

    @Test
    void aLineStandsForEachPictureOfADocument() {
        byte[] file = DocxWriter.write(
                new PaperBuilder()
                        .paragraph("Which bell is this?")
                        .paragraph(p -> p.picture("word/media/image1.png", INCH, INCH, "A bell with a crack"))
                        .paragraph(p -> p.text("And this?").picture("word/media/image1.png", INCH, INCH, ""))
                        .build(),
                Map.of("word/media/image1.png", new byte[] {1}));
        List<String> lines = FileLines.read(file);
        assertThat(lines).contains("[Picture: A bell with a crack]").endsWith("[Picture]");
        List<Line> understood = Questionnaire.understand(lines);
        assertThat(understood)
                .filteredOn(line -> line.words().startsWith("[Picture"))
                .extracting(Line::role)
                .containsExactly(Role.INSTRUCTION, Role.INSTRUCTION);
    }

    @Test
    void aLineStandsForEachPictureOfAPageAndALinkSaysWhereItLeads() {
        assertThat(page("<p>Listen: <a href='https://bells.example/one'>the first bell</a></p>"
                        + "<p>See <a href='https://bells.example/two'>https://bells.example/two</a></p>"
                        + "<div><img src='http://127.0.0.1:1/x.png' alt='A cracked bell'>then say</div>"
                        + "<iframe src='http://127.0.0.1:1/'>frame</iframe><script>alert(1)</script>"))
                .containsExactly(
                        "Listen: the first bell (https://bells.example/one)",
                        "See https://bells.example/two",
                        "[Picture: A cracked bell]",
                        "then say",
                        "[Picture]");
    }

    @Test
    void itemsInCellsAreALineEachWithoutTheMarksBetween() {
        for (String sheet : List.of(
                "Item;Text\nQ1;The bell wakes me.\nQ2;It calms me mostly. (R)\nQ3;I know it.\n",
                "Item,Text\nQ1,\"The bell, at night, wakes me.\"\nQ2,It calms me. (R)\nQ3,I know it.\n",
                "Item\tText\nQ1\tThe bell wakes me.\nQ2\tIt calms me. (R)\nQ3\tI know it.\n")) {
            List<Line> lines = Questionnaire.understand(FileLines.read(sheet.getBytes(StandardCharsets.UTF_8)));
            assertThat(lines)
                    .as(sheet)
                    .extracting(Line::role)
                    .containsExactly(Role.OUT, Role.ITEM, Role.ITEM, Role.ITEM);
            assertThat(lines.get(3).words()).isEqualTo("I know it.");
            assertThat(lines.get(2).reversed()).isTrue();
        }
        assertThat(FileLines.read(
                        "We ask, and you answer.\nNothing, or all, is true.".getBytes(StandardCharsets.UTF_8)))
                .containsExactly("We ask, and you answer.", "Nothing, or all, is true.");
    }

    @Test
    void whatHoldsNoWordsIsSaidSo() {
        assertThatThrownBy(() -> FileLines.read(" \n \n".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnusableSourceException.class)
                .hasMessageContaining("no words");
        assertThatThrownBy(() -> FileLines.read(new byte[] {'a', 0, 0, 0, 'b'}))
                .isInstanceOf(UnusableSourceException.class);
    }
}
