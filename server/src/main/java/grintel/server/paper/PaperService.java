package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.formats.docx.DocxPictures;
import grintel.server.brief.BriefChoice;
import grintel.server.check.Examinations;
import grintel.server.paper.PaperStore.Loaded;
import grintel.server.paper.PaperStore.Shelf;
import grintel.server.paper.PaperStore.Standing;
import grintel.server.problem.Problem;
import grintel.server.problem.Problems;
import grintel.server.security.SecurityLog;
import grintel.server.work.WorkQueue;
import grintel.server.work.WorkStatus;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;

/** What can be done with papers: what examines is work for the queue, the rest is done at once. */
@Service
public class PaperService {
    /** The media type of a .docx file. */
    static final String DOCX = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";

    private static final int LONGEST_REASON = 300;

    private final PaperStore store;
    private final PaperWork work;
    private final WorkQueue queue;
    private final Examinations examinations;
    private final SecurityLog log;

    PaperService(PaperStore store, PaperWork work, WorkQueue queue, Examinations examinations, SecurityLog log) {
        this.store = store;
        this.work = work;
        this.queue = queue;
        this.examinations = examinations;
        this.log = log;
    }

    /** Takes a file, to say what is understood of it without keeping it. */
    UUID understand(UUID account, byte[] bytes, String guide) {
        return queue.add(
                account,
                PaperWork.UNDERSTAND,
                new Wishes.Understand(BriefChoice.of(guide, "", "").guide()),
                bytes);
    }

    /** Takes a file, to keep it as a paper. */
    UUID bring(UUID account, String fileName, BriefChoice brief, byte[] bytes) {
        return queue.add(account, PaperWork.BRING, new Wishes.Bring(fileName, brief), bytes);
    }

    /** Keeps a paper that comes with the application, at once. */
    public void lay(UUID account, String fileName, byte[] bytes, String guide, String surname, String shortTitle) {
        work.added(account, fileName, BriefChoice.of(guide, surname, shortTitle), bytes, stage -> {})
                .conclude();
    }

    /** Takes deleted papers away for good that were not taken back in time. */
    public void sweep() {
        store.sweep();
    }

    Shelf all(UUID account) {
        return store.all(account);
    }

    Loaded load(UUID account, UUID id) {
        return store.load(account, id);
    }

    /** The examination of the step a paper stands at, or of a numbered proof; or the work that makes it. */
    Examined examined(UUID account, UUID id, @Nullable Integer proof) {
        Standing standing = proof == null ? store.current(account, id) : store.ofProof(account, id, proof);
        Report known = known(standing);
        if (known == null) {
            WorkStatus making = queue.startHere(
                    account,
                    PaperWork.EXAMINE,
                    new Wishes.Examine(id, proof),
                    standing.manuscript().toString());
            known = known(standing);
            if (known == null) {
                return new Examined.UnderWay(making);
            }
        }
        return new Examined.Ready(
                known,
                standing.stets(),
                standing.manuscript() + "/" + standing.paper().revision());
    }

    private @Nullable Report known(Standing standing) {
        return examinations.known(standing.manuscript(), standing.brief().brief(), standing.corrections());
    }

    /** A picture of the paper as it stands; only images that every browser draws without running anything. */
    HandedBack picture(UUID account, UUID id, String part) {
        DocxPictures.Picture picture =
                DocxPictures.find(store.content(store.current(account, id).manuscript()), part);
        if (picture == null) {
            throw Problem.notFound("There is no such picture.");
        }
        return new HandedBack(part, picture.type(), picture.bytes());
    }

    WorkStatus putRight(UUID account, Wishes.PutRight wish) {
        return start(account, PaperWork.PUT_RIGHT, wish.paper(), wish.revision(), wish);
    }

    /** Says which words a put-right would change. */
    WorkStatus words(UUID account, Wishes.PutRight wish) {
        return start(account, PaperWork.WORDS, wish.paper(), wish.revision(), wish);
    }

    WorkStatus stet(UUID account, Wishes.Stet wish) {
        String reason = wish.reason().strip();
        if (reason.isEmpty() || reason.length() > LONGEST_REASON) {
            throw Problem.badRequest("Give a reason of at most " + LONGEST_REASON + " characters.");
        }
        Wishes.Stet stripped = new Wishes.Stet(wish.paper(), wish.revision(), wish.reading(), reason);
        return start(account, PaperWork.STET, wish.paper(), wish.revision(), stripped);
    }

