package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyEssay;
import grintel.server.Visitor.Answer;
import java.io.File;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** A disk with less room left than the database needs to go on. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class FullDiskTest {
    private static final Map<String, String> FACTS = Map.of("guide", "mla-9", "surname", "Solvane");

    /** More than any disk has free. */
    @DynamicPropertySource
    static void everythingIsTooLittle(DynamicPropertyRegistry properties) {
        properties.add("grintel.storage.least-free", () -> new File(".").getTotalSpace() + "B");
    }

    @LocalServerPort
    private int port;

    @Test
    void isToldBeforeAnythingIsAdded() {
        Visitor marit = Visitor.withAccount(port);
        Answer refused = marit.upload("/api/papers", UntidyEssay.write(), FACTS);
        assertThat(refused.status()).isEqualTo(507);
        assertThat(refused.json().get("detail").stringValue()).contains("deleting a paper makes room");
        assertThat(marit.get("/api/papers").json().get("papers")).isEmpty();
    }
}
