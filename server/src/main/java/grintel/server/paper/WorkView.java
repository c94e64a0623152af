package grintel.server.paper;

import grintel.server.work.WorkStatus;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Work under way or done.
 *
 * @param stage what is being done
 * @param ahead pieces of work that come before it, as long as it waits
 * @param understanding the result of understanding a file
 * @param paper the result of bringing one
 * @param done the result of putting right: a phrase for each reading
 * @param changed what putting right changed in the file, a phrase each
 */
record WorkView(
        UUID id,
        boolean finished,
        String stage,
        int ahead,
        @Nullable Understanding understanding,
        @Nullable UUID paper,
        @Nullable List<String> done,
        @Nullable List<String> changed) {
    static WorkView of(WorkStatus work, JsonMapper json) {
        Result result = work.result() == null ? Result.NOTHING : json.readValue(work.result(), Result.class);
        return new WorkView(
                work.id(),
                work.isDone(),
                work.stage(),
                work.ahead(),
                result.understanding(),
                result.paper(),
                result.done(),
                result.changed());
    }

    /** What a piece of work on a paper came to, as the database keeps it. */
    record Result(
            @Nullable Understanding understanding,
            @Nullable UUID paper,
            @Nullable List<String> done,
            @Nullable List<String> changed) {
        static final Result NOTHING = new Result(null, null, null, null);

        static Result of(Understanding understanding) {
            return new Result(understanding, null, null, null);
        }

        static Result of(UUID paper) {
            return new Result(null, paper, null, null);
        }

        static Result of(List<String> done, List<String> changed) {
            return new Result(null, null, done, changed);
        }
    }
}
