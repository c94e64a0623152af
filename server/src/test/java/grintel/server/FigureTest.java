package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import grintel.server.Visitor.Answer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Figures drawn of what is pasted or brought, over the wire. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class FigureTest {
    private static final String CELLS =
            "Harbour,Interval\nNorth,4.1\nNorth,3.9\nNorth,4.4\nSouth,3.1\nSouth,3.6\nSouth,3.3\n";

    @LocalServerPort
    private int port;

    private Visitor visitor;

    @BeforeEach
    void signUp() {
        visitor = Visitor.withAccount(port);
    }

    private JsonNode made(String further) {
        JsonNode sheets = visitor.file(
                        "/api/tables/paste", JsonMapper.shared().writeValueAsString(Map.of("text", CELLS)))
                .json()
                .get("sheets");
        return visitor.file(
                        "/api/figures/made",
                        "{\"sheets\": " + sheets + ", \"guide\": \"apa-7-student\", \"line\": true, \"turned\": false"
                                + further + "}")
                .json();
    }

    @Test
    void pastedRawDataBecomeAFigureOnAPageThatIsRight() throws IOException {
        JsonNode made = made(", \"spread\": \"error\"");
        assertThat(made.get("kind").stringValue()).isEqualTo("bars");
        assertThat(made.get("spread").stringValue()).isEqualTo("error");
        JsonNode figure = made.get("figure");
        assertThat(figure.get("title").stringValue()).isEqualTo("Mean Interval by Harbour");
        String page = "{\"figure\": " + figure + ", \"guide\": \"apa-7-student\", \"number\": 3}";
        JsonNode shown = visitor.post("/api/figures/page", page).json();
        assertThat(shown.get("off").valueStream()).isEmpty();
        assertThat(shown.at("/layout/pages/0/pictures/0/alternative").stringValue())
                .startsWith("Bar chart of");
        assertThat(shown.get("layout").toString()).contains("Figure 3");
        byte[] picture = visitor.post("/api/figures/picture", page).bytes();
        assertThat(ImageIO.read(new ByteArrayInputStream(picture)).getWidth()).isEqualTo(1800);
        DocxFile file = DocxFile.read(visitor.post("/api/figures/docx", page).bytes());
        assertThat(file.paper().paragraphs().get(0).text()).isEqualTo("Figure 3");
    }

    @Test
    void aFigureComesIntoThePaperAsOneStepAndGoesAgain() {
        String paper = visitor.bring(UntidyStudy.write(), Map.of("guide", "apa-7-student"));
        int likeliest =
                visitor.ready(paper + "/figure-places").json().get("likeliest").intValue();
        Answer work = visitor.finish(visitor.change(
                paper,
                "/figure",
                "\"figure\": " + made("").get("figure") + ", \"paragraph\": " + likeliest + ", \"mention\": true"));
        assertThat(work.status()).isEqualTo(200);
        assertThat(visitor.get(paper).json().get("undo").stringValue()).isEqualTo("Figure: Mean Interval by Harbour");
        assertThat(pictures(paper)).isEqualTo(1);
        visitor.change(paper, "/undo");
        assertThat(pictures(paper)).isZero();
    }

    private long pictures(String paper) {
        return visitor.ready(paper + "/layout")
                .json()
                .get("pages")
                .valueStream()
                .flatMap(page -> page.get("pictures").valueStream())
                .filter(picture -> picture.get("part").stringValue().contains("media/figure-"))
                .count();
    }

    @Test
    void numbersThatMakeNoChartAreRefusedInWords() {
        for (String figure : new String[] {
            "{\"title\": \"A\"}",
            "{\"title\": \"A\", \"chart\": {\"mark\": \"scatter\", \"x\": [1, 2], \"y\": [1]}}",
            "{\"title\": \"A\", \"chart\": {\"mark\": \"bars\", \"categories\": [\"a\"], \"series\": [{\"values\": [1], \"reaches\": [-1]}]}}"
        }) {
            Answer answer = visitor.post(
                    "/api/figures/page", "{\"figure\": " + figure + ", \"guide\": \"mla-9\", \"number\": 1}");
            assertThat(answer.status()).as(figure).isEqualTo(400);
            assertThat(answer.json().get("detail").stringValue()).contains("do not make a chart");
        }
        assertThat(visitor.post("/api/figures/page", "{\"guide\": \"mla-9\"}").status())
                .isEqualTo(400);
    }
}
