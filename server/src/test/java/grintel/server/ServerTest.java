package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import grintel.server.Visitor.Answer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The whole server on a real PostgreSQL, asked as a browser asks. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class ServerTest {
    private static final String PASSWORD = "a long enough word";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcClient database;

    private Visitor marit;
    private String email;

    @BeforeEach
    void signUp() {
        marit = new Visitor(port);
        email = UUID.randomUUID() + "@brackwater.example";
        marit.signUp(email, PASSWORD);
    }

    private String bring(Visitor visitor) {
        return visitor.bring(
                UntidyEssay.write(), Map.of("guide", "mla-9", "surname", "Solvane", "shortTitle", "Lamps"));
    }

    private static long open(JsonNode readings) {
        return readings.get("stations")
                .valueStream()
                .mapToLong(station -> station.get("open").longValue())
                .sum();
    }

    private int count(String sql, Object... values) {
        return database.sql(sql).params(values).query(Integer.class).single();
    }

    @Test
    void fromBringingAPaperToTakingItBack() {
        String paper = bring(marit);
        assertThat(marit.get("/api/papers").json().get("papers")).hasSize(1);
        assertThat(marit.ready(paper + "/layout").json().get("pages")).hasSizeGreaterThan(3);
        long before = open(marit.ready(paper + "/readings").json());
        assertThat(before).isGreaterThan(20);

        String left = "\"reading\":\"sheet.margins/left/1.25in\",\"wordsConfirmed\":false";
        assertThat(marit.change(paper, "/put-right", left).json().get("done")).hasSize(1);
        assertThat(open(marit.ready(paper + "/readings").json())).isEqualTo(before - 1);
        String looks = "\"station\":\"running-head\",\"wordsConfirmed\":false";
        marit.change(paper, "/put-right", looks);
        assertThat(marit.get(paper).json().get("changes")).isEmpty();
        marit.change(paper, "/put-right", "\"wordsConfirmed\":true").json();
        assertThat(marit.get(paper).json().get("changes")).isNotEmpty();
        assertThat(open(marit.ready(paper + "/readings").json())).isEqualTo(6);

        assertThat(marit.change(paper, "/undo").status()).isEqualTo(200);
        assertThat(marit.change(paper, "/undo").status()).isEqualTo(200);
        assertThat(marit.change(paper, "/undo").status()).isEqualTo(200);
        assertThat(open(marit.ready(paper + "/readings").json())).isEqualTo(before);
        Answer nothing = marit.change(paper, "/undo");
        assertThat(nothing.status()).isEqualTo(409);
        assertThat(nothing.json().get("detail").stringValue()).isEqualTo("There is nothing to undo.");
        for (int i = 0; i < 3; i++) {
            marit.change(paper, "/redo");
        }
        assertThat(marit.change(paper, "/redo").status()).isEqualTo(409);

        JsonNode proof = marit.change(paper, "/proofs").json();
        assertThat(proof.get("number").intValue()).isEqualTo(2);
        Answer file = marit.get(paper + "/proofs/2/file");
        assertThat(file.response().headers().firstValue("Content-Disposition"))
                .hasValueSatisfying(value -> assertThat(value).contains("essay.docx"));
        // Of the text only the number of its figure was in another guide's words.
        assertThat(words(file.bytes())).isEqualTo(words(UntidyEssay.write()).replace("Figure 1:", "Fig. 1."));
        assertThat(marit.get(paper + "/proofs/1/file").bytes()).isEqualTo(UntidyEssay.write());
        assertThat(marit.change(paper, "/proofs").json().get("number").intValue())
                .isEqualTo(2);
    }

    /** The words of a file's text, white space aside. */
    private static String words(byte[] file) {
        return DocxFile.read(file).paper().paragraphs().stream()
                .map(Paragraph::text)
                .collect(Collectors.joining(" "))
                .replaceAll("[\\s\\u00A0]+", " ");
    }

    private static JsonNode block(JsonNode parts, int paragraph) {
        return parts.get("blocks")
                .valueStream()
                .filter(block -> block.get("paragraph").intValue() == paragraph)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatTheWriterSaysOfAPartHoldsAndSurvivesANewerFile() {
        String paper = bring(marit);
        JsonNode parts = marit.ready(paper + "/parts").json();
        assertThat(parts.get("kinds")).hasSizeGreaterThan(20);
        JsonNode prose = parts.get("blocks")
                .valueStream()
                .filter(block -> block.get("kind").stringValue().equals("paragraph"))
                .findFirst()
                .orElseThrow();
        int index = prose.get("paragraph").intValue();
        assertThat(prose.get("because")).isNotEmpty();
        String readings = marit.ready(paper + "/readings").json().toString();

        String said = "\"paragraphs\":[" + index + "],\"kind\":\"heading\",\"level\":2";
        assertThat(marit.change(paper, "/parts", said).status()).isEqualTo(200);
        assertThat(marit.get(paper).json().get("undo").stringValue()).isEqualTo("Part: Heading");
        JsonNode corrected = block(marit.ready(paper + "/parts").json(), index);
        assertThat(corrected.get("kind").stringValue()).isEqualTo("heading");
        assertThat(corrected.get("corrected").booleanValue()).isTrue();
        assertThat(marit.ready(paper + "/readings").json().toString()).isNotEqualTo(readings);

        int revision = marit.get(paper).json().get("revision").intValue();
        Map<String, String> meant = Map.of("revision", Integer.toString(revision));
        assertThat(marit.finish(marit.upload(paper + "/file", UntidyEssay.write(), meant))
                        .status())
                .isEqualTo(200);
        assertThat(block(marit.ready(paper + "/parts").json(), index)
                        .get("level")
                        .intValue())
                .isEqualTo(2);
        assertThat(marit.get(paper).json().get("proofs")).hasSize(2);

        marit.change(paper, "/parts", "\"paragraphs\":[" + index + "]");
        assertThat(block(marit.ready(paper + "/parts").json(), index)
                        .get("kind")
                        .stringValue())
                .isEqualTo("paragraph");
        assertThat(marit.change(paper, "/parts", "\"paragraphs\":[9999],\"kind\":\"heading\"")
                        .status())
                .isEqualTo(404);
        assertThat(marit.change(paper, "/parts", "\"paragraphs\":[1],\"kind\":\"section\"")
                        .status())
                .isEqualTo(400);
        assertThat(marit.change(paper, "/parts", "\"paragraphs\":[]").status()).isEqualTo(400);
    }

    @Test
    void aFindingStandsForAReasonUntilThatIsTakenBack() {
        String paper = bring(marit);
        long before = open(marit.ready(paper + "/readings").json());
        String left = "sheet.margins/left/1.25in";
        assertThat(marit.change(paper, "/stet", "\"reading\":\"" + left + "\",\"reason\":\" \"")
                        .status())
                .isEqualTo(400);
        String reason = "Bound at the left, says the handbook";
        marit.change(paper, "/stet", "\"reading\":\"" + left + "\",\"reason\":\"" + reason + "\"");
        assertThat(marit.get(paper).json().get("undo").stringValue()).isEqualTo("Stet: Left margin");
        assertThat(open(marit.ready(paper + "/readings").json())).isEqualTo(before - 1);
        marit.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false")
                .json();
        JsonNode sheet = marit.ready(paper + "/readings").json().get("stations").get(0);
        assertThat(sheet.get("state").stringValue()).isEqualTo("stet");
        assertThat(sheet.get("readings").valueStream())
                .anyMatch(reading -> reading.get("key").stringValue().equals(left)
                        && reading.get("stet").stringValue().equals(reason));
        marit.change(paper, "/stet/lift", "\"reading\":\"" + left + "\"");
        assertThat(marit.ready(paper + "/readings")
                        .json()
                        .get("stations")
                        .get(0)
                        .get("open")
                        .intValue())
                .isEqualTo(1);
        marit.change(paper, "/undo");
        marit.change(paper, "/undo");
        marit.change(paper, "/undo");
        assertThat(open(marit.ready(paper + "/readings").json())).isEqualTo(before);
    }

    @Test
    void proofsCanBeComparedAndHandedInAsPdf() {
        String paper = bring(marit);
        JsonNode done =
                marit.change(paper, "/put-right", "\"wordsConfirmed\":true").json();
        assertThat(done.get("changed").valueStream().map(JsonNode::stringValue))
                .anyMatch(phrase -> phrase.startsWith("Style Normal: "));
        marit.change(paper, "/proofs");
        double leftBefore = marit.ready(paper + "/layout?proof=1")
                .json()
                .at("/pages/0/left")
                .doubleValue();
        double leftAfter = marit.ready(paper + "/layout?proof=2")
                .json()
                .at("/pages/0/left")
                .doubleValue();
        assertThat(leftBefore).isEqualTo(90);
        assertThat(leftAfter).isEqualTo(72);
        assertThat(open(marit.ready(paper + "/readings?proof=1").json())).isGreaterThan(20);
        Answer pdf = marit.ready(paper + "/proofs/2/pdf");
        assertThat(pdf.response().headers().firstValue("Content-Disposition"))
                .hasValueSatisfying(value -> assertThat(value).contains("essay.pdf"));
        assertThat(pdf.bytes()).startsWith("%PDF-1.7".getBytes(StandardCharsets.US_ASCII));
        assertThat(marit.get(paper + "/proofs/9/pdf").status()).isEqualTo(404);
        assertThat(new Visitor(port).get(paper + "/proofs/2/pdf").status()).isEqualTo(401);
    }

    @Test
    void aNewStepDropsWhatCouldHaveBeenRedone() {
        String paper = bring(marit);
        marit.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false")
                .json();
        marit.change(paper, "/undo");
        marit.change(paper, "/put-right", "\"station\":\"type\",\"wordsConfirmed\":false")
                .json();
        assertThat(marit.change(paper, "/redo").status()).isEqualTo(409);
        assertThat(marit.get(paper).json().get("step").intValue()).isEqualTo(1);
    }

    @Test
    void nobodyElseCanSeeThatAPaperExists() {
        String paper = bring(marit);
        Visitor tobias = new Visitor(port);
        tobias.signUp(UUID.randomUUID() + "@brackwater.example", PASSWORD);
        for (String path :
                new String[] {"", "/layout", "/readings", "/proofs/1/file", "/picture?part=word/media/image1.png"}) {
            Answer foreign = tobias.get(paper + path);
            Answer unknown = tobias.get("/api/papers/" + UUID.randomUUID() + path);
            assertThat(foreign.status()).as(path).isEqualTo(404);
            assertThat(foreign.text().replaceAll("[0-9a-f-]{36}", ""))
                    .isEqualTo(unknown.text().replaceAll("[0-9a-f-]{36}", ""));
        }
        assertThat(tobias.changeAt(0, paper, "/undo", "").status()).isEqualTo(404);
        assertThat(tobias.delete(paper).status()).isEqualTo(404);
        assertThat(new Visitor(port).get(paper).status()).isEqualTo(401);
        assertThat(marit.get(paper).status()).isEqualTo(200);
    }

    @Test
    void aBadFileIsRefusedInASentenceAndNothingIsKept() {
        Answer answer = marit.finish(
                marit.upload("/api/papers", "no paper".getBytes(StandardCharsets.UTF_8), Map.of("guide", "mla-9")));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.response().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(answer.json().get("detail").stringValue()).contains("no .docx");
        assertThat(answer.text()).doesNotContain("Exception").doesNotContain("\tat ");
        Answer large = marit.upload("/api/papers", new byte[26 * 1024 * 1024 - 2000], Map.of("guide", "mla-9"));
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.json().get("detail").stringValue()).contains("25 MB");
        assertThat(marit.get("/api/papers").json().get("papers")).isEmpty();
    }

    @Test
    void aRequestWithoutItsTokenIsRefused() {
        assertThat(marit.postWithoutToken("/api/papers/" + UUID.randomUUID() + "/undo", "{}")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void passwordsAreCheckedChangedAndTriesLimited() {
        assertThat(marit.send("PUT", "/api/account/password", "{\"current\":\"wrong\",\"next\":\"another long word\"}")
                        .status())
                .isEqualTo(400);
        assertThat(marit.send(
                                "PUT",
                                "/api/account/password",
                                "{\"current\":\"" + PASSWORD + "\",\"next\":\"another long word\"}")
                        .status())
                .isEqualTo(204);
        Visitor again = new Visitor(port);
        assertThat(again.post("/api/session", Visitor.credentials(email, PASSWORD))
                        .status())
                .isEqualTo(401);
        assertThat(again.post("/api/session", Visitor.credentials(email, "another long word"))
                        .status())
                .isEqualTo(200);
        int last = 0;
        for (int i = 0; i < 12; i++) {
            last = new Visitor(port)
                    .post("/api/session", Visitor.credentials(email, "guess number " + i))
                    .status();
        }
        assertThat(last).isEqualTo(429);
        assertThat(database.sql("select password_hash from account where email = ?")
                        .param(email)
                        .query(String.class)
                        .single())
                .startsWith("$argon2id$");
    }

    @Test
    void closingTheAccountDeletesEverythingItOwns() {
        String paper = bring(marit);
        assertThat(marit.post("/api/account/closing", "{\"password\":\"" + PASSWORD + "\"}")
                        .status())
                .isEqualTo(204);
        assertThat(marit.get("/api/papers").status()).isEqualTo(401);
        String id = paper.substring(paper.lastIndexOf('/') + 1);
        for (String table : new String[] {"step", "proof"}) {
            assertThat(count("select count(*) from " + table + " where paper_id = ?::uuid", id))
                    .as(table)
                    .isZero();
        }
        assertThat(
                        count(
                                "select count(*) from manuscript m left join account a on a.id = m.account_id where a.id is null"))
                .isZero();
    }

    @Test
    void deletingAPaperDeletesItsProofs() {
        String paper = bring(marit);
        assertThat(marit.delete(paper).status()).isEqualTo(204);
        assertThat(marit.get(paper + "/proofs/1/file").status()).isEqualTo(404);
    }

    @Test
    void theDemoIsOfferedOnlyWhenStartedAsDemo() {
        assertThat(marit.get("/api/session").json().get("demoOffered").booleanValue())
                .isFalse();
        assertThat(new Visitor(port).post("/api/session/demo", "").status()).isEqualTo(404);
    }

    @Test
    void facesAreServedAndNothingElseByThatWay() {
        assertThat(marit.get("/faces/LiberationSerif-Regular.ttf").bytes()).hasSizeGreaterThan(100_000);
        assertThat(marit.get("/faces/..%2F..%2Ffaces.ttf").status()).isBetween(400, 404);
    }

    /** The web application's types are made from this file; it must say what the server does. */
    @Test
    void theDescriptionInTheWebApplicationIsTheServersOwn() throws IOException {
        JsonNode served = marit.get("/api/openapi").json();
        Path kept = Path.of("..", "web", "openapi.json");
        if (Boolean.getBoolean("grintel.documents")) {
            Files.writeString(kept, served.toPrettyString() + "\n");
        }
        assertThat(JsonMapper.shared().readTree(Files.readString(kept)))
                .as("web/openapi.json is out of date; run ./grintel documents")
                .isEqualTo(served);
    }

    @Test
    void healthIsOpenAndTheRestOfTheActuatorIsNot() {
        assertThat(new Visitor(port).get("/actuator/health").status()).isEqualTo(200);
        assertThat(new Visitor(port).get("/actuator/env").status()).isIn(401, 403, 404);
    }
}
