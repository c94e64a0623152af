package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyEssay;
import grintel.server.Visitor.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
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

    private static ConfigurableApplicationContext start(String... more) {
        List<String> arguments = new ArrayList<>(List.of(more));
        arguments.add("--server.port=0");
        return new SpringApplicationBuilder(GrintelServer.class).run(arguments.toArray(String[]::new));
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
    void ofTwoUndoneAtBothInTheSameMomentOneIsDone() throws Exception {
        Visitor atOne = new Visitor(port(one));
        atOne.signUp(UUID.randomUUID() + "@brackwater.example", PASSWORD);
        Visitor atTwo = atOne.at(port(two));
        String paper = atOne.bring(UntidyEssay.write(), Map.of("guide", "mla-9", "surname", "Solvane"));
        for (int i = 0; i < 20; i++) {
            atOne.change(paper, i == 0 ? "/put-right" : "/redo", i == 0 ? "\"wordsConfirmed\":true" : "");
            int seen = atOne.revision(paper);
            List<Callable<Integer>> presses = Stream.of(atOne, atTwo)
                    .map(window -> (Callable<Integer>)
                            () -> window.changeAt(seen, paper, "/undo", "").status())
                    .toList();
            assertThat(Visitor.atOnce(presses)).containsExactlyInAnyOrder(200, 409);
        }
        assertThat(atTwo.ready(paper + "/layout").status()).isEqualTo(200);
    }

    @Test
    void ofTwoAccountsWithOneAddressOneIsOpened() throws Exception {
        String email = UUID.randomUUID() + "@brackwater.example";
        List<Callable<Integer>> presses = Stream.of(one, two)
                .map(instance -> (Callable<Integer>) () -> new Visitor(port(instance))
                        .post("/api/accounts", Visitor.credentials(email, PASSWORD))
                        .status())
                .toList();
        assertThat(Visitor.atOnce(presses)).containsExactlyInAnyOrder(201, 409);
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
