package grintel.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.server.GrintelServer;
import grintel.server.problem.Problem;
import grintel.server.work.WorkQueueTest.Kinds;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.context.annotation.Bean;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Work as it is taken, shared out, stopped, and done again where an instance died. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        classes = {GrintelServer.class, Kinds.class})
@ExtendWith(OutputCaptureExtension.class)
class WorkQueueTest {
    private static final List<String> BEGUN = new CopyOnWriteArrayList<>();
    private static final List<String> STOPPED = new CopyOnWriteArrayList<>();
    private static final List<String> CONCLUDED = new CopyOnWriteArrayList<>();
    private static final Map<String, CountDownLatch> HELD = new ConcurrentHashMap<>();

    @Autowired
    private WorkQueue queue;

    @Autowired
    private JdbcClient database;

    private UUID marit;
    private UUID tobias;

    @BeforeEach
    void openAccounts() {
        BEGUN.clear();
        CONCLUDED.clear();
        marit = account();
        tobias = account();
    }

    @AfterEach
    void letGo() {
        HELD.values().forEach(CountDownLatch::countDown);
        HELD.clear();
    }

    private UUID account() {
        UUID id = UUID.randomUUID();
        database.sql("insert into account values (?, ?, 'hash', false, now())")
                .param(id)
                .param(id + "@brackwater.example")
                .update();
        return id;
    }

    /** Work that stays under way until it is let go. */
    private UUID hold(UUID account, String name) {
        HELD.put(name, new CountDownLatch(1));
        return queue.add(account, "hold", new Named(name), new byte[0]);
    }

    private static void until(BooleanSupplier happens) {
        while (!happens.getAsBoolean()) {
            Thread.onSpinWait();
        }
    }

    private boolean isDone(UUID account, UUID id) {
        return queue.find(account, id).isDone();
    }

    @Test
    void quickWorkIsDoneWhenTheAnswerGoesOut() {
        WorkStatus work = queue.start(marit, "say", new Named("done"));
        assertThat(work.result()).isEqualTo("\"done\"");
    }

    @Test
    void longWorkGoesOnAndTellsItsStage() {
        UUID id = hold(marit, "long");
        until(() -> queue.find(marit, id).stage().equals("Holding long"));
        assertThat(queue.await(marit, id).isDone()).isFalse();
        HELD.get("long").countDown();
        until(() -> isDone(marit, id));
        assertThat(CONCLUDED).containsExactly("long");
    }

    @Test
    void nobodyElseCanAskAfterItOrStopIt() {
        UUID id = hold(marit, "own");
        assertThatThrownBy(() -> queue.find(tobias, id)).hasMessage("There is no such work.");
        assertThatThrownBy(() -> queue.stop(tobias, id)).hasMessage("There is no such work.");
        assertThatThrownBy(() -> queue.find(marit, UUID.randomUUID())).isInstanceOf(Problem.class);
    }

    @Test
    void whatIsUnforeseenHasAReferenceThatStandsInTheLog(CapturedOutput output) {
        UUID id = queue.add(marit, "fail", new Named("on purpose"), new byte[0]);
        Pattern reference = Pattern.compile("\\(reference ([0-9a-f]{6})\\)");
        assertThatThrownBy(() -> until(() -> isDone(marit, id))).satisfies(told -> {
            Matcher found = reference.matcher(String.valueOf(told.getMessage()));
            assertThat(found.find()).isTrue();
            assertThat(told.getMessage()).doesNotContain("on purpose");
            assertThat(output.getAll()).contains("reference " + found.group(1)).contains("on purpose");
        });
    }

    @Test
    void workIsStoppedWhetherItIsUnderWayOrWaits() {
        UUID running = hold(marit, "running");
        UUID waiting = hold(marit, "waiting");
        until(() -> BEGUN.contains("running"));
        queue.stop(marit, waiting);
        queue.stop(marit, running);
        assertThatThrownBy(() -> until(() -> isDone(marit, waiting))).hasMessageContaining("stopped");
        assertThatThrownBy(() -> until(() -> isDone(marit, running))).hasMessageContaining("stopped");
        assertThat(BEGUN).containsExactly("running");
        assertThat(CONCLUDED).isEmpty();
        UUID next = hold(marit, "next");
        HELD.get("next").countDown();
        until(() -> isDone(marit, next));
    }

    @Test
    void whoHasMuchToDoKeepsNobodyWaiting() {
        for (int i = 0; i < 6; i++) {
            hold(marit, "marit" + i);
        }
        until(() -> BEGUN.contains("marit0"));
        UUID first = hold(tobias, "tobias0");
        UUID second = hold(tobias, "tobias1");
        HELD.get("tobias0").countDown();
        until(() -> isDone(tobias, first));
        HELD.get("tobias1").countDown();
        until(() -> isDone(tobias, second));
        assertThat(BEGUN).containsExactly("marit0", "tobias0", "tobias1");
    }

