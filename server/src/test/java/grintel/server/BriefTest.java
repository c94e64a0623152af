package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Guides;
import grintel.formats.demo.UntidyStudy;
import grintel.server.Visitor.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Briefs, house rules and what is made from them, over the wire. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class BriefTest {
    private static final String FACTS = """
            {"guide": "apa-7-student", "more": {"title": "Lamps on the Low Canal", "date": "2026-10-09"},
             "authors": [{"given": "Marit", "middle": "J.", "surname": "Solvane"}],
             "house": {"name": "LIT 214", "rules": {"spacing.line": {"multiple": 1.5}}}}""";

    @LocalServerPort
    private int port;

    private Visitor visitor;

    @BeforeEach
    void signUp() {
        visitor = Visitor.withAccount(port);
    }

    @Test
    void theBriefIsKeptAsItWasLeft() {
        assertThat(visitor.get("/api/brief").json().get("guide").stringValue()).isEqualTo("mla-9");
        assertThat(visitor.send("PUT", "/api/brief", FACTS).status()).isEqualTo(200);
        JsonNode kept = visitor.get("/api/brief").json();
        assertThat(kept.get("guide").stringValue()).isEqualTo("apa-7-student");
        assertThat(kept.at("/authors/0/surname").stringValue()).isEqualTo("Solvane");
        assertThat(kept.at("/house/rules/spacing.line/multiple").doubleValue()).isEqualTo(1.5);
        assertThat(Visitor.withAccount(port).get("/api/brief").json().has("house"))
                .isFalse();
    }

    @Test
    void whatNoRuleUnderstandsIsRefusedAndNothingLost() {
        visitor.send("PUT", "/api/brief", FACTS);
        Answer refused = visitor.send("PUT", "/api/brief", FACTS.replace("1.5", "\"wide\""));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("detail").stringValue()).contains("should be a number");
        assertThat(visitor.send("PUT", "/api/brief", FACTS.replace("spacing.line", "spacing.lines"))
                        .status())
                .isEqualTo(400);
        assertThat(visitor.get("/api/brief")
                        .json()
                        .at("/house/rules/spacing.line/multiple")
                        .doubleValue())
                .isEqualTo(1.5);
    }

    @Test
    void theSpecimenShowsWhatIsAsked() {
        JsonNode specimen =
                visitor.post("/api/brief/specimen?units=centimetres", FACTS).json();
        assertThat(specimen.at("/layout/pageCount").intValue()).isGreaterThan(5);
        assertThat(specimen.get("notes")
                        .valueStream()
                        .map(note -> note.get("text").stringValue()))
                .contains("Lines one and a half", "Heading 1: centred, bold, title case");
        assertThat(specimen.get("notes")
                        .valueStream()
                        .filter(note -> note.get("rule").stringValue().equals("spacing.line"))
                        .map(note -> note.get("source").stringValue()))
                .containsExactly("APA 7, student paper, LIT 214");
        assertThat(specimen.get("needs").valueStream().map(JsonNode::stringValue))
                .contains("authors", "course-number", "date")
                .doesNotContain("short-title");
        assertThat(visitor.post("/api/brief/specimen/pdf", FACTS).text()).startsWith("%PDF-1.7");
    }

    @Test
    void aNewPaperIsJudgedByTheBriefItWasMadeFrom() {
        Answer work = visitor.finish(visitor.post(
                "/api/papers/composed", "{\"brief\": " + FACTS + ", \"samples\": true, \"fileName\": \"new.docx\"}"));
        String paper = "/api/papers/" + work.json().get("paper").stringValue();
        JsonNode readings = visitor.ready(paper + "/readings").json();
        assertThat(readings.get("stations")
                        .valueStream()
                        .flatMap(station -> station.get("readings").valueStream())
                        .filter(reading -> reading.get("off").booleanValue())
                        .map(reading -> reading.get("rule").stringValue()))
                .isNotEmpty()
                .containsOnly("hand-in.placeholders");
        assertThat(readings.get("stations")
                        .valueStream()
                        .flatMap(station -> station.get("readings").valueStream())
                        .filter(reading -> reading.get("rule").stringValue().equals("spacing.line"))
                        .map(reading -> reading.get("guideAsks").stringValue()))
                .containsOnly("multiple 2");
        assertThat(visitor.get(paper).json().at("/facts/house/name").stringValue())
                .isEqualTo("LIT 214");
    }

    @Test
    void houseRulesAreSharedByALinkThatSaysNothingOfTheirOwner() {
        String email = "tamberg-" + port + "@brackwater.example";
        Visitor owner = new Visitor(port);
        owner.signUp(email, "a long enough word");
        JsonNode set = owner.post("/api/house-rules", """
                {"guide": "mla-9", "name": "Letters 214",
                 "rules": {"running-head.first-page": {"first-page": "none"}, "sheet.margins": {"left": "1.5 in"}}}""").json();
        String path = "/api/house-rules/" + set.get("id").stringValue();
        assertThat(set.at("/told/differences")
                        .valueStream()
                        .map(each -> each.get("guide").stringValue()))
                .containsExactly("1 in", "same");
        String token = owner.post(path + "/link", "{}").json().get("shared").stringValue();
        Answer shared = visitor.get("/api/shared-rules/" + token);
        assertThat(shared.text().toLowerCase(Locale.ROOT))
                .contains("letters 214")
                .doesNotContain("tamberg", "account");
        JsonNode copy = visitor.post("/api/shared-rules/" + token, "{}").json();
        assertThat(copy.get("takenFrom").stringValue()).isEqualTo("Letters 214");
        assertThat(visitor.get(path).status()).isIn(404, 405);
        assertThat(visitor.send("PUT", path, "{\"guide\": \"mla-9\"}").status()).isEqualTo(404);
        owner.send("DELETE", path + "/link", "");
        assertThat(visitor.get("/api/shared-rules/" + token).status()).isEqualTo(404);
        assertThat(visitor.get("/api/house-rules").json()).hasSize(1);
    }

    @Test
    void aFileOfHouseRulesIsReadOrRefusedWithLineAndReason() {
        String file = visitor.post("/api/house-rules", """
                {"guide": "mla-9", "name": "Letters", "rules": {"spacing.line": {"multiple": 1.5}}}""").json().get("id").stringValue();
        String yaml = visitor.get("/api/house-rules/" + file + "/file").text();
        assertThat(yaml).contains("name: Letters", "spacing.line:", "multiple: 1.5");
        JsonNode read =
                visitor.text("/api/house-rules/reading?guide=apa-6", yaml).json();
        assertThat(read.get("guide").stringValue()).isEqualTo("mla-9");
        Answer bad =
                visitor.text("/api/house-rules/reading?guide=mla-9&name=rules.yaml", "rules:\n  sheet.edges: {}\n");
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.json().get("detail").stringValue()).contains("rules.yaml, line", "no such rule");
        assertThat(visitor.text("/api/house-rules/reading?guide=mla-9", "guide: klein\nrules: {}\n")
                        .json()
                        .get("detail")
                        .stringValue())
                .contains("klein");
    }

    @Test
    void contradictionsAreTold() {
        JsonNode told = visitor.post("/api/house-rules/told", """
                {"guide": "apa-7-professional", "rules": {"running-head.text": {"content": "none"}}}""").json();
        assertThat(told.get("contradictions").valueStream().map(JsonNode::stringValue))
                .singleElement()
                .asString()
                .contains("short title");
    }

    @Test
    void everyGuideTellsAllThatCanBeSet() {
        for (var guide : Guides.all()) {
            JsonNode asks = visitor.get("/api/guides/" + guide.id()).json();
            assertThat(asks.get("rules"))
                    .hasSizeGreaterThan(100)
                    .allMatch(rule -> !rule.get("title").stringValue().isEmpty());
        }
        assertThat(visitor.get("/api/common-differences").json()).isNotEmpty();
        assertThat(visitor.get("/api/guides/klein").status()).isEqualTo(404);
    }

    @Test
    void bareTextIsTakenApartAndSet() {
        String prose = "In all three novels the canal is lit before it is named, and the reader learns the hour, the"
                + " weather and the price of oil before anyone has spoken a word.";
        String blocks = "[" + block("title", "Lamps on the Low Canal") + "," + block("none", prose) + ","
                + block("heading-1", "The Lamps <b>at</b> Night") + "," + block("none", prose) + "]";
        JsonNode understood =
                visitor.file("/api/loose-text", "{\"blocks\":" + blocks + "}").json();
        assertThat(understood
                        .get("taken")
                        .valueStream()
                        .map(each -> each.get("kind").stringValue()))
                .containsExactly("title", "paragraph", "heading", "paragraph");
        assertThat(understood.at("/more/title").stringValue()).isEqualTo("Lamps on the Low Canal");
        String wanted = "{\"brief\":" + FACTS + ",\"text\":{\"blocks\":" + blocks + ",\"taken\":"
                + understood.get("taken") + "},\"fileName\":\"lamps.docx\"}";
        Answer work = visitor.finish(visitor.file("/api/papers/set", wanted));
        String paper = "/api/papers/" + work.json().get("paper").stringValue();
        assertThat(visitor.ready(paper + "/layout").text()).contains("<b>at</b> Night");
        assertThat(visitor.file("/api/loose-text", "{\"blocks\":[]}").status()).isEqualTo(400);
        assertThat(visitor.file("/api/loose-text", "no JSON").status()).isEqualTo(400);
        assertThat(visitor.file("/api/papers/set", wanted.replace("\"taken\":[", "\"taken\":[{},"))
                        .status())
                .isEqualTo(400);
    }

    private static String block(String hint, String words) {
        return "{\"hint\":\"" + hint + "\",\"spans\":[{\"words\":\"" + words + "\",\"italic\":false,\"bold\":false}]}";
    }

    @Test
    void aPatternIsUsedTwiceAndNeitherItNorItsPaperChanges() {
        String paper = visitor.bring(UntidyStudy.write(), Map.of("guide", "apa-7-student", "surname", "Ekwall"));
        visitor.ready(paper + "/readings");
        int revision = visitor.revision(paper);
        JsonNode pattern = visitor.post(paper + "/pattern", "{\"name\": \"Field studies\"}")
                .json();
        String path = "/api/patterns/" + pattern.get("id").stringValue();
        String before = visitor.get("/api/patterns").text();
        List<String> texts = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            Answer work = visitor.finish(visitor.post(path + "/papers", "{}"));
            String next = "/api/papers/" + work.json().get("paper").stringValue();
            texts.add(visitor.ready(next + "/layout").json().get("pages").toString());
        }
        assertThat(texts.get(0))
                .isEqualTo(texts.get(1))
                .contains("[Title of the Paper]", "Tobias Ekwall", "Heading of Level 2");
        assertThat(texts.get(0)).doesNotContain("wading", "feeding");
        assertThat(visitor.get("/api/patterns").text()).isEqualTo(before);
        assertThat(visitor.revision(paper)).isEqualTo(revision);
        assertThat(visitor.get("/api/papers").json().get("papers")).hasSize(3);
        assertThat(Visitor.withAccount(port).post(path + "/papers", "{}").status())
                .isEqualTo(404);
        assertThat(visitor.send("DELETE", path, "").status()).isEqualTo(204);
        assertThat(visitor.get("/api/patterns").json()).isEmpty();
    }
}
