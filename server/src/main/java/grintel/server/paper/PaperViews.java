package grintel.server.paper;

import grintel.server.brief.BriefChoice;
import grintel.server.brief.HouseChoice;
import grintel.server.paper.PaperStore.Loaded;
import grintel.server.paper.PaperStore.Shelf;
import grintel.server.paper.PaperStore.Shelved;
import grintel.server.paper.StationStates.StationView;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Papers as the web application sees them. */
final class PaperViews {
    private PaperViews() {}

    /**
     * All papers of an account, the one touched last first.
     *
     * @param bytes what all their files take
     * @param mostBytes what they may take
     */
    record PapersView(List<PaperSummary> papers, long bytes, long mostBytes) {
        static PapersView of(Shelf shelf) {
            return new PapersView(
                    shelf.papers().stream().map(PaperSummary::of).toList(), shelf.bytes(), shelf.mostBytes());
        }
    }

    /**
     * A paper in the list.
     *
     * @param revision names its present state in requests that change it
     */
    record PaperSummary(
            UUID id,
            int revision,
            String title,
            String fileName,
            String guide,
            int pages,
            int words,
            Instant createdAt,
            Instant changedAt,
            List<StationView> stations) {
        static PaperSummary of(Shelved shelved) {
            StoredPaper paper = shelved.paper();
            StationStates states = shelved.step().details().states();
            return new PaperSummary(
                    paper.id(),
                    paper.revision(),
                    paper.title(),
                    paper.fileName(),
                    shelved.step().details().brief().found().name(),
                    states.pages(),
                    states.words(),
                    paper.createdAt(),
                    paper.changedAt(),
                    states.views());
        }
    }

    /**
     * A paper.
     *
     * @param revision names this state of it in requests that change it
     * @param step the step it stands at; 0 is the file as it was brought
     * @param undo what undoing would take back, empty for nothing
     * @param redo what redoing would bring back, empty for nothing
     * @param changes words changed with consent up to this step
     * @param putRight the readings put right up to this step
     * @param changed what the last step changed in the file, a phrase each
     */
    record PaperView(
            UUID id,
            int revision,
            String title,
            String fileName,
            String guide,
            FactsView facts,
            int pages,
            int words,
            int step,
            String undo,
            String redo,
            List<Step.WordChange> changes,
            List<PutRightView> putRight,
            List<String> changed,
            List<ProofView> proofs) {
        static PaperView of(Loaded loaded) {
            StoredPaper paper = loaded.paper();
            int at = paper.currentStep();
            List<Step> steps = loaded.steps();
            List<Step.Details> past =
                    steps.stream().limit(at + 1L).map(Step::details).toList();
            Step.Details present = past.get(at);
            return new PaperView(
                    paper.id(),
                    paper.revision(),
                    paper.title(),
                    paper.fileName(),
                    present.brief().found().name(),
                    FactsView.of(present.brief()),
                    present.states().pages(),
                    present.states().words(),
                    at,
                    at > 0 ? present.label() : "",
                    at + 1 < steps.size() ? steps.get(at + 1).details().label() : "",
                    past.stream().flatMap(step -> step.words().stream()).toList(),
                    past.stream()
                            .flatMap(step -> step.putRight().stream())
                            .map(PutRightView::of)
                            .toList(),
                    present.changed(),
                    loaded.proofs().stream().map(ProofView::of).toList());
        }
    }

    /**
     * What a paper is judged by.
     *
     * @param guide id of the guide
     * @param more further facts by name
     * @param authors by their whole names
     * @param house what the course asks otherwise, missing for nothing
     */
    record FactsView(
            String guide,
            String surname,
            String shortTitle,
            Map<String, String> more,
            List<BriefChoice.AuthorChoice> authors,
            @Nullable HouseChoice house) {
        static FactsView of(BriefChoice brief) {
            return new FactsView(
                    brief.guide(), brief.surname(), brief.shortTitle(), brief.more(), brief.authors(), brief.house());
        }
    }

    /**
     * A reading that was put right, in words.
     *
     * @param text with its lengths in inches
     * @param metric with its lengths in centimetres, where they are known so
     */
    record PutRightView(String rule, String text, @Nullable String metric) {
        static PutRightView of(Step.PutRightReading reading) {
            return new PutRightView(reading.rule(), reading.text(), reading.metric());
        }
    }

    /**
     * A numbered proof.
     *
     * @param reason brought or handed_back
     */
    record ProofView(int number, String reason, Instant madeAt) {
        static ProofView of(StoredProof proof) {
            return new ProofView(proof.number(), proof.reason().name().toLowerCase(Locale.ROOT), proof.madeAt());
        }
    }
}
