package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import grintel.core.typeset.Typesetter;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import grintel.server.Visitor.Answer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** What the web application is told of a paper. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class PaperViewsTest {
    @LocalServerPort
    private int port;

    private Visitor tobias;
    private String paper;

    @BeforeEach
    void bringAStudy() {
        tobias = new Visitor(port);
        tobias.signUp(UUID.randomUUID() + "@brackwater.example", "a long enough word");
        paper = tobias.bring(
                UntidyStudy.write(), Map.of("guide", "apa-7-student", "surname", "Ekwall", "shortTitle", "Fog Bells"));
    }

    private JsonNode station(String id, String query) {
        return tobias.ready(paper + "/readings" + query)
                .json()
                .get("stations")
                .valueStream()
                .filter(each -> each.get("id").stringValue().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode offIn(String stationId) {
        return station(stationId, "")
                .get("readings")
                .valueStream()
                .filter(each -> each.get("off").booleanValue())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void lengthsFollowTheUnit() {
        JsonNode left = offIn("sheet");
        assertThat(left.get("is").get("text").stringValue()).endsWith(" in");
        JsonNode metric = station("sheet", "?units=centimetres")
                .get("readings")
                .valueStream()
                .filter(each -> each.get("key").equals(left.get("key")))
                .findFirst()
                .orElseThrow();
        assertThat(metric.get("is").get("text").stringValue()).endsWith(" cm");
        assertThat(metric.get("message").stringValue()).contains(" cm").doesNotContain(" in;");
        assertThat(tobias.ready(paper + "/strokes?station=sheet&units=centimetres")
                        .json()
                        .toString())
                .contains("2.54 cm")
                .doesNotContain(" in\"");
        assertThat(tobias.get(paper + "/readings?units=ells").status()).isEqualTo(400);
    }

    @Test
    void stationsSayWhatIsNotMeasuredAndWhy() {
        assertThat(station("hand-in", "").get("notBuilt").intValue()).isZero();
        String named =
                "{\"name\":\"LIT 214\",\"rules\":{\"hand-in.file-name\":{\"weight\":\"required\",\"pattern\":\"{surname}\"}}}";
        Answer changed =
                tobias.change(paper, "/facts", "\"guide\":\"apa-7-student\",\"surname\":\"Ekwall\",\"house\":" + named);
        assertThat(changed.status()).isEqualTo(200);
        assertThat(station("hand-in", "").get("notBuilt").intValue()).isEqualTo(1);
        tobias.change(paper, "/undo");
        assertThat(station("tables", "").get("state").stringValue()).isEqualTo("open");
        assertThat(station("tables", "").get("notBuilt").intValue()).isZero();
        assertThat(station("notes", "").get("state").stringValue()).isEqualTo("absent");
        assertThat(station("sheet", "").get("notBuilt").intValue()).isZero();
    }

    @Test
    void theWordsOfAPutRightAreShownBeforeAndNothingIsChanged() {
        int revision = tobias.revision(paper);
        Answer shown = tobias.change(paper, "/put-right/words", "\"wordsConfirmed\":true");
        JsonNode words = shown.json().get("words");
        assertThat(words).isNotEmpty();
        assertThat(words.valueStream()
                        .map(each -> each.get("where").stringValue() + "|" + each.path("page") + "|"
                                + each.get("before").stringValue())
                        .toList())
                .doesNotHaveDuplicates();
        assertThat(tobias.revision(paper)).isEqualTo(revision);
        tobias.change(paper, "/put-right", "\"wordsConfirmed\":true");
        assertThat(tobias.get(paper).json().get("changes")).hasSameSizeAs(words);
    }

    @Test
    void ofTwoPlacesAlikeOneIsPutRightByItself() {
        PaperBuilder twice = new PaperBuilder();
        for (int i = 0; i < 2; i++) {
            twice.paragraph(line -> line.text("The bells ring").lineBreak().text("at dusk."));
        }
        paper = tobias.bring(DocxWriter.write(twice.build()), Map.of("guide", "mla-9"));
        JsonNode breaks = station("spacing", "")
                .get("readings")
                .valueStream()
                .filter(each -> each.get("key").stringValue().startsWith("spacing.line-breaks/"))
                .findFirst()
                .orElseThrow();
        JsonNode done = tobias.change(
                        paper,
                        "/put-right",
                        "\"reading\":" + breaks.get("key") + ",\"places\":["
                                + breaks.get("places").get(0).get("anchor") + "],\"wordsConfirmed\":true")
                .json()
                .get("done");
        assertThat(done.valueStream().map(each -> each.get("text").stringValue()))
                .containsExactly("Line breaks: 2 line breaks → 1 line break");
    }

    @Test
    void aPaperIsJudgedByAnotherGuideAndThatIsUndone() {
        tobias.change(
                paper,
                "/facts",
                "\"guide\":\"mla-9\",\"surname\":\"Ekwall\",\"more\":{\"word-limit\":\"10\",\"title\":\" \"}");
        JsonNode changed = tobias.get(paper).json();
        assertThat(changed.get("guide").stringValue()).isEqualTo("MLA 9");
        assertThat(changed.get("facts").get("more").toString()).isEqualTo("{\"word-limit\":\"10\"}");
        assertThat(station("hand-in", "").toString()).contains("the limit is 10 words");
        tobias.change(paper, "/undo");
        assertThat(tobias.get(paper).json().get("guide").stringValue()).isEqualTo("APA 7, student paper");
        assertThat(tobias.change(paper, "/facts", "\"guide\":\"none\"").status())
                .isEqualTo(400);
        assertThat(tobias.change(paper, "/facts", "\"guide\":\"mla-9\",\"more\":{\"ghost\":\"x\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void aPaperIsRenamedDeletedAndTakenBack() {
        int revision = tobias.revision(paper);
        Answer renamed =
                tobias.send("PUT", paper + "/title", "{\"revision\":" + revision + ",\"title\":\" Bells, again \"}");
        assertThat(renamed.json().get("title").stringValue()).isEqualTo("Bells, again");
        assertThat(tobias.send("PUT", paper + "/title", "{\"revision\":" + revision + ",\"title\":\"late\"}")
                        .status())
                .isEqualTo(409);
        assertThat(tobias.delete(paper).status()).isEqualTo(204);
        assertThat(tobias.get(paper).status()).isEqualTo(404);
        assertThat(tobias.get("/api/papers").json().get("papers")).isEmpty();
        assertThat(Visitor.withAccount(port).post(paper + "/taking-back", "").status())
                .isEqualTo(404);
        assertThat(tobias.post(paper + "/taking-back", "").status()).isEqualTo(200);
        assertThat(tobias.get(paper).json().get("title").stringValue()).isEqualTo("Bells, again");
    }

    @Test
    void everyAddressOfTheWebApplicationIsOneOfTheServers() throws IOException {
        String routes = Files.readString(Path.of("..", "web", "src", "app", "Rooms.tsx"));
        List<String> addresses = Pattern.compile("path=\"(/[^\"]*)\"")
                .matcher(routes)
                .results()
                .map(route -> route.group(1).replaceAll(":\\w+", "some"))
                .toList();
        assertThat(addresses)
                .hasSizeGreaterThan(10)
                .allSatisfy(address -> assertThat(
                                tobias.with("Accept", "text/html").get(address).status())
                        .as(address)
                        .isEqualTo(200));
    }

    @Test
    void anyAddressThatIsNoPageIsAnsweredByTheApplicationsOwn() {
        Answer unknown = tobias.with("Accept", "text/html").get("/nowhere/at/all");
        assertThat(unknown.status()).isEqualTo(404);
        assertThat(unknown.response().headers().firstValue("Content-Type").orElse(""))
                .startsWith("text/html");
        assertThat(tobias.with("Accept", "text/html").get("/api/nowhere").text())
                .doesNotContain("<html");
        assertThat(tobias.with("Accept", "text/html").get("/settings").status()).isEqualTo(200);
    }

    private Answer stet(String key, String reason) {
        return tobias.change(paper, "/stet", "\"reading\":\"" + key + "\",\"reason\":\"" + reason + "\"");
    }

    private static String detail(Answer answer) {
        return answer.json().get("detail").stringValue();
    }

    @Test
    void thePagesAreThoseOfTheCore() {
        Proof proof = Typesetter.typeset(DocxFile.read(UntidyStudy.write()).paper(), WorkLimits.within(20));
        JsonNode pages = tobias.ready(paper + "/layout").json().get("pages");
        assertThat(pages).hasSameSizeAs(proof.pages());
        for (ProofPage page : proof.pages()) {
            JsonNode view = pages.get(page.number() - 1);
            assertThat(view.get("width").doubleValue()).isCloseTo(page.width() / 1000.0, within(0.001));
            assertThat(view.get("lines")).hasSameSizeAs(page.lines());
            for (int i = 0; i < page.lines().size(); i++) {
                ProofLine line = page.lines().get(i);
                JsonNode seen = view.get("lines").get(i);
                assertThat(seen.get("x").doubleValue()).isCloseTo(line.x() / 1000.0, within(0.001));
                assertThat(seen.get("y").doubleValue()).isCloseTo(line.y() / 1000.0, within(0.001));
                assertThat(seen.get("width").doubleValue()).isCloseTo(line.width() / 1000.0, within(0.001));
                assertThat(seen.get("runs")
                                .valueStream()
                                .map(run -> run.get("text").stringValue()))
                        .containsExactlyElementsOf(
                                line.runs().stream().map(run -> run.text()).toList());
            }
        }
    }

    @Test
    void facesTablesAndPicturesAreTold() {
        JsonNode layout = tobias.ready(paper + "/layout").json();
        assertThat(layout.get("faces")
                        .valueStream()
                        .map(face -> List.of(
                                face.get("asked").stringValue(),
                                face.get("set").stringValue(),
                                face.get("exact").booleanValue())))
                .contains(List.of("Cambria", "Caladea", true), List.of("Calibri Light", "Carlito", false));
        List<JsonNode> tables = layout.get("pages")
                .valueStream()
                .flatMap(page -> page.get("tables").valueStream())
                .toList();
        assertThat(tables).hasSize(1);
        assertThat(tables.get(0).get("edges")).hasSize(5);
        JsonNode picture = layout.get("pages")
                .valueStream()
                .flatMap(page -> page.get("pictures").valueStream())
                .findFirst()
                .orElseThrow();
        assertThat(picture.get("alternative").stringValue()).isNotBlank();
        Answer image = tobias.get(paper + "/picture?part=" + picture.get("part").stringValue());
        assertThat(image.status()).isEqualTo(200);
        assertThat(image.response().headers().firstValue("Content-Type")).hasValue("image/png");
    }

    @Test
    void onlyPicturesOfThePaperAreServed() {
        for (String part : List.of("word/document.xml", "../../etc/passwd", "word/media/none.png", "")) {
            assertThat(tobias.get(paper + "/picture?part=" + part).status())
                    .as(part)
                    .isEqualTo(404);
        }
    }

    @Test
    void aStetNeedsAReasonAndAFindingThatIsThere() {
        String key = offIn("sheet").get("key").stringValue();
        assertThat(detail(stet(key, "x".repeat(500)))).startsWith("Give a reason of at most");
        assertThat(stet("sheet.margins/left/9 in", "gone").status()).isEqualTo(404);
        assertThat(tobias.change(paper, "/stet/lift", "\"reading\":\"" + key.replace("\"", "") + "\"")
                        .status())
                .isEqualTo(404);
        assertThat(tobias.get(paper).json().get("step").intValue()).isZero();
    }

    @Test
    void aNumberedProofHasNothingThatStands() {
        JsonNode off = offIn("sheet");
        assertThat(stet(off.get("key").stringValue(), "printed at home").status())
                .isEqualTo(200);
        assertThat(station("sheet", "").get("open").intValue())
                .isEqualTo(station("sheet", "?proof=1").get("open").intValue() - 1);
        assertThat(tobias.ready(paper + "/readings?proof=7").status()).isEqualTo(404);
        assertThat(tobias.ready(paper + "/layout?proof=0").status()).isEqualTo(404);
    }

    @Test
    void whatWasPutRightIsListedAndGoesWithUndo() {
        tobias.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false")
                .json();
        tobias.change(paper, "/put-right", "\"station\":\"type\",\"wordsConfirmed\":false")
                .json();
        JsonNode after = tobias.get(paper).json();
        List<String> rules = after.get("putRight")
                .valueStream()
                .map(each -> each.get("rule").stringValue())
                .toList();
        assertThat(rules).contains("sheet.size").anyMatch(rule -> rule.startsWith("type."));
        assertThat(after.get("putRight").get(0).get("text").stringValue()).contains("→");
        assertThat(after.get("changed")).isNotEmpty();
        JsonNode undone = tobias.change(paper, "/undo").json();
        assertThat(undone.get("putRight")
                        .valueStream()
                        .map(each -> each.get("rule").stringValue()))
                .allMatch(rule -> rule.startsWith("sheet."));
        assertThat(undone.get("redo").stringValue()).isNotEmpty();
    }

    @Test
    void aReadingPutRightBeforeIsNotOffAnyMore() {
        String wish = "\"reading\":\"" + offIn("sheet").get("key").stringValue() + "\",\"wordsConfirmed\":false";
        assertThat(tobias.change(paper, "/put-right", wish).json().get("done")).hasSize(1);
        assertThat(tobias.change(paper, "/put-right", wish).json().path("done")).isEmpty();
        assertThat(tobias.get(paper).json().get("step").intValue()).isEqualTo(1);
    }
}
