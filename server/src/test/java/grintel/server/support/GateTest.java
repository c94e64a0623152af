package grintel.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.server.problem.Problem;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class GateTest {
    @Test
    void whoWaitsInVainIsToldAndTheNextMayEnter() throws Exception {
        Gate gate = new Gate(1, 0, "Many are here just now.");
        CountDownLatch inside = new CountDownLatch(1);
        CountDownLatch mayLeave = new CountDownLatch(1);
        CompletableFuture<String> first = CompletableFuture.supplyAsync(() -> gate.through(() -> {
            inside.countDown();
            await(mayLeave);
            return "first";
        }));
        inside.await();
        assertThatThrownBy(() -> gate.through(() -> "second"))
                .isInstanceOf(Problem.class)
                .hasMessage("Many are here just now.");
        mayLeave.countDown();
        assertThat(first.get()).isEqualTo("first");
        assertThat(gate.through(() -> "third")).isEqualTo("third");
    }

    @Test
    void aPlaceIsFreeAgainAfterAFailure() {
        Gate gate = new Gate(1, 0, "Many are here just now.");
        assertThatThrownBy(() -> gate.through(() -> {
                    throw new IllegalArgumentException("no");
                }))
                .hasMessage("no");
        assertThat(gate.through(() -> "next")).isEqualTo("next");
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
