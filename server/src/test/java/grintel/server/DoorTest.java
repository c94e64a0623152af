package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.server.Visitor.Answer;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What strangers send. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class DoorTest {
    private static final String PASSWORD = "a long enough word";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcClient database;

    private static void isRefused(Answer answer, int status) {
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.response().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(answer.json().get("detail").stringValue()).isNotBlank();
        assertThat(answer.text()).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{}",
                "[]",
                "null",
                "7",
                "{\"email\":null,\"password\":null}",
                "{\"email\":\"marit@brackwater.example\",\"password\":\"\"}",
                "{\"email\":\"marit@brackwater.example\",\"password\":null}",
                "{\"email\":\"marit@brackwater.example\",\"password\":{\"a\":1}}",
                "{\"email\":\"marit@brackwater.example\",\"password\":\"not closed",
                "{\"email\":\"marit\\u0000@brackwater.example\",\"password\":\"a long enough word\"}",
            })
    void credentialsOfTheWrongShapeAreRefused(String body) {
        isRefused(new Visitor(port).post("/api/session", body), 400);
        isRefused(new Visitor(port).post("/api/accounts", body), 400);
    }

    @Test
    void passwordsAndBodiesHaveALargestSize() {
        String long1 = "x".repeat(201);
        isRefused(new Visitor(port).post("/api/session", Visitor.credentials("m@brackwater.example", long1)), 400);
        String megabyte = "x".repeat(1 << 20);
        isRefused(new Visitor(port).post("/api/session", Visitor.credentials("m@brackwater.example", megabyte)), 413);
        isRefused(new Visitor(port).post("/api/session", "[".repeat(10_000) + "]".repeat(10_000)), 400);
        Visitor marit = Visitor.withAccount(port);
        String change = "{\"current\":\"" + PASSWORD + "\",\"next\":null}";
        isRefused(marit.send("PUT", "/api/account/password", change), 400);
        isRefused(marit.post("/api/account/closing", "{\"password\":null}"), 400);
    }

    @Test
    void idsThatAreNoneAndChangesOfTheWrongShapeAreRefused() {
        Visitor marit = Visitor.withAccount(port);
        isRefused(marit.get("/api/papers/none"), 400);
        isRefused(marit.get("/api/work/none"), 400);
        isRefused(marit.get("/api/work/" + UUID.randomUUID()), 404);
        String paper = "/api/papers/" + UUID.randomUUID();
        isRefused(marit.send("DELETE", paper, ""), 400);
        isRefused(marit.send("DELETE", paper + "?revision=x", ""), 400);
        isRefused(marit.post(paper + "/undo", ""), 400);
        isRefused(marit.post(paper + "/undo", "{\"revision\":\"x\"}"), 400);
        isRefused(marit.post(paper + "/put-right", "[]"), 400);
        isRefused(marit.post(paper + "/put-right", "{\"revision\":0,\"places\":7,\"wordsConfirmed\":true}"), 400);
        isRefused(marit.post(paper + "/stet", "{\"revision\":0,\"reading\":null,\"reason\":null}"), 400);
        isRefused(marit.post(paper + "/stet", "{\"revision\":0,\"reading\":\"a\",\"reason\":\"\\u0000\"}"), 404);
        isRefused(marit.get(paper + "/layout?proof=x"), 400);
        isRefused(marit.get(paper + "/layout"), 404);
    }

    @Test
    void whoOnlyLooksAtTheSignInPageStartsNoSession() {
        int before = sessions();
        Visitor looker = new Visitor(port);
        assertThat(looker.get("/api/session").status()).isEqualTo(200);
        assertThat(looker.get("/api/papers").status()).isEqualTo(401);
        assertThat(looker.get("/").status()).isIn(200, 404);
        assertThat(sessions()).isEqualTo(before);
        Visitor.withAccount(port);
        assertThat(sessions()).isEqualTo(before + 1);
    }

    private int sessions() {
        return database.sql("select count(*) from spring_session")
                .query(Integer.class)
                .single();
    }

    /** All connections of the pool are cut, as when the database is started anew. */
    @Test
    void theServerGoesOnWhenTheDatabaseComesBack() {
        Visitor marit = Visitor.withAccount(port);
        database.sql("""
                select count(pg_terminate_backend(pid)) from pg_stat_activity
                where datname = current_database() and pid <> pg_backend_pid()""").query(Integer.class).single();
        // A connection used just before is not looked at again before it is used; each such fails once.
        int well = 0;
        for (int i = 0; i < 100 && well < 20; i++) {
            well = marit.get("/api/papers").status() == 200 ? well + 1 : 0;
        }
        assertThat(well).isEqualTo(20);
    }
}
