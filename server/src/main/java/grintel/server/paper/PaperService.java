package grintel.server.paper;

import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.guide.demand.Station;
import grintel.core.rule.Reading;
import grintel.core.rule.Wording;
import grintel.core.structure.PaperFacts;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.formats.docx.DocxFile;
import grintel.server.check.Examinations;
import grintel.server.check.Progress;
import grintel.server.paper.PaperStore.Loaded;
import grintel.server.paper.PaperStore.Standing;
import grintel.server.paper.Step.PutRightReading;
import grintel.server.paper.Step.WordChange;
import grintel.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What can be done with papers. */
@Service
public class PaperService {
    private static final int LONGEST_REASON = 300;

    private final PaperStore store;
    private final Examinations examinations;

    PaperService(PaperStore store, Examinations examinations) {
        this.store = store;
        this.examinations = examinations;
    }

    /** Reads a file and says what was understood of it, without keeping it. */
    Understanding understand(byte[] bytes, String guide, Progress progress) {
        DocxFile file = examinations.read(bytes, progress);
        Report report = examinations.examine(file, BriefChoice.of(guide, "", "").brief(), progress);
        return Understanding.of(report);
    }

    /** Keeps a paper. */
    public UUID bring(
            UUID account,
            String fileName,
            byte[] bytes,
            String guide,
            @Nullable String surname,
            @Nullable String shortTitle,
            Progress progress) {
        BriefChoice choice = BriefChoice.of(guide, surname, shortTitle);
        DocxFile file = examinations.read(bytes, progress);
        Report report = examinations.examine(file, choice.brief(), progress);
        String title = report.parts().facts().title();
        PaperStore.Added added = store.add(
                account,
                title.isBlank() ? fileName : shorten(title),
                fileName,
                choice,
                bytes,
                StationStates.of(report, Stets.NONE));
        examinations.keep(added.manuscript(), report);
        return added.paper();
    }

    /** Whether an account has no paper. */
    public boolean hasNone(UUID account) {
        return store.all(account).isEmpty();
    }

    List<StoredPaper> all(UUID account) {
        return store.all(account);
    }

    Loaded load(UUID account, UUID id) {
        return store.load(account, id);
    }

    /** The examination of the step a paper stands at, or of a numbered proof. */
    Examined examined(UUID account, UUID id, @Nullable Integer proof) {
        Standing standing = proof == null ? store.current(account, id) : store.ofProof(account, id, proof);
        return new Examined(standing.paper(), report(standing), standing.stets());
    }

    private Report report(Standing standing) {
        Manuscript manuscript = standing.manuscript();
        return examinations.of(
                manuscript.id(), manuscript.content(), standing.paper().brief());
    }

    /** The file of the step a paper stands at. */
    byte[] file(UUID account, UUID id) {
        return store.current(account, id).manuscript().content();
    }

    /** Puts findings right as one step. */
    Outcome putRight(UUID account, UUID id, PutRightWish wish, Progress progress) {
        Standing standing = store.current(account, id);
        PutRight.Result<DocxFile> result = examinations.putRight(
                standing.manuscript().content(), standing.paper().brief(), chosen(wish, standing.stets()), progress);
        if (result.done().isEmpty()) {
            return new Outcome(List.of(), List.of());
        }
        List<WordChange> words = result.words().stream()
                .map(change -> new WordChange(Wording.shown(change.before()), Wording.shown(change.after())))
                .toList();
        List<Reading> done = result.done().stream().map(PutRight.Taken::finding).toList();
        List<String> changed =
                new ArrayList<>(result.changed().stream().map(Wording::told).toList());
        result.leftOut().forEach((rule, reason) -> changed.add(Wording.leftOut(rule, reason.id())));
        UUID added = store.addStep(
                standing,
                new Step.Made(
                        label(done),
                        words,
                        done.stream().map(PutRightReading::of).toList(),
                        changed),
                result.file().bytes(),
                StationStates.of(result.report(), standing.stets()));
        examinations.keep(added, result.report());
        return new Outcome(done, changed);
    }

    private static String label(List<Reading> done) {
        String first = Wording.name(done.get(0));
        return done.size() == 1 ? first : first + " and " + (done.size() - 1) + " more";
    }

    /** What is safe, and the apparatus once its list is confirmed; never what the writer lets stand. */
    private static PutRight.Choice chosen(PutRightWish wish, Stets stets) {
        return (reading, spot) -> {
            boolean named = reading.key().equals(wish.reading());
            boolean meant = wish.reading() != null
                    ? named && (wish.places().isEmpty() || wish.places().contains(spot.anchor()))
                    : wish.station() == null || Station.of(reading.rule()).id().equals(wish.station());
            boolean allowed = switch (spot.fix()) {
                case LOOKS -> true;
                case APPARATUS -> wish.wordsConfirmed();
                case ASK -> wish.wordsConfirmed() && named;
                case NONE -> false;
            };
            return allowed && meant && stets.reason(reading) == null;
        };
    }

