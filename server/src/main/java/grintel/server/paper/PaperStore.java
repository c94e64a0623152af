package grintel.server.paper;

import grintel.server.problem.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps papers with their steps and proofs. Nothing here examines anything, so that transactions stay short. */
@Component
class PaperStore {
    private static final int MOST_PAPERS = 200;

    private final PaperRepository papers;
    private final ManuscriptRepository manuscripts;
    private final StepRepository steps;
    private final ProofRepository proofs;
    private final Clock clock;

    PaperStore(
            PaperRepository papers,
            ManuscriptRepository manuscripts,
            StepRepository steps,
            ProofRepository proofs,
            Clock clock) {
        this.papers = papers;
        this.manuscripts = manuscripts;
        this.steps = steps;
        this.proofs = proofs;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<StoredPaper> all(UUID account) {
        return papers.findByAccountIdOrderByChangedAtDesc(account);
    }

    /** A paper with its steps and proofs, if it is the account's own. */
    @Transactional(readOnly = true)
    Loaded load(UUID account, UUID id) {
        StoredPaper paper = own(account, id);
        return new Loaded(paper, steps.findByPaperIdOrderByOrdinal(id), proofs.findByPaperIdOrderByNumber(id));
    }

    /** The step a paper stands at, with its file. */
    @Transactional(readOnly = true)
    Standing current(UUID account, UUID id) {
        return standing(own(account, id), 0);
    }

    /** The step next to the one a paper stands at, with its file. */
    @Transactional(readOnly = true)
    Standing neighbour(UUID account, UUID id, int by) {
        return standing(own(account, id), by);
    }

    private Standing standing(StoredPaper paper, int by) {
        Step step = steps.findByPaperIdAndOrdinal(paper.id(), paper.currentStep() + by)
                .orElseThrow(
                        () -> Problem.conflict(by < 0 ? "There is nothing to undo." : "There is nothing to redo."));
        return new Standing(paper, step.stets(), manuscript(step.manuscriptId()));
    }

    @Transactional
    Added add(UUID account, String title, String fileName, BriefChoice choice, byte[] bytes, StationStates states) {
        if (papers.countByAccountId(account) >= MOST_PAPERS) {
            throw Problem.conflict("You have 200 papers here. Delete one to bring another.");
        }
        Instant now = clock.instant();
        StoredPaper paper = papers.save(new StoredPaper(account, title, fileName, choice, now));
        Manuscript manuscript = manuscripts.save(new Manuscript(paper.id(), bytes));
        steps.save(new Step(paper.id(), 0, Step.Made.labelled("Brought"), Stets.NONE, manuscript.id(), now));
        proofs.save(new StoredProof(paper.id(), 1, StoredProof.Reason.BROUGHT, manuscript.id(), now));
        paper.standAt(0, states, now);
        return new Added(paper.id(), manuscript.id());
    }

    /** Adds a step with a new file after the one a paper stands at; steps that could have been redone are gone then. */
    @Transactional
    UUID addStep(Standing from, Step.Made made, byte[] bytes, StationStates states) {
        StoredPaper paper = unmoved(from);
        Manuscript manuscript = manuscripts.save(new Manuscript(paper.id(), bytes));
        append(paper, made, from.stets(), manuscript.id(), states);
        return manuscript.id();
    }

    /** Adds a step that changes what the writer lets stand, not the file. */
    @Transactional
    void addStet(Standing from, Step.Made made, Stets stets, StationStates states) {
        append(unmoved(from), made, stets, from.manuscript().id(), states);
    }

    /** The paper, if it still stands where it did when work on it began. */
    private StoredPaper unmoved(Standing from) {
        StoredPaper paper = own(from.paper().accountId(), from.paper().id());
        if (paper.currentStep() != from.paper().currentStep()) {
            throw Problem.conflict("The paper was changed in another window. Load it again.");
        }
        return paper;
    }

    private void append(StoredPaper paper, Step.Made made, Stets stets, UUID manuscript, StationStates states) {
        Instant now = clock.instant();
        int next = paper.currentStep() + 1;
        steps.deleteByPaperIdAndOrdinalGreaterThan(paper.id(), paper.currentStep());
        steps.flush();
        steps.save(new Step(paper.id(), next, made, stets, manuscript, now));
        paper.standAt(next, states, now);
    }

    @Transactional
    void move(UUID account, UUID id, int by, StationStates states) {
        StoredPaper paper = own(account, id);
        paper.standAt(paper.currentStep() + by, states, clock.instant());
    }

    /** Makes a proof of the step a paper stands at, unless the last proof is of the same file. */
    @Transactional
    StoredProof handBack(UUID account, UUID id) {
        StoredPaper paper = own(account, id);
        UUID manuscript = step(id, paper.currentStep()).manuscriptId();
        List<StoredProof> made = proofs.findByPaperIdOrderByNumber(id);
        StoredProof last = made.get(made.size() - 1);
        if (last.manuscriptId().equals(manuscript)) {
            return last;
        }
        return proofs.save(
                new StoredProof(id, last.number() + 1, StoredProof.Reason.HANDED_BACK, manuscript, clock.instant()));
    }

    /** A numbered proof with its file; nothing stands in it. */
    @Transactional(readOnly = true)
    Standing ofProof(UUID account, UUID id, int number) {
        StoredPaper paper = own(account, id);
        return proofs.findByPaperIdAndNumber(id, number)
                .map(proof -> new Standing(paper, Stets.NONE, manuscript(proof.manuscriptId())))
                .orElseThrow(() -> Problem.notFound("There is no such proof."));
    }

    @Transactional
    void delete(UUID account, UUID id) {
        papers.delete(own(account, id));
    }

    private StoredPaper own(UUID account, UUID id) {
        return papers.findByIdAndAccountId(id, account).orElseThrow(() -> Problem.notFound("There is no such paper."));
    }

    private Step step(UUID id, int ordinal) {
        return steps.findByPaperIdAndOrdinal(id, ordinal)
                .orElseThrow(() -> new IllegalStateException("Paper " + id + " has no step " + ordinal));
    }

    private Manuscript manuscript(UUID id) {
        return manuscripts.findById(id).orElseThrow(() -> new IllegalStateException("There is no manuscript " + id));
    }

    /** A paper with its steps and proofs. */
    record Loaded(StoredPaper paper, List<Step> steps, List<StoredProof> proofs) {}

    /** What was added. */
    record Added(UUID paper, UUID manuscript) {}

    /**
     * A paper at one of its steps or proofs.
     *
     * @param stets what the writer lets stand there
     */
    record Standing(StoredPaper paper, Stets stets, Manuscript manuscript) {}
}
