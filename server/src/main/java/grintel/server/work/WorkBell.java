package grintel.server.work;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;

/** Rung when work of this instance was asked for or has ended; who waits for either looks into the database again. */
@Component
class WorkBell {
    private final Lock lock = new ReentrantLock();
    private final Condition rung = lock.newCondition();
    private long rings;

    void ring() {
        lock.lock();
        try {
            rings++;
            rung.signalAll();
        } finally {
            lock.unlock();
        }
    }

    /** How often it has rung. */
    long rings() {
        lock.lock();
        try {
            return rings;
        } finally {
            lock.unlock();
        }
    }

    /** Waits until it has rung more often than that, or the time is over. */
    void await(long heard, long millis) throws InterruptedException {
        long nanos = TimeUnit.MILLISECONDS.toNanos(millis);
        lock.lock();
        try {
            while (rings == heard && nanos > 0) {
                nanos = rung.awaitNanos(nanos);
            }
        } finally {
            lock.unlock();
        }
    }
}
