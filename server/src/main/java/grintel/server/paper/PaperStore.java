package grintel.server.paper;

import grintel.core.structure.Corrections;
import grintel.server.account.AccountService;
import grintel.server.brief.BriefChoice;
import grintel.server.problem.Problem;
import grintel.server.support.Sha256;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps papers with their steps and proofs. Nothing here examines anything, so that transactions stay short. What
 * changes a paper names the revision it was meant for, and changes nothing where that is not the present one any more;
 * the changes of an account come one after the other.
 */
@Component
class PaperStore {
    private static final int MOST_PAPERS = 200;
    private static final Duration TAKEN_BACK_WITHIN = Duration.ofMinutes(10);

    private final AccountService accounts;
    private final PaperRepository papers;
    private final ManuscriptRepository manuscripts;
    private final StepRepository steps;
    private final ProofRepository proofs;
    private final StorageProperties storage;
    private final Clock clock;

    PaperStore(
            AccountService accounts,
            PaperRepository papers,
            ManuscriptRepository manuscripts,
            StepRepository steps,
            ProofRepository proofs,
            StorageProperties storage,
            Clock clock) {
        this.accounts = accounts;
        this.papers = papers;
        this.manuscripts = manuscripts;
        this.steps = steps;
        this.proofs = proofs;
        this.storage = storage;
        this.clock = clock;
    }

    /** All papers of an account, and the room their files take. */
    @Transactional(readOnly = true)
    Shelf all(UUID account) {
        Map<UUID, Step> current =
                steps.current(account).stream().collect(Collectors.toMap(Step::paperId, Function.identity()));
        List<Shelved> shelved = papers.findByAccountIdAndDeletedAtIsNullOrderByChangedAtDesc(account).stream()
                .map(paper -> new Shelved(paper, at(current.get(paper.id()), paper.id())))
                .toList();
        return new Shelf(shelved, manuscripts.bytes(account), storage.mostBytes());
    }

    /** A paper with its steps and proofs, if it is the account's own. */
    @Transactional(readOnly = true)
    Loaded load(UUID account, UUID id) {
        StoredPaper paper = own(account, id);
        return new Loaded(paper, steps.findByPaperIdOrderByOrdinal(id), proofs.findByPaperIdOrderByNumber(id));
    }

    /** The step a paper stands at. */
    @Transactional(readOnly = true)
    Standing current(UUID account, UUID id) {
        StoredPaper paper = own(account, id);
        Step step = step(id, paper.currentStep());
        return new Standing(
                paper, step.stets(), step.corrections(), step.details().brief(), step.manuscriptId());
    }

    /**
     * The step a paper stands at.
     *
     * @throws Problem when the paper has changed since that revision
     */
    @Transactional(readOnly = true)
    Standing at(UUID account, UUID id, int revision) {
        Standing standing = current(account, id);
        refuseOther(standing.paper(), revision);
        return standing;
    }

    /** A numbered proof; nothing stands in it, and its parts are what the writer says of them now. */
    @Transactional(readOnly = true)
    Standing ofProof(UUID account, UUID id, int number) {
        StoredPaper paper = own(account, id);
        Step step = step(id, paper.currentStep());
        return proofs.findByPaperIdAndNumber(id, number)
                .map(proof -> new Standing(
                        paper, Stets.NONE, step.corrections(), step.details().brief(), proof.manuscriptId()))
                .orElseThrow(() -> Problem.notFound("There is no such proof."));
    }

    /** The bytes of a file. */
    @Transactional(readOnly = true)
    byte[] content(UUID manuscript) {
        return manuscripts
                .findById(manuscript)
                .orElseThrow(() -> Problem.notFound("This file is not kept any more. Load the paper again."))
                .content();
    }

