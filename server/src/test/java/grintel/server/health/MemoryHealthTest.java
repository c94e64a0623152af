package grintel.server.health;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.MemoryUsage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.health.contributor.Status;

class MemoryHealthTest {
    private static Status left(long used) {
        return MemoryHealth.of(List.of(new MemoryUsage(0, 10, 1000, -1), new MemoryUsage(0, used, 1000, 1000)))
                .getStatus();
    }

    @Test
    void aHeapThatStaysFullIsNotWell() {
        assertThat(left(960)).isEqualTo(Status.UP);
        assertThat(left(980)).isEqualTo(Status.DOWN);
    }

    @Test
    void thisProcessIsWell() {
        assertThat(new MemoryHealth().health().getStatus()).isEqualTo(Status.UP);
    }
}
