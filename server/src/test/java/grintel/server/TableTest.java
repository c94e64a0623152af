package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import grintel.server.Visitor.Answer;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tables made of what is pasted or brought, over the wire. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class TableTest {
    private static final String CELLS =
            "Harbour,Interval\nNorth,4.1\nNorth,3.9\nNorth,4.4\nSouth,3.1\nSouth,3.6\nSouth,3.3\n";

    @LocalServerPort
    private int port;

    private Visitor visitor;

    @BeforeEach
    void signUp() {
        visitor = Visitor.withAccount(port);
    }

    private static String json(Object value) {
        return JsonMapper.shared().writeValueAsString(value);
    }

    private JsonNode made(String sheets) {
        return visitor.file(
                        "/api/tables/made",
                        "{\"sheets\": " + sheets
                                + ", \"guide\": \"apa-7-student\", \"asterisks\": false, \"intervals\": false}")
                .json();
    }

    @Test
    void pastedRawDataBecomeATableOnAPageThatIsRight() {
        JsonNode sheets = visitor.file("/api/tables/paste", json(Map.of("text", CELLS)))
                .json()
                .get("sheets");
        JsonNode made = made(sheets.toString());
        assertThat(made.get("kind").stringValue()).isEqualTo("groups");
        assertThat(made.at("/columns/0/role").stringValue()).isEqualTo("group");
        JsonNode table = made.get("table");
        assertThat(table.get("report").stringValue()).startsWith("_t_(4) = ");
        String page = "{\"table\": " + table + ", \"guide\": \"apa-7-student\", \"number\": 3}";
        JsonNode shown = visitor.post("/api/tables/page", page).json();
        assertThat(shown.get("off").valueStream()).isEmpty();
        assertThat(shown.at("/layout/pages/0/lines/0/text").toString() + shown.get("layout"))
                .contains("Table 3");
        assertThat(shown.at("/strokes/pages/0/strokes").valueStream()).isNotEmpty();
        DocxFile file = DocxFile.read(visitor.post("/api/tables/docx", page).bytes());
        assertThat(file.paper().paragraphs().get(0).text()).isEqualTo("Table 3");
    }

    @Test
    void theSameCellsComeOutOfAFileAndOutOfAPage() {
        JsonNode file = visitor.upload("/api/tables/file", CELLS.getBytes(StandardCharsets.UTF_16), Map.of())
                .json();
        String html = "<table><tr><td>"
                + CELLS.strip().replace("\n", "</td></tr><tr><td>").replace(",", "</td><td>") + "</td></tr></table>";
        JsonNode page = visitor.file("/api/tables/paste", json(Map.of("html", html, "text", "x")))
                .json();
        assertThat(file.at("/sheets/0/rows")).isEqualTo(page.at("/sheets/0/rows"));
    }

    @Test
    void aTableComesIntoThePaperAsOneStepAndGoesAgain() {
        String paper = visitor.bring(UntidyStudy.write(), Map.of("guide", "apa-7-student"));
        JsonNode places = visitor.ready(paper + "/table-places").json();
        int likeliest = places.get("likeliest").intValue();
        JsonNode place = places.get("places")
                .valueStream()
                .filter(each -> each.get("paragraph").intValue() == likeliest)
                .findFirst()
                .orElseThrow();
        JsonNode sheets = visitor.file("/api/tables/paste", json(Map.of("text", CELLS)))
                .json()
                .get("sheets");
        String wish = "\"table\": " + made(sheets.toString()).get("table") + ", \"paragraph\": " + likeliest
                + ", \"mention\": true";
        int tables = tables(paper);
        Answer work = visitor.finish(visitor.change(paper, "/table", wish));
        assertThat(work.status()).isEqualTo(200);
        JsonNode after = visitor.get(paper).json();
        assertThat(after.get("undo").stringValue()).startsWith("Table: Harbour Differences in Interval");
        assertThat(tables(paper)).isEqualTo(tables + 1);
        assertThat(place.get("number").intValue()).isPositive();
        assertThat(visitor.ready(paper + "/tables").json().get("tables").valueStream())
                .anyMatch(found -> found.at("/sheet/title").stringValue().equals("Harbour Differences in Interval")
                        && found.get("label").stringValue().equals("Table " + place.get("number"))
                        && found.get("page").intValue() > 1);
        visitor.change(paper, "/undo");
        assertThat(tables(paper)).isEqualTo(tables);
    }

    private int tables(String paper) {
        return visitor.ready(paper + "/parts")
                .json()
                .toString()
                .toLowerCase(Locale.ROOT)
                .split("caption.number", -1)
                .length;
    }

    @Test
    void whatIsNoTableIsRefusedInWords() {
        Answer nothing = visitor.file("/api/tables/paste", "{\"text\": \"  \"}");
        assertThat(nothing.status()).isEqualTo(422);
        assertThat(nothing.json().get("detail").stringValue()).contains("no cells");
        assertThat(visitor.file("/api/tables/made", "{\"sheets\": []").status()).isEqualTo(400);
        assertThat(visitor.file(
                                "/api/tables/made",
                                "{\"sheets\": [], \"guide\": \"mla-9\", \"asterisks\": false, \"intervals\": false}")
                        .status())
                .isEqualTo(422);
        assertThat(visitor.post(
                                "/api/tables/page",
                                "{\"table\": {\"heads\": [[{\"words\": \"a\", \"span\": 2}]], \"rows\": [[\"x\"]]}, \"guide\": \"mla-9\"}")
                        .status())
                .isEqualTo(400);
        assertThat(visitor.post("/api/tables/page", "{\"guide\": \"mla-9\"}").status())
                .isEqualTo(400);
    }
}
