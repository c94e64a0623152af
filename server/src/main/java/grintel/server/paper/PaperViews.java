package grintel.server.paper;

import grintel.server.paper.PaperStore.Loaded;
import grintel.server.paper.StationStates.StationView;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;

/** Papers as the web application sees them. */
final class PaperViews {
    private PaperViews() {}

    /** A paper in the list. */
    record PaperSummary(
            UUID id,
            String title,
            String fileName,
            String guide,
            int pages,
            int words,
            Instant changedAt,
            List<StationView> stations) {
        static PaperSummary of(StoredPaper paper) {
            return new PaperSummary(
                    paper.id(),
                    paper.title(),
                    paper.fileName(),
                    paper.guide().name(),
                    paper.pages(),
                    paper.words(),
                    paper.changedAt(),
                    StationStates.decode(paper.openByStation()));
        }
    }

    /**
     * A paper.
     *
     * @param step the step it stands at; 0 is the file as it was brought
     * @param undo what undoing would take back, empty for nothing
     * @param redo what redoing would bring back, empty for nothing
     * @param changes words changed with consent up to this step
     * @param putRight the readings put right up to this step
     * @param changed what the last step changed in the file, a phrase each
     */
    record PaperView(
            UUID id,
            String title,
            String fileName,
            String guide,
            int pages,
            int words,
            int step,
            String undo,
            String redo,
            List<ReadingsView.ChangeView> changes,
            List<PutRightView> putRight,
            List<String> changed,
            List<ProofView> proofs) {
        static PaperView of(Loaded loaded) {
            StoredPaper paper = loaded.paper();
            int at = paper.currentStep();
            List<Step> steps = loaded.steps();
            return new PaperView(
                    paper.id(),
                    paper.title(),
                    paper.fileName(),
                    paper.guide().name(),
                    paper.pages(),
                    paper.words(),
                    at,
                    at > 0 ? steps.get(at).label() : "",
                    at + 1 < steps.size() ? steps.get(at + 1).label() : "",
                    steps.stream()
                            .filter(step -> step.ordinal() <= at)
                            .flatMap(step -> step.changes().stream())
                            .map(change -> new ReadingsView.ChangeView("", change.before(), change.after()))
                            .toList(),
                    steps.stream()
                            .filter(step -> step.ordinal() <= at)
                            .flatMap(step -> step.putRight().stream())
                            .map(each -> new PutRightView(each.rule(), each.text()))
                            .toList(),
                    steps.get(at).changed(),
                    loaded.proofs().stream().map(ProofView::of).toList());
        }
    }

    /** A reading that was put right, in words. */
    record PutRightView(String rule, String text) {}

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
