package grintel.server.health;

import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.lang.management.MemoryUsage;
import java.util.List;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Not well when what outlives the collection of garbage leaves no room to work in. */
@Component("memory")
class MemoryHealth implements HealthIndicator {
    private static final double FULL = 0.97;

    @Override
    public Health health() {
        return of(ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .filter(MemoryPoolMXBean::isCollectionUsageThresholdSupported)
                .map(MemoryPoolMXBean::getCollectionUsage)
                .toList());
    }

    /** @param left what the last collection left in each pool of the heap */
    static Health of(List<MemoryUsage> left) {
        boolean full = left.stream().anyMatch(use -> use.getMax() > 0 && use.getUsed() > FULL * use.getMax());
        return full ? Health.down().build() : Health.up().build();
    }
}
