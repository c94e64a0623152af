package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.server.Visitor.Answer;
import java.net.http.HttpHeaders;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;

/** Passwords, sessions, cookies and tries. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.1")
@ExtendWith(OutputCaptureExtension.class)
class SessionsTest {
    private static final String PASSWORD = "a long enough word";

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcClient database;

    private String email;
    private Visitor marit;

    @BeforeEach
    void openAccount() {
        email = UUID.randomUUID() + "@brackwater.example";
        marit = new Visitor(port);
        marit.signUp(email, PASSWORD);
    }

    private Visitor from(String machine) {
        return new Visitor(port).with("X-Forwarded-For", machine);
    }

    private static int signIn(Visitor visitor, String email, String password) {
        return visitor.post("/api/session", Visitor.credentials(email, password))
                .status();
    }

    private static String change(String current, String next) {
        return "{\"current\":\"" + current + "\",\"next\":\"" + next + "\"}";
    }

    private static boolean isSignedIn(Visitor visitor) {
        return visitor.get("/api/papers").status() == 200;
    }

    // ---- passwords

    @ParameterizedTest
    @ValueSource(
            strings = {"password123", "qwertyuiop", "1234567890", "aaaaaaaaaaaaaaa", "solvane.marit@brackwater.example"
            })
    void aPasswordThatIsSoonGuessedIsRefused(String password) {
        Answer refused = new Visitor(port)
                .post("/api/accounts", Visitor.credentials("solvane.marit@brackwater.example", password));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("detail").stringValue()).contains("easy to guess");
        assertThat(marit.send("PUT", "/api/account/password", change(PASSWORD, "password123"))
                        .status())
                .isEqualTo(400);
        assertThat(signIn(new Visitor(port), email, PASSWORD)).isEqualTo(200);
    }

    @Test
    void aHashOfLowerCostIsMadeAnewWhenItsOwnerSignsIn() {
        String cheap = new Argon2PasswordEncoder(16, 32, 1, 1 << 10, 1).encode(PASSWORD);
        database.sql("update account set password_hash = ? where email = ?")
                .params(cheap, email)
                .update();
        assertThat(signIn(new Visitor(port), email, PASSWORD)).isEqualTo(200);
        assertThat(database.sql("select password_hash from account where email = ?")
                        .param(email)
                        .query(String.class)
                        .single())
                .startsWith("$argon2id$v=19$m=7168,t=5,p=1$");
        assertThat(signIn(new Visitor(port), email, PASSWORD)).isEqualTo(200);
    }

    // ---- sessions

    @Test
    void aNewPasswordEndsAllOtherSessions() {
        Visitor elsewhere = new Visitor(port);
        signIn(elsewhere, email, PASSWORD);
        assertThat(isSignedIn(elsewhere)).isTrue();
        assertThat(marit.send("PUT", "/api/account/password", change(PASSWORD, "another long word"))
                        .status())
                .isEqualTo(204);
        assertThat(isSignedIn(elsewhere)).isFalse();
        assertThat(isSignedIn(marit)).isTrue();
    }

    @Test
    void closingTheAccountEndsAllSessions() {
        Visitor elsewhere = new Visitor(port);
        signIn(elsewhere, email, PASSWORD);
        marit.post("/api/account/closing", "{\"password\":\"" + PASSWORD + "\"}");
        assertThat(isSignedIn(elsewhere)).isFalse();
        assertThat(isSignedIn(marit)).isFalse();
        assertThat(database.sql(
                                "select count(*) from known_browser b where not exists (select 1 from account where id = b.account_id)")
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void aSessionEndsInAMonthHoweverMuchItIsUsed() {
        String id = database.sql("select id from account where email = ?")
                .param(email)
                .query(String.class)
                .single();
        long almost = 29L * 24 * 3600 * 1000;
        String older = "update spring_session set creation_time = creation_time - ? where principal_name = ?";
        assertThat(database.sql(older).params(almost, id).update()).isOne();
        assertThat(isSignedIn(marit)).isTrue();
        database.sql(older).params(almost, id).update();
        assertThat(isSignedIn(marit)).isFalse();
    }

    // ---- cookies and headers

    @Test
    void behindHttpsCookiesAreOfThisHostAndOverHttpsOnly() {
        Visitor visitor = new Visitor(port).with("X-Forwarded-Proto", "https");
        HttpHeaders page = visitor.get("/api/session").response().headers();
        assertThat(page.firstValue("Strict-Transport-Security")).isPresent();
        assertThat(page.allValues("Set-Cookie"))
                .singleElement()
                .asString()
                .startsWith("__Host-grintel-token=")
                .contains("Secure")
                .contains("Path=/")
                .contains("SameSite=Lax")
                .doesNotContain("Domain");
        // The client keeps to what is asked and sends no such cookie over HTTP, so it is sent by hand.
        String token = page.firstValue("Set-Cookie").orElseThrow().split("[=;]")[1];
        visitor.with("Cookie", "__Host-grintel-token=" + token).with("X-XSRF-TOKEN", token);
        HttpHeaders in = visitor.post("/api/session", Visitor.credentials(email, PASSWORD))
                .response()
                .headers();
        assertThat(in.allValues("Set-Cookie"))
                .filteredOn(cookie ->
                        cookie.startsWith("__Host-grintel-session=") || cookie.startsWith("__Host-grintel-browser="))
                .hasSize(2)
                .allSatisfy(cookie -> assertThat(cookie)
                        .contains("Secure")
                        .contains("HttpOnly")
                        .contains("Path=/")
                        .contains("SameSite=Lax"));
    }

    @Test
    void pagesSayWhatABrowserMayDoWithThem() {
        HttpHeaders headers = new Visitor(port).get("/api/session").response().headers();
        assertThat(headers.firstValue("Content-Security-Policy"))
                .hasValueSatisfying(policy -> assertThat(policy)
                        .contains("base-uri 'none'")
                        .contains("frame-ancestors 'none'")
                        .contains("form-action 'self'"));
        assertThat(headers.firstValue("Referrer-Policy")).hasValue("no-referrer");
        assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
        assertThat(headers.firstValue("Cache-Control"))
                .hasValueSatisfying(kept -> assertThat(kept).contains("no-store"));
        assertThat(headers.firstValue("Strict-Transport-Security")).isEmpty();
    }

    @Test
    void theDescriptionOfTheInterfaceIsForThoseSignedIn() {
        assertThat(new Visitor(port).get("/api/openapi").status()).isEqualTo(401);
        assertThat(marit.get("/api/openapi").status()).isEqualTo(200);
    }

    // ---- tries

    @Test
    void nobodyCanLockAnOwnerOutFromAfar() {
        int last = 0;
        for (int i = 0; i < 9; i++) {
            last = signIn(from("192.0.2." + i), email, "guess number " + i);
        }
        assertThat(last).as("a browser nobody knows").isEqualTo(429);
        marit.send("DELETE", "/api/session", "");
        assertThat(signIn(marit, email, PASSWORD)).as("the owner's").isEqualTo(200);
        for (int i = 0; i < 9; i++) {
            last = signIn(marit, email, "guess number " + i);
        }
        assertThat(last).as("the owner's, failing").isEqualTo(429);
    }

    @Test
    void whoSignsInDoesNotCountAgainstTheirSchool() {
        database.sql("delete from sign_in_tries").update();
        for (int i = 0; i < 12; i++) {
            assertThat(signIn(from("198.51.100.7"), email, PASSWORD)).isEqualTo(200);
        }
        assertThat(database.sql("select sum(tries) from sign_in_tries")
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void givingOnesOwnPasswordAgainIsLimited() {
        int last = 0;
        for (int i = 0; i < 9; i++) {
            last = marit.send("PUT", "/api/account/password", change("guess number " + i, "another long word"))
                    .status();
        }
        assertThat(last).isEqualTo(429);
        assertThat(marit.post("/api/account/closing", "{\"password\":\"" + PASSWORD + "\"}")
                        .status())
                .isEqualTo(429);
    }

    // ---- the log

    @Test
    void theLogTellsWhoCameAndNothingThatWasTyped(CapturedOutput output) {
        signIn(from("203.0.113.9"), email, "guess that stays secret");
        signIn(from("203.0.113.9"), email, PASSWORD);
        marit.postWithoutToken("/api/papers/" + UUID.randomUUID() + "/undo", "{}");
        List<String> lines = output.getOut()
                .lines()
                .filter(line -> line.contains("grintel.security"))
                .toList();
        assertThat(lines).anyMatch(line -> line.contains("Wrong password"));
        assertThat(lines).anyMatch(line -> line.contains("Signed in"));
        assertThat(lines).anyMatch(line -> line.contains("Refused"));
        assertThat(output.getOut())
                .doesNotContain(email)
                .doesNotContain("stays secret")
                .doesNotContain(PASSWORD);
    }

    /** The same server, with no proxy named. */
    @Nested
    @SpringBootTest(
            webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
            properties = "server.tomcat.remoteip.internal-proxies=none")
    class WithoutAProxy {
        @LocalServerPort
        private int open;

        @Test
        void whatIsForwardedIsNotBelieved() {
            Visitor liar = new Visitor(open).with("X-Forwarded-Proto", "https");
            assertThat(liar.get("/api/session").response().headers().firstValue("Strict-Transport-Security"))
                    .isEmpty();
            String address = UUID.randomUUID() + "@brackwater.example";
            new Visitor(open).with("X-Forwarded-For", "192.0.2.99").signUp(address, PASSWORD);
            assertThat(database.sql("select count(*) from sign_in_tries where key = sha256('accounts 192.0.2.99')")
                            .query(Integer.class)
                            .single())
                    .isZero();
        }
    }
}
