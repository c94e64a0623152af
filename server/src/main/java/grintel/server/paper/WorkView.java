package grintel.server.paper;

import grintel.server.paper.PaperViews.PutRightView;
import grintel.server.paper.Step.PutRightReading;
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
 * @param done the result of putting right
 * @param changed what putting right changed in the file, a phrase each
 * @param words the words that putting right would change
 */
record WorkView(
        UUID id,
        boolean finished,
        String stage,
        int ahead,
        @Nullable Understanding understanding,
        @Nullable UUID paper,
        @Nullable List<PutRightView> done,
        @Nullable List<String> changed,
        @Nullable List<ChangeView> words) {
    static WorkView of(WorkStatus work, JsonMapper json) {
        Result result = work.result() == null ? Result.NOTHING : json.readValue(work.result(), Result.class);
        return new WorkView(
                work.id(),
                work.isDone(),
                work.stage(),
                work.ahead(),
                result.understanding(),
                result.paper(),
                result.done() == null
                        ? null
                        : result.done().stream().map(PutRightView::of).toList(),
                result.changed(),
                result.words());
    }

    /** What a piece of work on a paper came to, as the database keeps it. */
    record Result(
            @Nullable Understanding understanding,
            @Nullable UUID paper,
            @Nullable List<PutRightReading> done,
            @Nullable List<String> changed,
            @Nullable List<ChangeView> words) {
        static final Result NOTHING = new Result(null, null, null, null, null);

        static Result of(Understanding understanding) {
            return new Result(understanding, null, null, null, null);
        }

        static Result of(UUID paper) {
            return new Result(null, paper, null, null, null);
        }

        static Result of(List<PutRightReading> done, List<String> changed) {
            return new Result(null, null, done, changed, null);
        }

        static Result ofWords(List<ChangeView> words) {
            return new Result(null, null, null, null, words);
        }
    }
}
