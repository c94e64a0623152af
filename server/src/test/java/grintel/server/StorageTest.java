package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.server.Visitor.Answer;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** An account has only so much room. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "grintel.storage.most=32KB")
class StorageTest {
    private static final Map<String, String> FACTS = Map.of("guide", "mla-9", "surname", "Solvane");

    @LocalServerPort
    private int port;

    @Test
    void whatDoesNotFitAnyMoreIsRefusedAndNothingIsLost() {
        Visitor marit = Visitor.withAccount(port);
        String paper = marit.bring(UntidyEssay.write(), FACTS);
        Answer refused = marit.finish(marit.upload("/api/papers", UntidyStudy.write(), FACTS));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json().get("detail").stringValue()).contains("as much as an account may keep");
        assertThat(marit.get("/api/papers").json().get("papers")).hasSize(1);
        assertThat(marit.get("/api/papers").json().get("mostBytes").longValue()).isEqualTo(32 * 1024);
        assertThat(marit.delete(paper).status()).isEqualTo(204);
        // A deleted paper could be taken back until its room is needed.
        marit.bring(UntidyStudy.write(), FACTS);
        assertThat(marit.post(paper + "/taking-back", "").status()).isEqualTo(404);
    }
}
