package grintel.server.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.formats.UnreadableFileException;
import grintel.server.problem.Problem;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class CheckJobsTest {
    private final CheckJobs jobs = new CheckJobs();
    private final UUID marit = UUID.randomUUID();
    private final UUID tobias = UUID.randomUUID();

    @AfterEach
    void stop() {
        jobs.stop();
    }

    @Test
    void quickWorkIsDoneWhenTheAnswerGoesOut() {
        CheckJobs.Job<String> job = jobs.start(marit, progress -> "done");
        assertThat(job.isDone()).isTrue();
        assertThat(job.result()).isEqualTo("done");
    }

    @Test
    void longWorkGoesOnAndTellsItsStage() throws InterruptedException {
        CountDownLatch mayEnd = new CountDownLatch(1);
        CountDownLatch hasEnded = new CountDownLatch(1);
        CheckJobs.Job<String> job = jobs.start(marit, progress -> {
            progress.stage("Measuring");
            await(mayEnd);
            hasEnded.countDown();
            return "late";
        });
        assertThat(job.isDone()).isFalse();
        assertThat(job.stage()).isEqualTo("Measuring");
        assertThat(jobs.find(marit, job.id())).isSameAs(job);
        mayEnd.countDown();
        hasEnded.await();
        while (!job.isDone()) {
            Thread.onSpinWait();
        }
        assertThat(job.result()).isEqualTo("late");
    }

    @Test
    void nobodyElseCanAskAfterIt() {
        CheckJobs.Job<String> job = jobs.start(marit, progress -> "done");
        assertThatThrownBy(() -> jobs.find(tobias, job.id())).isInstanceOf(Problem.class);
        assertThatThrownBy(() -> jobs.find(marit, UUID.randomUUID())).isInstanceOf(Problem.class);
    }

    @Test
    void whatGoesWrongIsToldToWhoeverAsks() {
        CheckJobs.Job<String> refused = jobs.start(marit, progress -> {
            throw new UnreadableFileException("The file is empty.");
        });
        assertThatThrownBy(refused::result).isInstanceOf(UnreadableFileException.class);
        CheckJobs.Job<String> tooLarge = jobs.start(marit, progress -> {
            throw new OutOfMemoryError("for the test");
        });
        assertThatThrownBy(tooLarge::result).isInstanceOf(Problem.class).hasMessageContaining("more memory");
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
