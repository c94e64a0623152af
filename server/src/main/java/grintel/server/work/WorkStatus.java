package grintel.server.work;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a piece of work is getting on.
 *
 * @param stage what is being done, a short phrase
 * @param ahead pieces of work that were asked for before and are not done; 0 once it has begun
 * @param result what its conclusion told, as JSON; null until it is done
 */
public record WorkStatus(
        UUID id, String stage, int ahead, @Nullable String result) {
    /** Whether it is done. */
    public boolean isDone() {
        return result != null;
    }
}