    @Transactional
    Added add(UUID account, String title, String fileName, BriefChoice brief, byte[] bytes, StationStates states) {
        accounts.lock(account);
        if (papers.countByAccountIdAndDeletedAtIsNull(account) >= MOST_PAPERS) {
            throw Problem.conflict("You have 200 papers here. Delete one to bring another.");
        }
        Instant now = clock.instant();
        StoredPaper paper = papers.save(new StoredPaper(account, title, fileName, now));
        UUID manuscript = keep(account, bytes);
        steps.save(new Step(
                paper.id(),
                0,
                Step.Details.labelled("Brought", Stets.NONE, Corrections.NONE, states, brief),
                manuscript,
                now));
        proofs.save(new StoredProof(paper.id(), 1, StoredProof.Reason.BROUGHT, manuscript, now));
        return new Added(paper.id(), manuscript);
    }

    /**
     * Adds a step with a new file after the one a paper stands at; steps that could have been redone are gone then.
     *
     * @return the file
     */
    @Transactional
    UUID addStep(Standing from, Step.Details details, byte[] bytes) {
        StoredPaper paper = unmoved(from);
        UUID manuscript = keep(paper.accountId(), bytes);
        append(paper, details, manuscript);
        return manuscript;
    }

    /** Adds a step and a numbered proof of a file that was edited elsewhere. */
    @Transactional
    UUID addProof(Standing from, Step.Details details, byte[] bytes) {
        UUID manuscript = addStep(from, details, bytes);
        List<StoredProof> made = proofs.findByPaperIdOrderByNumber(from.paper().id());
        int number = made.get(made.size() - 1).number() + 1;
        proofs.save(
                new StoredProof(from.paper().id(), number, StoredProof.Reason.BROUGHT, manuscript, clock.instant()));
        return manuscript;
    }

    /** Adds a step that changes what the writer says of the paper, not the file. */
    @Transactional
    void addSaying(Standing from, Step.Details details) {
        append(unmoved(from), details, from.manuscript());
    }

    private StoredPaper unmoved(Standing from) {
        return changing(
                from.paper().accountId(), from.paper().id(), from.paper().revision());
    }

    private void append(StoredPaper paper, Step.Details details, UUID manuscript) {
        Instant now = clock.instant();
        int next = paper.currentStep() + 1;
        steps.deleteByPaperIdAndOrdinalGreaterThan(paper.id(), paper.currentStep());
        steps.flush();
        steps.save(new Step(paper.id(), next, details, manuscript, now));
        paper.standAt(next, now);
        manuscripts.collect(paper.accountId());
    }

    /** The same file of the account, or a new one while there is room. */
    private UUID keep(UUID account, byte[] bytes) {
        return manuscripts.find(account, Sha256.of(bytes)).orElseGet(() -> {
            storage.checkRoom();
            if (manuscripts.bytes(account) + bytes.length > storage.mostBytes()) {
                remove(papers.findByAccountIdAndDeletedAtIsNotNull(account));
            }
            if (manuscripts.bytes(account) + bytes.length > storage.mostBytes()) {
                throw Problem.conflict("Your papers take up " + storage.mostInWords()
                        + ", as much as an account may keep. Delete a paper you no longer need, then try again.");
            }
            return manuscripts.save(new Manuscript(account, bytes)).id();
        });
    }

    /** Moves a paper to the step before or after. */
    @Transactional
    void move(UUID account, UUID id, int revision, int by) {
        StoredPaper paper = changing(account, id, revision);
        int to = paper.currentStep() + by;
        if (steps.findByPaperIdAndOrdinal(id, to).isEmpty()) {
            throw Problem.conflict(by < 0 ? "There is nothing to undo." : "There is nothing to redo.");
        }
        paper.standAt(to, clock.instant());
    }

