package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxPictures;
import grintel.formats.docx.DocxWriter;
import grintel.server.Visitor.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Appendices made of exported questionnaires, over the wire. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class AppendixTest {
    private static final String EXPORT =
            "Start of Block: Sleep\nQ1 The bell wakes me.\n○ Never (1)\n○ Always (2)\nEnd of Block: Sleep\n";

    @LocalServerPort
    private int port;

    private Visitor visitor;

    @BeforeEach
    void signUp() {
        visitor = Visitor.withAccount(port);
    }

    private JsonNode lines() {
        String pasted = JsonMapper.shared().writeValueAsString(Map.of("text", EXPORT));
        return visitor.file("/api/appendices/paste", pasted).json().get("lines");
    }

    private Answer bring(String paper, String appendix) {
        int revision = visitor.get(paper).json().get("revision").intValue();
        return visitor.finish(
                visitor.file(paper + "/appendix", "{\"revision\": " + revision + ", \"appendix\": " + appendix + "}"));
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void picturesComeAlongIntoTheFileAndIntoThePaper() throws IOException {
        String held = Base64.getEncoder().encodeToString(png());
        String html = "<html><p>Bells</p><img alt='A cracked bell' src='data:image/png;base64," + held + "'>";
        JsonNode lines = visitor.upload("/api/appendices/file", html.getBytes(StandardCharsets.UTF_8), Map.of())
                .json()
                .get("lines");
        assertThat(lines.at("/1/role").stringValue()).isEqualTo("picture");
        assertThat(lines.at("/1/picture/data").stringValue()).isEqualTo("data:image/png;base64," + held);
        String whole = "{\"lines\": " + lines + "}";
        String sizeOnly = whole.replaceAll(",?\"data\":\"[^\"]*\"", "");
        String wanted = "{\"appendix\": %s, \"guide\": \"apa-7-student\"}";
        JsonNode picture = visitor.file("/api/appendices/pages", wanted.formatted(sizeOnly))
                .json()
                .at("/layout/pages/0/pictures/0");
        assertThat(picture.get("part")).isEqualTo(lines.at("/1/picture/id"));
        assertThat(picture.get("width").doubleValue()).isEqualTo(225);
        byte[] made =
                visitor.file("/api/appendices/docx", wanted.formatted(whole)).bytes();
        assertThat(DocxPictures.find(made, picture.get("part").stringValue()))
                .extracting(DocxPictures.Picture::bytes)
                .isEqualTo(png());
        String paper = visitor.bring(UntidyStudy.write(), Map.of("guide", "apa-7-student"));
        assertThat(bring(paper, sizeOnly).status()).as("without the picture").isEqualTo(400);
        assertThat(bring(paper, whole).status()).isEqualTo(200);
        assertThat(visitor.get(paper + "/picture?part=" + picture.get("part").stringValue())
                        .bytes())
                .isEqualTo(png());
        String forged = whole.replaceAll("word/media/picture-\\w+", "word/../picture");
        assertThat(visitor.file("/api/appendices/pages", wanted.formatted(forged))
                        .status())
                .isEqualTo(400);
        String broken = whole.replace(held, "AAAA");
        assertThat(visitor.file("/api/appendices/docx", wanted.formatted(broken))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void asManyLinesAsAreTakenCanBeSentBack() {
        String pasted = "Which bell wakes you, and at which hour of the night does it ring?\n".repeat(4999) + "Thanks.";
        JsonNode lines = visitor.file(
                        "/api/appendices/paste", JsonMapper.shared().writeValueAsString(Map.of("text", pasted)))
                .json()
                .get("lines");
        String wanted = "{\"appendix\": {\"lines\": " + lines + "}, \"guide\": \"mla-9\"}";
        assertThat(visitor.file("/api/appendices/pages", wanted).status()).isEqualTo(200);
    }

    @Test
    void whatIsTakenOutIsToldLineByLine() {
        JsonNode lines = lines();
        assertThat(lines.valueStream().map(line -> line.get("role").stringValue()))
                .containsExactly("heading", "item", "option", "option", "out");
        assertThat(lines.at("/2/why").valueStream().map(JsonNode::stringValue))
                .containsExactly("circles or boxes", "codes of answers");
        String html =
                "<p>Start of Block: Sleep</p><p>Q1 The bell wakes me.</p><ul><li>○ Never (1)</li><li>○ Always (2)</li></ul>"
                        + "<script>alert(1)</script><p>End of Block: Sleep</p>";
        assertThat(visitor.upload("/api/appendices/file", ("<html>" + html).getBytes(StandardCharsets.UTF_8), Map.of())
                        .json()
                        .get("lines"))
                .isEqualTo(lines);
    }

    @Test
    void anAppendixIsShownKeptAsAFileAndBroughtInAsOneStep() {
        String appendix = "{\"lines\": " + lines() + "}";
        String wanted = "{\"appendix\": " + appendix + ", \"guide\": \"apa-7-student\"}";
        JsonNode pages = visitor.file("/api/appendices/pages", wanted).json();
        assertThat(pages.at("/layout/pages/0/lines").toString()).contains("Appendix", "1 = Never, 2 = Always");
        DocxFile file =
                DocxFile.read(visitor.file("/api/appendices/docx", wanted).bytes());
        assertThat(file.paper().paragraphs().get(1).text()).isEqualTo("Sleep");
        String paper = visitor.bring(UntidyStudy.write(), Map.of("guide", "apa-7-student"));
        int before = visitor.get(paper).json().get("pages").intValue();
        Answer work = bring(paper, appendix);
        assertThat(work.status()).isEqualTo(200);
        assertThat(visitor.get(paper).json().get("pages").intValue()).isGreaterThan(before);
        assertThat(visitor.get(paper).json().get("undo").stringValue()).isEqualTo("Appendix");
        visitor.change(paper, "/undo");
        assertThat(visitor.get(paper).json().get("pages").intValue()).isEqualTo(before);
    }

    @Test
    void whatAPartIsIsToldAndCanBeSaidOtherwise() {
        String wanted =
                "{\"appendix\": {\"lines\": " + lines() + ", \"materials\": [%s]}, \"guide\": \"apa-7-student\"}";
        JsonNode understood =
                visitor.file("/api/appendices/pages", wanted.formatted("")).json();
        assertThat(understood.at("/materials/0/kind").stringValue()).isEqualTo("other");
        assertThat(understood.at("/materials/0/title").stringValue()).isEqualTo("Sleep");
        String scale =
                "{\"part\": 0, \"kind\": \"scale\", \"title\": \"Harbour Sleep Scale\", \"abbreviation\": \"HSS\","
                        + " \"source\": \"From Verholt (2004)\"}";
        JsonNode said =
                visitor.file("/api/appendices/pages", wanted.formatted(scale)).json();
        assertThat(said.at("/materials/0/title").stringValue()).isEqualTo("Harbour Sleep Scale (HSS)");
        assertThat(said.at("/layout/pages/0/lines").toString()).contains("From Verholt (2004).");
        assertThat(visitor.file("/api/appendices/pages", wanted.formatted("{\"part\": 0, \"kind\": \"riddle\"}"))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void severalStandAsThePaperMentionsThemAndAsTheyAreToldTo() {
        String two = "{\"lines\": [%s, %s]%s}";
        String first =
                "{\"typed\": \"\", \"words\": \"Lamps\", \"role\": \"heading\", \"reversed\": false, \"part\": 0}";
        String second =
                "{\"typed\": \"\", \"words\": \"Fog Bells\", \"role\": \"heading\", \"reversed\": false, \"part\": 1}";
        byte[] file = DocxWriter.write(new PaperBuilder()
                .paragraph("The bells are listed in an appendix. So are the lamps, in another appendix.")
                .build());
        String paper = visitor.bring(file, Map.of("guide", "apa-7-student"));
        JsonNode order = visitor.finish(visitor.file(paper + "/appendix-order", two.formatted(first, second, "")))
                .json()
                .get("appendices");
        assertThat(order.valueStream().map(each -> each.get("index").intValue()))
                .containsExactly(1, 0);
        assertThat(order.at("/0/sentence").stringValue()).isEqualTo("The bells are listed in an appendix.");
        assertThat(order.at("/0/page").intValue()).isEqualTo(1);
        String wanted = "{\"appendix\": " + two.formatted(first, second, ", \"order\": [1]")
                + ", \"guide\": \"apa-7-student\"}";
        DocxFile made =
                DocxFile.read(visitor.file("/api/appendices/docx", wanted).bytes());
        assertThat(made.paper().paragraphs())
                .extracting(Paragraph::text)
                .startsWith("Appendix A", "Fog Bells", "Appendix B", "Lamps");
    }

    @Test
    void whatIsNoAppendixIsRefusedInWords() {
        assertThat(visitor.file("/api/appendices/paste", "{\"text\": \" \"}").status())
                .isEqualTo(400);
        assertThat(visitor.upload("/api/appendices/file", new byte[] {'P', 'K', 3, 4}, Map.of())
                        .status())
                .isEqualTo(422);
        Answer none = visitor.file("/api/appendices/pages", "{\"appendix\": {\"lines\": []}, \"guide\": \"mla-9\"}");
        assertThat(none.json().get("detail").stringValue()).contains("No line is left");
    }
}
