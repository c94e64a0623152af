package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.server.Visitor.Answer;
import grintel.server.account.AccountService;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What strangers may try, and the mail that the demo catches. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "grintel.demo=true")
class DemoTest {
    private static final String FIRST = "harbour candle seventeen";
    private static final String SECOND = "lantern weir fourteen";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcClient database;

    @Autowired
    private AccountService accounts;

    @Test
    void noMailServerIsNeededToBeWell() {
        assertThat(new Visitor(port).get("/actuator/health").status()).isEqualTo(200);
    }

    @Test
    void eachVisitorHasADeskOfTheirOwn() {
        Visitor one = visitor();
        Visitor other = visitor();
        assertThat(one.get("/api/papers").json().get("papers")).hasSize(4);
        String paper = "/api/papers/"
                + one.get("/api/papers").json().get("papers").get(0).get("id").stringValue();
        assertThat(other.get(paper).status()).isEqualTo(404);
        assertThat(one.delete(paper).status()).isEqualTo(204);
        assertThat(other.get("/api/papers").json().get("papers")).hasSize(4);
    }

    @Test
    void aVisitorsDeskIsClearedAfterADay() {
        Visitor visitor = visitor();
        accounts.sweep();
        assertThat(visitor.get("/api/papers").json().get("papers")).hasSize(4);
        database.sql("update account set created_at = created_at - interval '1 day' where demo")
                .update();
        accounts.sweep();
        assertThat(database.sql("select count(*) from account where demo")
                        .query(Long.class)
                        .single())
                .isZero();
        assertThat(visitor.get("/api/papers").json().get("papers")).isEmpty();
    }

    @Test
    void aForgottenPasswordIsSetAnewByTheLinkInTheMailOnce() {
        String email = UUID.randomUUID() + "@brackwater.example";
        Visitor owner = new Visitor(port);
        owner.signUp(email, FIRST);
        Visitor stranger = new Visitor(port);
        assertThat(stranger.get("/api/session").json().get("resetOffered").booleanValue())
                .isTrue();
        assertThat(ask(stranger, "nobody@brackwater.example").status()).isEqualTo(204);
        assertThat(ask(stranger, " " + email.toUpperCase(Locale.ROOT)).status()).isEqualTo(204);
        String token = tokenSentTo(stranger, email);

        assertThat(set(stranger, "a" + token, SECOND).status()).isEqualTo(404);
        assertThat(set(stranger, token, "password123").status()).isEqualTo(400);
        assertThat(set(stranger, token, SECOND).status()).isEqualTo(204);
        assertThat(owner.get("/api/papers").status()).isEqualTo(401);
        assertThat(set(stranger, token, FIRST).status()).isEqualTo(404);
        assertThat(stranger.post("/api/session", Visitor.credentials(email, FIRST))
                        .status())
                .isEqualTo(401);
        assertThat(stranger.post("/api/session", Visitor.credentials(email, SECOND))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aLinkHoldsForAnHour() {
        String email = UUID.randomUUID() + "@brackwater.example";
        Visitor owner = new Visitor(port);
        owner.signUp(email, FIRST);
        ask(owner, email);
        String token = tokenSentTo(owner, email);
        database.sql("update password_reset set made_at = made_at - interval '1 hour'")
                .update();
        assertThat(set(owner, token, SECOND).status()).isEqualTo(404);
    }

    private Visitor visitor() {
        Visitor visitor = new Visitor(port);
        assertThat(visitor.post("/api/session/demo", "").status()).isEqualTo(200);
        return visitor;
    }

    private static Answer ask(Visitor visitor, String email) {
        return visitor.post("/api/password-reset", "{\"email\":\"" + email + "\"}");
    }

    private static Answer set(Visitor visitor, String token, String password) {
        return visitor.send(
                "PUT", "/api/password-reset", "{\"token\":\"" + token + "\",\"password\":\"" + password + "\"}");
    }

    /** What the link in the last message to an address holds. */
    private static String tokenSentTo(Visitor visitor, String email) {
        String mail = "/api/session/demo/mail?address=" + email;
        Awaitility.await()
                .atMost(10, TimeUnit.SECONDS)
                .until(() -> !visitor.get(mail).json().isEmpty());
        Matcher link = Pattern.compile("/new-password#(\\S+)")
                .matcher(visitor.get(mail).json().get(0).get("text").stringValue());
        assertThat(link.find()).isTrue();
        return link.group(1);
    }
}