    /** Lets a finding stand, for a reason. */
    void stet(UUID account, UUID id, String key, String reason) {
        String plain = reason.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_REASON) {
            throw Problem.badRequest("Give a reason of at most " + LONGEST_REASON + " characters.");
        }
        Standing standing = store.current(account, id);
        Report report = report(standing);
        Reading finding = report.findings().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("This reading is not off any more. Load the paper again."));
        Stets stets = standing.stets().with(key, plain);
        store.addStet(
                standing, Step.Made.labelled("Stet: " + Wording.name(finding)), stets, StationStates.of(report, stets));
    }

    /** Takes back that a finding stands. */
    void liftStet(UUID account, UUID id, String key) {
        Standing standing = store.current(account, id);
        if (!standing.stets().reasons().containsKey(key)) {
            throw Problem.notFound("This reading does not stand.");
        }
        Stets stets = standing.stets().without(key);
        store.addStet(standing, Step.Made.labelled("Stet lifted"), stets, StationStates.of(report(standing), stets));
    }

    void undo(UUID account, UUID id) {
        move(account, id, -1);
    }

    void redo(UUID account, UUID id) {
        move(account, id, 1);
    }

    private void move(UUID account, UUID id, int by) {
        Standing standing = store.neighbour(account, id, by);
        store.move(account, id, by, StationStates.of(report(standing), standing.stets()));
    }

    StoredProof handBack(UUID account, UUID id) {
        return store.handBack(account, id);
    }

    /** The .docx of a numbered proof. */
    HandedBack fileOfProof(UUID account, UUID id, int number) {
        Standing standing = store.ofProof(account, id, number);
        return new HandedBack(standing.paper().fileName(), standing.manuscript().content());
    }

    /** The PDF of a numbered proof. */
    HandedBack pdfOfProof(UUID account, UUID id, int number) {
        Standing standing = store.ofProof(account, id, number);
        String name = standing.paper().fileName();
        byte[] pdf = examinations.pdf(standing.manuscript().content(), report(standing), name);
        return new HandedBack(name.replaceAll("(?i)\\.docx$", "") + ".pdf", pdf);
    }

    void delete(UUID account, UUID id) {
        store.delete(account, id);
    }

    private static String shorten(String title) {
        return title.length() <= 200 ? title : title.substring(0, 199) + "…";
    }

    /** A file on its way back to the writer. */
    record HandedBack(String name, byte[] content) {}

    /** A paper's examination, and what the writer lets stand. */
    record Examined(StoredPaper paper, Report report, Stets stets) {}

    /**
     * What putting right did.
     *
     * @param changed what changed in the file, a phrase each
     */
    record Outcome(List<Reading> done, List<String> changed) {}

    /**
     * Which findings to put right: one, those of a station, or all.
     *
     * @param reading key of one reading, or null
     * @param places anchors of the places of that reading that are meant; none for all of them
     * @param station id of one station, or null
     * @param wordsConfirmed whether changes to the paper's apparatus were shown and confirmed
     */
    record PutRightWish(
            @Nullable String reading,
            List<String> places,
            @Nullable String station,
            boolean wordsConfirmed) {
        PutRightWish {
            places = List.copyOf(places);
            if (reading != null && station != null) {
                throw Problem.badRequest("Name a reading or a station, not both.");
            }
        }
    }

    /**
     * What was understood of a file.
     *
     * @param surname as the paper says it, or empty
     * @param approximate faces set in a stand-in of other widths
     */
    record Understanding(
            String title,
            String surname,
            int pages,
            int words,
            int tables,
            int pictures,
            int notes,
            int comments,
            int trackedChanges,
            List<String> approximate,
            List<String> oddities) {
        static Understanding of(Report report) {
            Parts parts = report.parts();
            PaperFacts facts = parts.facts();
            Proof proof = report.proof();
            int pictures = proof.pages().stream()
                    .mapToInt(page -> page.pictures().size())
                    .sum();
            return new Understanding(
                    facts.title(),
                    facts.surname() == null ? "" : facts.surname(),
                    proof.pages().size(),
                    report.paper().words(),
                    Counts.tables(report.paper()),
                    pictures,
                    report.paper().notes().size(),
                    report.paper().comments().size(),
                    report.paper().trackedChanges(),
                    List.copyOf(proof.approximate()),
                    report.paper().oddities());
        }
    }
}
