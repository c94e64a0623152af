package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import grintel.server.Visitor.Answer;
import java.nio.charset.StandardCharsets;
import java.util.Map;
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
        JsonNode pages = visitor.post("/api/appendices/pages", wanted).json();
        assertThat(pages.at("/layout/pages/0/lines").toString()).contains("Appendix", "1 = Never, 2 = Always");
        DocxFile file =
                DocxFile.read(visitor.post("/api/appendices/docx", wanted).bytes());
        assertThat(file.paper().paragraphs().get(1).text()).isEqualTo("Sleep");
        String paper = visitor.bring(UntidyStudy.write(), Map.of("guide", "apa-7-student"));
        int before = visitor.get(paper).json().get("pages").intValue();
        Answer work = visitor.finish(visitor.change(paper, "/appendix", "\"appendix\": " + appendix));
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
                visitor.post("/api/appendices/pages", wanted.formatted("")).json();
        assertThat(understood.at("/materials/0/kind").stringValue()).isEqualTo("other");
        assertThat(understood.at("/materials/0/title").stringValue()).isEqualTo("Sleep");
        String scale =
                "{\"part\": 0, \"kind\": \"scale\", \"title\": \"Harbour Sleep Scale\", \"abbreviation\": \"HSS\","
                        + " \"source\": \"From Verholt (2004)\"}";
        JsonNode said =
                visitor.post("/api/appendices/pages", wanted.formatted(scale)).json();
        assertThat(said.at("/materials/0/title").stringValue()).isEqualTo("Harbour Sleep Scale (HSS)");
        assertThat(said.at("/layout/pages/0/lines").toString()).contains("From Verholt (2004).");
        assertThat(visitor.post("/api/appendices/pages", wanted.formatted("{\"part\": 0, \"kind\": \"riddle\"}"))
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
        JsonNode order = visitor.finish(visitor.post(paper + "/appendix-order", two.formatted(first, second, "")))
                .json()
                .get("appendices");
        assertThat(order.valueStream().map(each -> each.get("index").intValue()))
                .containsExactly(1, 0);
        assertThat(order.at("/0/sentence").stringValue()).isEqualTo("The bells are listed in an appendix.");
        assertThat(order.at("/0/page").intValue()).isEqualTo(1);
        String wanted = "{\"appendix\": " + two.formatted(first, second, ", \"order\": [1]")
                + ", \"guide\": \"apa-7-student\"}";
        DocxFile made =
                DocxFile.read(visitor.post("/api/appendices/docx", wanted).bytes());
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
        Answer none = visitor.post("/api/appendices/pages", "{\"appendix\": {\"lines\": []}, \"guide\": \"mla-9\"}");
        assertThat(none.json().get("detail").stringValue()).contains("No line is left");
    }
}
