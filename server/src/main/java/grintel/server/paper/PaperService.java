package grintel.server.paper;

import grintel.core.guide.FixClass;
import grintel.core.guide.RuleCatalogue;
import grintel.core.guide.Station;
import grintel.core.rule.PaperFacts;
import grintel.core.rule.PutRight;
import grintel.core.rule.Reading;
import grintel.core.rule.Report;
import grintel.core.rule.Wording;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.formats.docx.DocxFile;
import grintel.server.check.Examinations;
import grintel.server.check.Progress;
import grintel.server.paper.PaperStore.Loaded;
import grintel.server.paper.Step.WordChange;
import grintel.server.problem.Problem;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What can be done with papers. */
@Service
public class PaperService {
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
        String title = PaperFacts.read(report.paper(), report.parts()).title();
        PaperStore.Added added = store.add(
                account,
                title.isBlank() ? fileName : shorten(title),
                fileName,
                choice,
                bytes,
                StationStates.of(report));
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

    /** The examination of the step a paper stands at. */
    Report report(UUID account, UUID id) {
        Loaded loaded = store.load(account, id);
        Manuscript manuscript = store.current(account, id);
        return examinations.of(
                manuscript.id(), manuscript.content(), loaded.paper().brief());
    }

    /** The file of the step a paper stands at. */
    byte[] file(UUID account, UUID id) {
        return store.current(account, id).content();
    }

    /** Puts findings right as one step; says what was done. */
    List<Reading> putRight(UUID account, UUID id, PutRightWish wish, Progress progress) {
        Loaded loaded = store.load(account, id);
        Manuscript manuscript = store.current(account, id);
        PutRight.Result<DocxFile> result =
                examinations.putRight(manuscript.content(), loaded.paper().brief(), chosen(wish), progress);
        if (result.done().isEmpty()) {
            return List.of();
        }
        List<WordChange> changes = result.done().stream()
                .flatMap(reading -> reading.changes().stream())
                .map(change -> new WordChange(change.before(), change.after()))
                .toList();
        UUID added = store.addStep(
                account,
                id,
                loaded.paper().currentStep(),
                label(result.done()),
                changes,
                result.file().bytes(),
                StationStates.of(result.report()));
        examinations.keep(added, result.report());
        return result.done();
    }

    private static String label(List<Reading> done) {
        String first = Wording.name(done.get(0));
        return done.size() == 1 ? first : first + " and " + (done.size() - 1) + " more";
    }

    /** What is safe, and the apparatus once its list is confirmed. */
    private static Predicate<Reading> chosen(PutRightWish wish) {
        return reading -> {
            FixClass fix = RuleCatalogue.get(reading.rule()).fix();
            boolean allowed = fix == FixClass.LOOKS || fix == FixClass.APPARATUS && wish.wordsConfirmed();
            boolean meant = wish.reading() != null
                    ? ReadingKey.of(reading).equals(wish.reading())
                    : wish.station() == null || Station.of(reading.rule()).id().equals(wish.station());
            return allowed && meant;
        };
    }

    void undo(UUID account, UUID id) {
        move(account, id, -1);
    }

    void redo(UUID account, UUID id) {
        move(account, id, 1);
    }

    private void move(UUID account, UUID id, int by) {
        Loaded loaded = store.load(account, id);
        Manuscript manuscript = store.neighbour(account, id, by);
        Report report = examinations.of(
                manuscript.id(), manuscript.content(), loaded.paper().brief());
        store.move(account, id, by, StationStates.of(report));
    }

    StoredProof handBack(UUID account, UUID id) {
        return store.handBack(account, id);
    }

    byte[] fileOfProof(UUID account, UUID id, int number) {
        return store.ofProof(account, id, number).content();
    }

    void delete(UUID account, UUID id) {
        store.delete(account, id);
    }

    private static String shorten(String title) {
        return title.length() <= 200 ? title : title.substring(0, 199) + "…";
    }

    /**
     * Which findings to put right: one, those of a station, or all.
     *
     * @param reading key of one reading, or null
     * @param station id of one station, or null
     * @param wordsConfirmed whether changes to the paper's apparatus were shown and confirmed
     */
    record PutRightWish(@Nullable String reading, @Nullable String station, boolean wordsConfirmed) {
        PutRightWish {
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
            PaperFacts facts = PaperFacts.read(report.paper(), parts);
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
                    report.paper().comments(),
                    report.paper().insertedRuns() + report.paper().deletedRuns(),
                    List.copyOf(proof.approximate()),
                    report.paper().oddities());
        }
    }
}
