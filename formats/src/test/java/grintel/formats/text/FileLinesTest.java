package grintel.formats.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import grintel.core.appendix.ExportPicture;
import grintel.core.appendix.Questionnaire;
import grintel.core.appendix.Questionnaire.Line;
import grintel.core.appendix.Questionnaire.Role;
import grintel.core.edit.NewImage;
import grintel.core.made.UnusableSourceException;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.docx.DocxWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class FileLinesTest {
    private static final int INCH = 914_400;

    private static List<String> words(Export export) {
        return export.lines().stream().map(line -> line.words().strip()).toList();
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void picturesOfADocumentComeAlongAsLargeAsTheyStand() throws IOException {
        byte[] file = DocxWriter.write(
                new PaperBuilder()
                        .paragraph(p -> p.picture("word/media/image1.png", 2 * INCH, INCH, "A bell with a crack."))
                        .paragraph(p -> p.text("Again:").picture("word/media/image1.png", INCH, INCH, ""))
                        .build(),
                Map.of("word/media/image1.png", png(40, 20)));
        Export export = FileLines.read(file);
        assertThat(export.images()).hasSize(1);
        NewImage image = export.images().values().iterator().next();
        assertThat(image.dots()).isEqualTo(png(40, 20));
        assertThat(Questionnaire.understand(export.lines()))
                .extracting(Line::role, Line::words, Line::picture)
                .containsExactly(
                        tuple(Role.PICTURE, "A bell with a crack", new ExportPicture(image.part(), 2 * INCH, INCH)),
                        tuple(Role.INSTRUCTION, "Again:", null),
                        tuple(Role.PICTURE, "Picture 2", new ExportPicture(image.part(), INCH, INCH)));
    }

    @Test
    void ofAPageThosePicturesComeAlongThatItHoldsItself() throws IOException {
        String held = "data:image/png;base64," + Base64.getEncoder().encodeToString(png(30, 10));
        Export export = FileLines.page("<p>First<img src='" + held + "' alt='bell.png'>then</p>"
                + "<img src='" + held + "' width='60' height='20px' alt='A bell'>"
                + "<img src='http://127.0.0.1:1/x.png' alt='Far'><img src='data:image/png;base64,AAAA' alt='Broken'>"
                + "<img src='data:image/svg+xml;base64,PHN2Zy8+' alt='Lines'>"
                + "<img src='" + held.substring(0, held.length() - 40) + "' alt='Cut'><p>\uE0000</p>");
        assertThat(export.images()).hasSize(1);
        String id = export.images().keySet().iterator().next();
        assertThat(Questionnaire.understand(export.lines()))
                .extracting(Line::words, Line::picture)
                .containsExactly(
                        tuple("First", null),
                        tuple("Picture 1", new ExportPicture(id, 30 * 9525, 10 * 9525)),
                        tuple("then", null),
                        tuple("A bell", new ExportPicture(id, 60 * 9525, 20 * 9525)),
                        tuple("[Picture: Far]", null),
                        tuple("[Picture: Broken]", null),
                        tuple("[Picture: Lines]", null),
                        tuple("[Picture: Cut]", null),
                        tuple("\uE0000", null));
    }

    @Test
    void whatIsTooMuchToBeSentAgainStaysBehind() throws IOException {
        StringBuilder page = new StringBuilder();
        for (int i = 1; i <= 250; i++) {
            page.append("<img alt='x' src='data:image/png;base64,")
                    .append(Base64.getEncoder().encodeToString(png(i, 1)))
                    .append("'>");
        }
        Export export = FileLines.page(page.toString());
        assertThat(export.images()).hasSize(200);
        assertThat(export.lines())
                .hasSize(250)
                .filteredOn(line -> line.picture() == null)
                .hasSize(50);
    }

    @Test
    void aLineStandsForEachPictureOfADocumentThatCannotCome() {
        byte[] file = DocxWriter.write(
                new PaperBuilder()
                        .paragraph("Which bell is this?")
                        .paragraph(p -> p.picture("word/media/image1.png", INCH, INCH, "A bell with a crack"))
                        .paragraph(p -> p.text("And this?").picture("word/media/image1.png", INCH, INCH, ""))
                        .build(),
                Map.of("word/media/image1.png", new byte[] {1}));
        Export export = FileLines.read(file);
        assertThat(words(export)).contains("[Picture: A bell with a crack]").endsWith("[Picture]");
        List<Line> understood = Questionnaire.understand(export.lines());
        assertThat(understood)
                .filteredOn(line -> line.words().startsWith("[Picture"))
                .extracting(Line::role)
                .containsExactly(Role.INSTRUCTION, Role.INSTRUCTION);
    }

    @Test
    void aLineStandsForEachPictureOfAPageAndALinkSaysWhereItLeads() {
        assertThat(words(FileLines.page("<p>Listen: <a href='https://bells.example/one'>the first bell</a></p>"
                        + "<p>See <a href='https://bells.example/two'>https://bells.example/two</a></p>"
                        + "<div><img src='http://127.0.0.1:1/x.png' alt='A cracked bell'>then say</div>"
                        + "<iframe src='http://127.0.0.1:1/'>frame</iframe><script>alert(1)</script>")))
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
            List<Line> lines = Questionnaire.understand(
                    FileLines.read(sheet.getBytes(StandardCharsets.UTF_8)).lines());
            assertThat(lines)
                    .as(sheet)
                    .extracting(Line::role)
                    .containsExactly(Role.OUT, Role.ITEM, Role.ITEM, Role.ITEM);
            assertThat(lines.get(3).words()).isEqualTo("I know it.");
            assertThat(lines.get(2).reversed()).isTrue();
        }
        assertThat(words(FileLines.read(
                        "We ask, and you answer.\nNothing, or all, is true.".getBytes(StandardCharsets.UTF_8))))
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