    @Test
    void accountsTakeTurns() {
        UUID ida = account();
        hold(ida, "stopper");
        hold(tobias, "stopper2");
        until(() -> BEGUN.size() == 2);
        UUID last = marit;
        UUID lastWork = last;
        for (int i = 0; i < 3; i++) {
            lastWork = hold(marit, "marit" + i);
        }
        hold(tobias, "tobias0");
        hold(ida, "ida0");
        HELD.values().forEach(CountDownLatch::countDown);
        UUID end = lastWork;
        until(() -> isDone(marit, end));
        assertThat(BEGUN.indexOf("tobias0")).isLessThan(BEGUN.indexOf("marit2"));
        assertThat(BEGUN.indexOf("ida0")).isLessThan(BEGUN.indexOf("marit2"));
    }

    @Test
    void workEndsWithItsAccount() {
        hold(marit, "orphaned");
        until(() -> BEGUN.contains("orphaned"));
        database.sql("delete from account where id = ?").param(marit).update();
        until(() -> STOPPED.contains("orphaned"));
        assertThat(CONCLUDED).doesNotContain("orphaned");
    }

    @Test
    void whatWaitsTellsHowMuchComesBefore() {
        hold(marit, "first");
        hold(tobias, "second");
        until(() -> BEGUN.size() == 2);
        UUID third = hold(account(), "third");
        UUID fourth = hold(marit, "fourth");
        assertThat(queue.find(marit, fourth).ahead()).isEqualTo(3);
        HELD.values().forEach(CountDownLatch::countDown);
        until(() -> isDone(marit, fourth));
        assertThat(queue.find(marit, fourth).ahead()).isZero();
        assertThat(third).isNotEqualTo(fourth);
    }

    @Test
    void theSameWorkIsDoneOnceAtATime() {
        HELD.put("shared", new CountDownLatch(1));
        UUID first =
                queue.startHere(marit, "hold", new Named("shared"), "layout").id();
        UUID second =
                queue.startHere(marit, "hold", new Named("shared"), "layout").id();
        assertThat(second).isEqualTo(first);
    }

    @Test
    void tooMuchWaitingIsRefused() {
        for (int i = 0; i < 20; i++) {
            hold(marit, "many" + i);
        }
        assertThatThrownBy(() -> hold(marit, "one more")).hasMessageStartingWith("Much of yours");
        byte[] large = new byte[60 << 20];
        queue.add(tobias, "hold", new Named("many0"), large);
        assertThatThrownBy(() -> queue.add(tobias, "hold", new Named("many0"), large))
                .hasMessageStartingWith("Much of yours");
    }

    @Test
    void workOfAnInstanceThatDiedIsDoneByAnotherButNotForEver() {
        UUID orphan = orphan(1);
        until(() -> isDone(marit, orphan));
        assertThat(CONCLUDED).containsExactly("orphan");
        UUID deadly = orphan(3);
        assertThatThrownBy(() -> until(() -> isDone(marit, deadly))).hasMessageContaining("not tried again");
    }

    /** Work that was begun so often, last by an instance whose lease is over. */
    private UUID orphan(int attempts) {
        UUID id = UUID.randomUUID();
        database.sql("""
                        insert into work (id, account_id, kind, details, state, stage, attempts, lease_until)
                        values (?, ?, 'say', '{"name": "orphan"}', 'RUNNING', 'Holding', ?, now() - interval '1 second')""").params(id, marit, attempts).update();
        return id;
    }

    record Named(String name) {}

    @TestConfiguration(proxyBeanMethods = false)
    static class Kinds {
        @Bean
        WorkKind<Named> say() {
            return new WorkKind<>(
                    "say", Named.class, task -> concluding(task.details().name()));
        }

        @Bean
        WorkKind<Named> fail() {
            return new WorkKind<>("fail", Named.class, task -> {
                throw new IllegalStateException(task.details().name());
            });
        }

        @Bean
        WorkKind<Named> hold() {
            return new WorkKind<>("hold", Named.class, task -> {
                String name = task.details().name();
                CountDownLatch latch = HELD.get(name);
                if (latch != null) {
                    BEGUN.add(name);
                    task.progress().stage("Holding " + name);
                    try {
                        latch.await();
                    } catch (InterruptedException e) {
                        STOPPED.add(name);
                        throw new CancellationException();
                    }
                }
                return concluding(name);
            });
        }

        private static WorkKind.Conclusion concluding(String name) {
            return () -> {
                CONCLUDED.add(name);
                return name;
            };
        }
    }
}
