package grintel.server.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;

class BoundedPasswordEncoderTest {
    @Test
    void noMoreThanTwoAreHashedAtATime() throws Exception {
        AtomicInteger inside = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        CountDownLatch two = new CountDownLatch(2);
        PasswordEncoder slow = mock(PasswordEncoder.class);
        when(slow.encode(any())).thenAnswer(call -> {
            most.accumulateAndGet(inside.incrementAndGet(), Math::max);
            two.countDown();
            two.await();
            inside.decrementAndGet();
            return "hash";
        });
        PasswordEncoder bounded = new BoundedPasswordEncoder(slow);
        ExecutorService people = Executors.newFixedThreadPool(8);
        try {
            List<Future<String>> hashes = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                hashes.add(people.submit(() -> bounded.encode("a long enough word")));
            }
            for (Future<String> hash : hashes) {
                assertThat(hash.get()).isEqualTo("hash");
            }
        } finally {
            people.shutdownNow();
        }
        assertThat(most).hasValue(2);
    }
}
