package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyEssay;
import grintel.server.Visitor.Answer;
import java.io.IOException;
import java.net.URI;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** The database goes away and comes back. */
class DatabaseGoneTest {
    private static final Map<String, String> FACTS = Map.of("guide", "mla-9", "surname", "Solvane");

    @Test
    void whoAsksMeanwhileIsToldSoAndNothingIsLost() throws IOException {
        String url = System.getenv().getOrDefault("GRINTEL_DB_URL", "jdbc:postgresql://127.0.0.1:5432/grintel");
        URI database = URI.create(url.substring("jdbc:".length()));
        try (Relay relay = new Relay(database.getHost(), database.getPort());
                ConfigurableApplicationContext server = new SpringApplicationBuilder(GrintelServer.class)
                        .run(
                                "--server.port=0",
                                "--spring.datasource.hikari.connection-timeout=500",
                                "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + relay.port()
                                        + database.getPath())) {
            int port = server.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
            Visitor marit = Visitor.withAccount(port);
            String paper = marit.bring(UntidyEssay.write(), FACTS);
            int revision = marit.revision(paper);

            relay.cut();
            assertThat(marit.get("/").status()).isEqualTo(200);
            assertThat(new Visitor(port).get("/api/guides").status()).isEqualTo(200);
            isToldSo(marit.get("/api/papers"));
            isToldSo(marit.get("/api/session"));
            isToldSo(marit.changeAt(revision, paper, "/undo", ""));
            isToldSo(marit.upload("/api/papers", UntidyEssay.write(), FACTS));
            isToldSo(new Visitor(port).post("/api/session", Visitor.credentials("m@brackwater.example", "a word")));
            assertThat(marit.get("/actuator/health").status()).isEqualTo(503);

            relay.join();
            // A connection that was cut is found out when it is used next.
            Answer papers = marit.get("/api/papers");
            for (int i = 0; i < 20 && papers.status() == 503; i++) {
                papers = marit.get("/api/papers");
            }
            assertThat(papers.json().get("papers")).hasSize(1);
            assertThat(marit.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false")
                            .status())
                    .isEqualTo(200);
        }
    }

    private static void isToldSo(Answer answer) {
        assertThat(answer.status()).isEqualTo(503);
        assertThat(answer.json().get("detail").stringValue()).contains("Nothing was lost");
        assertThat(answer.response().headers().firstValue("Retry-After")).isPresent();
    }
}
