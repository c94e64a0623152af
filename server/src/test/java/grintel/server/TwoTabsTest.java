package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import grintel.server.Visitor.Answer;
import grintel.server.paper.PaperService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** One person, one paper, two windows. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class TwoTabsTest {
    private static final String PASSWORD = "a long enough word";
    private static final Map<String, String> FACTS =
            Map.of("guide", "mla-9", "surname", "Solvane", "shortTitle", "Lamps");
    private static final String LEFT_STANDS =
            "\"reading\":\"sheet.margins/left/1.25in\",\"reason\":\"Bound at the left\"";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcClient database;

    @Autowired
    private PaperService papers;

    private String email;
    private Visitor first;
    private Visitor second;

    @BeforeEach
    void openTwoWindows() {
        email = UUID.randomUUID() + "@brackwater.example";
        first = new Visitor(port);
        first.signUp(email, PASSWORD);
        second = new Visitor(port);
        second.post("/api/session", Visitor.credentials(email, PASSWORD));
    }

    @Test
    void whatWasMeantForAnEarlierStateChangesNothing() {
        String paper = first.bring(UntidyEssay.write(), FACTS);
        int seen = second.revision(paper);
        first.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false");
        JsonNode now = first.get(paper).json();
        for (String[] change : new String[][] {
            {"/undo", ""},
            {"/redo", ""},
            {"/proofs", ""},
            {"/stet", LEFT_STANDS},
            {"/stet/lift", "\"reading\":\"sheet.margins/left/1.25in\""},
            {"/put-right", "\"station\":\"type\",\"wordsConfirmed\":true"},
        }) {
            Answer refused = second.changeAt(seen, paper, change[0], change[1]);
            assertThat(refused.status()).as(change[0]).isEqualTo(409);
            assertThat(refused.json().get("type").stringValue()).isEqualTo("urn:grintel:changed-elsewhere");
        }
        assertThat(second.send("DELETE", paper + "?revision=" + seen, "").status())
                .isEqualTo(409);
        assertThat(second.get(paper).json()).isEqualTo(now);
    }

    /** The number of a step comes back with another file; a state does not. */
    @Test
    void aStateIsNotTakenForALaterOneOfTheSameStep() {
        String paper = first.bring(UntidyEssay.write(), FACTS);
        first.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false");
        int seen = second.revision(paper);
        first.change(paper, "/undo");
        first.change(paper, "/put-right", "\"station\":\"type\",\"wordsConfirmed\":false");
        assertThat(second.changeAt(seen, paper, "/undo", "").status()).isEqualTo(409);
    }

    /** Both press the same key in the same moment: one step goes back, not two. */
    @ParameterizedTest
    @ValueSource(strings = {"/undo", "/redo"})
    void ofTwoAtOnceOneIsDone(String action) throws Exception {
        String paper = first.bring(UntidyEssay.write(), FACTS);
        first.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false");
        first.change(paper, "/put-right", "\"station\":\"type\",\"wordsConfirmed\":false");
        for (int i = 0; i < 40; i++) {
            int start = action.equals("/undo") ? 2 : 0;
            while (step(paper) != start) {
                first.change(paper, step(paper) < start ? "/redo" : "/undo");
            }
            int seen = first.revision(paper);
            List<Callable<Integer>> presses = Stream.of(first, second)
                    .map(window -> (Callable<Integer>)
                            () -> window.changeAt(seen, paper, action, "").status())
                    .toList();
            assertThat(Visitor.atOnce(presses)).containsExactlyInAnyOrder(200, 409);
            assertThat(step(paper)).isEqualTo(1);
        }
        everyStepIsThere(paper);
    }

    private int step(String paper) {
        return first.get(paper).json().get("step").intValue();
    }

    @Test
    void twentyStepsDoneAndUndoneLeaveNoFilesBehind() {
        String paper = first.bring(UntidyEssay.write(), FACTS);
        long before = first.get("/api/papers").json().get("bytes").longValue();
        for (int i = 0; i < 20; i++) {
            String station = i % 2 == 0 ? "sheet" : "type";
            first.change(paper, "/put-right", "\"station\":\"" + station + "\",\"wordsConfirmed\":false");
            first.change(paper, "/undo");
        }
        // The step that can be redone is kept, and nothing else.
        assertThat(first.get("/api/papers").json().get("bytes").longValue()).isLessThan(3 * before);
        assertThat(database.sql("select count(*) from step where paper_id = ?::uuid")
                        .param(paper.substring(paper.lastIndexOf('/') + 1))
                        .query(Integer.class)
                        .single())
                .isEqualTo(2);
    }

    @Test
    void twoHundredChangesFromBothLeaveEveryPaperWhole() throws Exception {
        List<String> papers = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            papers.add(first.bring(UntidyEssay.write(), FACTS));
        }
        List<Integer> answers = new ArrayList<>();
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            List<Callable<List<Integer>>> windows = List.of(
                    () -> clickAbout(first, papers, new Random(1)), () -> clickAbout(second, papers, new Random(2)));
            for (Future<List<Integer>> window : both.invokeAll(windows)) {
                answers.addAll(window.get());
            }
        } finally {
            both.shutdownNow();
        }
        assertThat(answers).hasSize(200).allMatch(status -> status < 500).contains(200, 409);
        JsonNode left = first.get("/api/papers").json().get("papers");
        for (JsonNode each : left) {
            everyStepIsThere("/api/papers/" + each.get("id").stringValue());
        }
        assertThat(database.sql("""
                        select count(*) from manuscript m join account a on a.id = m.account_id
                        where a.email = ? and m.id not in (select manuscript_id from step)
                          and m.id not in (select manuscript_id from proof)""").param(email).query(Integer.class).single())
                .as("files nobody can reach")
                .isZero();
    }

    private static List<Integer> clickAbout(Visitor window, List<String> papers, Random random) {
        List<Integer> answers = new ArrayList<>();
        int seen = 0;
        String paper = papers.get(0);
        for (int i = 0; i < 100; i++) {
            if (random.nextInt(2) == 0) {
                paper = papers.get(random.nextInt(papers.size()));
                seen = window.revision(paper);
            }
            Answer answer = switch (random.nextInt(i < 60 ? 12 : 13)) {
                case 0 -> window.changeAt(seen, paper, "/put-right", "\"wordsConfirmed\":true");
                case 1, 2 ->
                    window.changeAt(seen, paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false");
                case 3, 4 -> window.changeAt(seen, paper, "/stet", LEFT_STANDS);
                case 5, 6, 7, 8 -> window.changeAt(seen, paper, "/undo", "");
                case 9, 10 -> window.changeAt(seen, paper, "/redo", "");
                case 11 -> window.changeAt(seen, paper, "/proofs", "");
                default -> window.send("DELETE", paper + "?revision=" + seen, "");
            };
            answers.add(answer.status());
        }
        return answers;
    }

    private void everyStepIsThere(String paper) {
        assertThat(first.ready(paper + "/layout").status()).isEqualTo(200);
        UUID id = UUID.fromString(paper.substring(paper.lastIndexOf('/') + 1));
        List<Integer> ordinals = database.sql("select ordinal from step where paper_id = ? order by ordinal")
                .param(id)
                .query(Integer.class)
                .list();
        assertThat(ordinals)
                .startsWith(0)
                .contains(first.get(paper).json().get("step").intValue())
                .hasSize(ordinals.get(ordinals.size() - 1) + 1);
        List<byte[]> files = database.sql(
                        "select m.content from step s join manuscript m on m.id = s.manuscript_id where s.paper_id = ?")
                .param(id)
                .query((row, number) -> row.getBytes(1))
                .list();
        assertThat(files).hasSameSizeAs(ordinals);
        files.forEach(file -> assertThat(DocxFile.read(file).paper().words()).isPositive());
    }

    @Test
    void thePaperCannotPointAtAStepThatIsNotThere() {
        String paper = first.bring(UntidyEssay.write(), FACTS);
        UUID id = UUID.fromString(paper.substring(paper.lastIndexOf('/') + 1));
        assertThat(catchThrowable(() -> database.sql("update paper set current_step = 7 where id = ?")
                        .param(id)
                        .update()))
                .hasMessageContaining("paper_stands_at_a_step");
    }

    @Test
    void aFileIsKeptOnceForEachContent() {
        first.bring(UntidyEssay.write(), FACTS);
        long once = first.get("/api/papers").json().get("bytes").longValue();
        String paper = first.bring(UntidyEssay.write(), FACTS);
        assertThat(once).isEqualTo(UntidyEssay.write().length);
        assertThat(first.get("/api/papers").json().get("bytes").longValue()).isEqualTo(once);
        first.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false");
        assertThat(first.get("/api/papers").json().get("bytes").longValue()).isGreaterThan(once);
        first.delete(paper);
        papers.sweep();
        assertThat(first.get("/api/papers").json().get("bytes").longValue()).isGreaterThan(once);
        database.sql("update paper set deleted_at = deleted_at - interval '10 minutes' where deleted_at is not null")
                .update();
        papers.sweep();
        assertThat(first.get("/api/papers").json().get("bytes").longValue()).isEqualTo(once);
    }
}