    /** Starts work on a paper, unless it is meant for an earlier state of it. */
    private WorkStatus start(UUID account, String kind, UUID paper, int revision, Object wish) {
        store.at(account, paper, revision);
        return queue.start(account, kind, wish);
    }

    WorkStatus bringTable(UUID account, Wishes.BringTable wish) {
        return start(account, PaperWork.BRING_TABLE, wish.paper(), wish.revision(), wish);
    }

    WorkStatus bringFigure(UUID account, Wishes.BringFigure wish) {
        return start(account, PaperWork.BRING_FIGURE, wish.paper(), wish.revision(), wish);
    }

    /** What a paper is judged by as it stands, or where none is named, what a guide asks. */
    Brief briefOf(UUID account, @Nullable UUID paper, @Nullable String guide) {
        return paper != null
                ? store.current(account, paper).brief().brief()
                : BriefChoice.of(guide == null ? "" : guide, "", "").brief();
    }

    /** @param appendices as {@link PaperRequests.AppendixRequest} has them */
    WorkStatus bringAppendix(UUID account, Wishes.BringAppendix wish, byte[] appendices) {
        store.at(account, wish.paper(), wish.revision());
        return queue.start(account, PaperWork.BRING_APPENDIX, wish, appendices);
    }

    WorkStatus lift(UUID account, Wishes.Lift wish) {
        return start(account, PaperWork.LIFT, wish.paper(), wish.revision(), wish);
    }

    WorkStatus correct(UUID account, Wishes.Correct wish) {
        return start(account, PaperWork.CORRECT, wish.paper(), wish.revision(), wish);
    }

    /** Takes a file of the same paper that was edited elsewhere. */
    UUID bringAgain(UUID account, Wishes.BringAgain wish, byte[] bytes) {
        store.at(account, wish.paper(), wish.revision());
        return queue.add(account, PaperWork.BRING_AGAIN, wish, bytes);
    }

    void undo(UUID account, UUID id, int revision) {
        store.move(account, id, revision, -1);
    }

    void redo(UUID account, UUID id, int revision) {
        store.move(account, id, revision, 1);
    }

    StoredProof handBack(UUID account, UUID id, int revision) {
        return store.handBack(account, id, revision);
    }

    /** The .docx of a numbered proof. */
    HandedBack fileOfProof(UUID account, UUID id, int number) {
        Standing standing = store.ofProof(account, id, number);
        return new HandedBack(standing.paper().fileName(), DOCX, store.content(standing.manuscript()));
    }

    /** The PDF of a numbered proof that is examined. */
    HandedBack pdfOfProof(UUID account, UUID id, int number, Report report) {
        HandedBack file = fileOfProof(account, id, number);
        byte[] pdf = examinations.pdf(file.content(), report, file.name());
        return new HandedBack(
                file.name().replaceAll("(?i)\\.docx$", "") + ".pdf", MediaType.APPLICATION_PDF_VALUE, pdf);
    }

    /** Judges a paper by another guide or other facts from now on. */
    WorkStatus changeFacts(UUID account, Wishes.ChangeFacts wish) {
        return start(account, PaperWork.CHANGE_FACTS, wish.paper(), wish.revision(), wish);
    }

    void rename(UUID account, UUID id, int revision, String title) {
        store.rename(account, id, revision, title);
    }

    void takeBack(UUID account, UUID id) {
        store.takeBack(account, id);
    }

    void delete(UUID account, UUID id, int revision) {
        try {
            store.delete(account, id, revision);
        } catch (DataAccessException e) {
            if (!Problems.isDatabaseFull(e)) {
                throw e;
            }
            // To set it aside takes room, to take it away gives some.
            store.deleteForGood(account, id, revision);
        }
        log.account(SecurityLog.Event.PAPER_DELETED, account);
    }

    /**
     * A file on its way back to the writer.
     *
     * @param type its media type
     */
    record HandedBack(String name, String type, byte[] content) {}

    /** An examination, or the work that makes it. */
    sealed interface Examined {
        /**
         * A paper's examination.
         *
         * @param stets what the writer lets stand
         * @param state names the state of the paper that was examined
         */
        record Ready(Report report, Stets stets, String state) implements Examined {}

        /** It is not made yet. */
        record UnderWay(WorkStatus work) implements Examined {}
    }
}
