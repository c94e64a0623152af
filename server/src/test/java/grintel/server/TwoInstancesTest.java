package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyEssay;
import grintel.server.Visitor.Answer;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Two servers on one database serve as one. */
class TwoInstancesTest {
    private static final String PASSWORD = "a long enough word";
    private static ConfigurableApplicationContext one;
    private static ConfigurableApplicationContext two;

    @BeforeAll
    static void startBoth() {
        one = start();
        two = start();
    }

    @AfterAll
    static void stopBoth() {
        one.close();
        two.close();
    }

    private static ConfigurableApplicationContext start() {
        return new SpringApplicationBuilder(GrintelServer.class)
                .properties("server.port=0")
                .run("--server.port=0");
    }

    private static int port(ConfigurableApplicationContext instance) {
        return instance.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
    }

    @Test
    void everythingDoneAtOneIsThereAtTheOther() {
        Visitor atOne = new Visitor(port(one));
        atOne.signUp(UUID.randomUUID() + "@brackwater.example", PASSWORD);
        Visitor atTwo = atOne.at(port(two));

        Answer started =
                atOne.upload("/api/papers", UntidyEssay.write(), Map.of("guide", "mla-9", "surname", "Solvane"));
        String work = "/api/work/" + started.json().get("id").stringValue();
        Answer finished = atTwo.finish(atTwo.get(work));
        String paper = "/api/papers/" + finished.json().get("paper").stringValue();

        assertThat(atTwo.ready(paper + "/layout").bytes())
                .isEqualTo(atOne.ready(paper + "/layout").bytes());
        int seen = atOne.revision(paper);
        assertThat(atTwo.change(paper, "/put-right", "\"station\":\"sheet\",\"wordsConfirmed\":false")
                        .status())
                .isEqualTo(200);
        assertThat(atOne.changeAt(seen, paper, "/undo", "").status()).isEqualTo(409);
        assertThat(atOne.change(paper, "/undo").status()).isEqualTo(200);
        assertThat(atTwo.ready(paper + "/readings").bytes())
                .isEqualTo(atOne.ready(paper + "/readings").bytes());
    }

    @Test
    void triesToSignInAreCountedTogether() {
        String email = UUID.randomUUID() + "@brackwater.example";
        int last = 0;
        for (int i = 0; i < 9; i++) {
            last = new Visitor(port(i % 2 == 0 ? one : two))
                    .post("/api/session", Visitor.credentials(email, "guess number " + i))
                    .status();
        }
        assertThat(last).isEqualTo(429);
    }
}