    /** Makes a proof of the step a paper stands at, unless the last proof is of the same file. */
    @Transactional
    StoredProof handBack(UUID account, UUID id, int revision) {
        StoredPaper paper = changing(account, id, revision);
        UUID manuscript = step(id, paper.currentStep()).manuscriptId();
        List<StoredProof> made = proofs.findByPaperIdOrderByNumber(id);
        StoredProof last = made.get(made.size() - 1);
        if (last.manuscriptId().equals(manuscript)) {
            return last;
        }
        return proofs.save(
                new StoredProof(id, last.number() + 1, StoredProof.Reason.HANDED_BACK, manuscript, clock.instant()));
    }

    /** Gives a paper another name in the list; its file keeps its own. */
    @Transactional
    void rename(UUID account, UUID id, int revision, String title) {
        changing(account, id, revision).rename(title);
    }

    /** Puts a paper out of sight; for a while it can be taken back. */
    @Transactional
    void delete(UUID account, UUID id, int revision) {
        changing(account, id, revision).delete(clock.instant());
    }

    /** Takes a paper away at once. */
    @Transactional
    void deleteForGood(UUID account, UUID id, int revision) {
        remove(List.of(changing(account, id, revision)));
    }

    /** Takes back that a paper was deleted. */
    @Transactional
    void takeBack(UUID account, UUID id) {
        accounts.lock(account);
        papers.findById(id)
                .filter(paper -> paper.accountId().equals(account) && paper.isDeleted())
                .orElseThrow(() -> Problem.notFound("This paper cannot be taken back any more."))
                .takeBack();
    }

    /** Takes deleted papers away for good that were not taken back in time. */
    @Transactional
    void sweep() {
        remove(papers.findByDeletedAtBefore(clock.instant().minus(TAKEN_BACK_WITHIN)));
    }

    private void remove(List<StoredPaper> deleted) {
        papers.deleteAll(deleted);
        deleted.stream().map(StoredPaper::accountId).distinct().forEach(manuscripts::collect);
    }

    /** The paper, to be changed, with the account locked so that nothing comes between. */
    private StoredPaper changing(UUID account, UUID id, int revision) {
        accounts.lock(account);
        StoredPaper paper = own(account, id);
        refuseOther(paper, revision);
        return paper;
    }

    private static void refuseOther(StoredPaper paper, int revision) {
        if (paper.revision() != revision) {
            throw Problem.changedElsewhere();
        }
    }

    private StoredPaper own(UUID account, UUID id) {
        return papers.findByIdAndAccountIdAndDeletedAtIsNull(id, account)
                .orElseThrow(() -> Problem.notFound("There is no such paper."));
    }

    private Step step(UUID id, int ordinal) {
        return at(steps.findByPaperIdAndOrdinal(id, ordinal).orElse(null), id);
    }

    private static Step at(@Nullable Step step, UUID paper) {
        if (step == null) {
            throw new IllegalStateException("Paper " + paper + " stands at no step");
        }
        return step;
    }

    /**
     * The papers of an account.
     *
     * @param bytes what their files take
     * @param mostBytes what they may take
     */
    record Shelf(List<Shelved> papers, long bytes, long mostBytes) {}

    /** A paper and the step it stands at. */
    record Shelved(StoredPaper paper, Step step) {}

    /** A paper with its steps and proofs. */
    record Loaded(StoredPaper paper, List<Step> steps, List<StoredProof> proofs) {}

    /** What was added. */
    record Added(UUID paper, UUID manuscript) {}

    /**
     * A paper at one of its steps or proofs.
     *
     * @param stets what the writer lets stand there
     * @param corrections what the writer says of its parts
     * @param brief what it is judged by
     * @param manuscript the file there
     */
    record Standing(StoredPaper paper, Stets stets, Corrections corrections, BriefChoice brief, UUID manuscript) {
        Standing with(Stets other) {
            return new Standing(paper, other, corrections, brief, manuscript);
        }

        Standing with(Corrections other) {
            return new Standing(paper, stets, other, brief, manuscript);
        }

        Standing with(BriefChoice other) {
            return new Standing(paper, stets, corrections, other, manuscript);
        }
    }
}
