package grintel.server.paper;

import grintel.core.appendix.AppendixContent;
import grintel.core.appendix.AppendixInsertion;
import grintel.core.chart.FigureBlocks;
import grintel.core.chart.MadeFigure;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.edit.Edit;
import grintel.core.edit.WordLedger;
import grintel.core.guide.demand.Station;
import grintel.core.made.MadeObject;
import grintel.core.made.ObjectPlaces;
import grintel.core.made.Slanted;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Wording;
import grintel.core.structure.Corrections;
import grintel.core.table.MadeTable;
import grintel.core.table.TableBlocks;
import grintel.formats.chart.ChartDrawing;
import grintel.formats.docx.DocxFile;
import grintel.server.appendix.AppendixViews.AppendixChoice;
import grintel.server.brief.BriefChoice;
import grintel.server.check.Examinations;
import grintel.server.check.Progress;
import grintel.server.paper.PaperRequests.AppendixRequest;
import grintel.server.paper.PaperStore.Standing;
import grintel.server.paper.Step.PutRightReading;
import grintel.server.paper.Step.WordChange;
import grintel.server.paper.WorkView.Result;
import grintel.server.problem.Problem;
import grintel.server.work.WorkKind;
import grintel.server.work.WorkKind.Conclusion;
import grintel.server.work.WorkKind.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** The work there is on papers: all that examines. */
@Configuration(proxyBeanMethods = false)
class PaperWork {
    static final String UNDERSTAND = "understand";
    static final String BRING = "bring";
    static final String EXAMINE = "examine";
    static final String PUT_RIGHT = "put-right";
    static final String WORDS = "words";
    static final String STET = "stet";
    static final String LIFT = "lift";
    static final String CORRECT = "correct";
    static final String BRING_APPENDIX = "bring-appendix";
    static final String BRING_FIGURE = "bring-figure";
    static final String BRING_TABLE = "bring-table";
    static final String CHANGE_FACTS = "change-facts";
    static final String BRING_AGAIN = "bring-again";

    private final PaperStore store;
    private final Examinations examinations;
    private final JsonMapper json;

    PaperWork(PaperStore store, Examinations examinations, JsonMapper json) {
        this.store = store;
        this.examinations = examinations;
        this.json = json;
    }

    /** Reads a file and says what was understood of it, without keeping it. */
    @Bean
    WorkKind<Wishes.Understand> understand() {
        return new WorkKind<>(UNDERSTAND, Wishes.Understand.class, task -> {
            DocxFile file = examinations.read(task.input(), task.progress());
            BriefChoice choice = BriefChoice.of(task.details().guide(), "", "");
            Understanding understanding =
                    Understanding.of(examinations.examine(file, choice.brief(), Corrections.NONE, task.progress()));
            return () -> Result.of(understanding);
        });
    }

    /** Keeps a paper. */
    @Bean
    WorkKind<Wishes.Bring> bring() {
        return new WorkKind<>(BRING, Wishes.Bring.class, task -> {
            Wishes.Bring wish = task.details();
            return added(task.account(), wish.fileName(), wish.brief(), task.input(), task.progress());
        });
    }

    /** Examines a file that is to be a paper. */
    Conclusion added(UUID account, String fileName, BriefChoice brief, byte[] bytes, Progress progress) {
        DocxFile file = examinations.read(bytes, progress);
        Report report = examinations.examine(file, brief.brief(), Corrections.NONE, progress);
        String title = report.parts().facts().title();
        StationStates states = StationStates.of(report, Stets.NONE);
        return () -> {
            PaperStore.Added added =
                    store.add(account, title.isBlank() ? fileName : shorten(title), fileName, brief, bytes, states);
            examinations.keep(added.manuscript(), Corrections.NONE, report);
            return Result.of(added.paper());
        };
    }

    private static String shorten(String title) {
        return title.length() <= 200 ? title : title.substring(0, 199) + "…";
    }

    /** Examines what is kept, so that it can be shown. */
    @Bean
    WorkKind<Wishes.Examine> examine() {
        return new WorkKind<>(EXAMINE, Wishes.Examine.class, task -> {
            Wishes.Examine wish = task.details();
            Standing standing = wish.proof() == null
                    ? store.current(task.account(), wish.paper())
                    : store.ofProof(task.account(), wish.paper(), wish.proof());
            report(standing, task.progress());
            return () -> Result.NOTHING;
        });
    }

    private Report report(Standing standing, Progress progress) {
        Report known =
                examinations.known(standing.manuscript(), standing.brief().brief(), standing.corrections());
        if (known != null) {
            return known;
        }
        return examined(standing, examinations.read(store.content(standing.manuscript()), progress), progress);
    }

    private Report examined(Standing standing, DocxFile file, Progress progress) {
        Report report = examinations.examine(file, standing.brief().brief(), standing.corrections(), progress);
        examinations.keep(standing.manuscript(), standing.corrections(), report);
        return report;
    }

    /** Puts findings right as one step. */
    @Bean
    WorkKind<Wishes.PutRight> putRight() {
        return new WorkKind<>(PUT_RIGHT, Wishes.PutRight.class, this::putRight);
    }

    /** Says which words putting right would change, and changes nothing. */
    @Bean
    WorkKind<Wishes.PutRight> words() {
        return new WorkKind<>(WORDS, Wishes.PutRight.class, task -> {
            Standing standing = store.at(
                    task.account(), task.details().paper(), task.details().revision());
            PutRight.Result<DocxFile> result = run(task, standing);
            List<ChangeView> words = result.words().stream()
                    .map(change -> ChangeView.of(change, result.before().proof()))
                    .toList();
            return () -> Result.ofWords(words);
        });
    }

    private PutRight.Result<DocxFile> run(Task<Wishes.PutRight> task, Standing standing) {
        return examinations.putRight(
                store.content(standing.manuscript()),
                report(standing, task.progress()),
                standing.corrections(),
                chosen(task.details(), standing.stets()),
                task.progress());
    }

    private Conclusion putRight(Task<Wishes.PutRight> task) {
        Wishes.PutRight wish = task.details();
        Standing standing = store.at(task.account(), wish.paper(), wish.revision());
        PutRight.Result<DocxFile> result = run(task, standing);
        List<PutRightReading> done = result.done().stream()
                .map(taken -> PutRightReading.of(taken.finding(), result.cameTo(taken)))
                .toList();
        if (done.isEmpty()) {
            return () -> Result.of(List.of(), List.of());
        }
        Step.Details details = details(result, done, standing);
        return () -> {
            UUID added = store.addStep(standing, details, result.file().bytes());
            examinations.keep(added, standing.corrections(), result.report());
            return Result.of(done, details.changed());
        };
    }

    private static Step.Details details(
            PutRight.Result<DocxFile> result, List<PutRightReading> done, Standing standing) {
        List<WordChange> words = result.words().stream()
                .map(change -> new WordChange(Wording.shown(change.before()), Wording.shown(change.after())))
                .toList();
        List<String> changed =
                new ArrayList<>(result.changed().stream().map(Wording::told).toList());
        result.leftOut().forEach((rule, reason) -> changed.add(Wording.leftOut(rule, reason.id())));
        String first = Wording.name(result.done().get(0).finding());
        return new Step.Details(
                done.size() == 1 ? first : first + " and " + (done.size() - 1) + " more",
                words,
                done,
                changed,
                standing.stets().reasons(),
                standing.corrections().all(),
                StationStates.of(result.report(), standing.stets()),
                standing.brief());
    }

    /** What is safe, and the apparatus once its list is confirmed; never what the writer lets stand. */
    private static PutRight.Choice chosen(Wishes.PutRight wish, Stets stets) {
        PutRight.Choice each = (reading, spot) -> {
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
        return wish.places().isEmpty() ? each : each.once();
    }

    /** Lets a finding stand, for a reason. */
    @Bean
    WorkKind<Wishes.Stet> stet() {
        return new WorkKind<>(STET, Wishes.Stet.class, task -> {
            Wishes.Stet wish = task.details();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            Report report = report(standing, task.progress());
            Reading finding = report.findings().stream()
                    .filter(each -> each.key().equals(wish.reading()))
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("This reading is not off any more. Load the paper again."));
            Standing letting = standing.with(standing.stets().with(finding.key(), wish.reason()));
            return restated(standing, letting, "Stet: " + Wording.name(finding), report);
        });
    }

    /** Takes back that a finding stands. */
    @Bean
    WorkKind<Wishes.Lift> lift() {
        return new WorkKind<>(LIFT, Wishes.Lift.class, task -> {
            Wishes.Lift wish = task.details();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            if (!standing.stets().reasons().containsKey(wish.reading())) {
                throw Problem.notFound("This reading does not stand.");
            }
            Report report = report(standing, task.progress());
            Standing lifted = standing.with(standing.stets().without(wish.reading()));
            return restated(standing, lifted, "Stet lifted", report);
        });
    }

    /** Takes paragraphs for what the writer says they are, and examines the paper anew. */
    @Bean
    WorkKind<Wishes.Correct> correct() {
        return new WorkKind<>(CORRECT, Wishes.Correct.class, task -> {
            Wishes.Correct wish = task.details();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            DocxFile file = examinations.read(store.content(standing.manuscript()), task.progress());
            int paragraphs = file.paper().paragraphs().size();
            if (wish.paragraphs().stream().anyMatch(each -> each < 0 || each >= paragraphs)) {
                throw Problem.notFound("This paragraph is not there any more. Load the paper again.");
            }
            Corrections said = standing.corrections().with(file.paper(), wish.paragraphs(), wish.kind(), wish.level());
            String label = wish.kind() == null ? "Part told again" : "Part: " + Wording.part(wish.kind());
            Standing corrected = standing.with(said);
            return restated(standing, corrected, label, examined(corrected, file, task.progress()));
        });
    }

    /** Brings a made table in. */
    @Bean
    WorkKind<Wishes.BringTable> bringTable() {
        return new WorkKind<>(BRING_TABLE, Wishes.BringTable.class, task -> {
            Wishes.BringTable wish = task.details();
            MadeTable table = wish.table().read();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            MadeObject made = TableBlocks.of(table, standing.brief().brief().guide());
            return brought(
                    standing,
                    "Table: " + Slanted.plain(table.title()),
                    exam -> ObjectPlaces.ofTable(exam).edits(made, wish.paragraph(), wish.mention()),
                    task.progress());
        });
    }

    /** Brings a made figure in. */
    @Bean
    WorkKind<Wishes.BringFigure> bringFigure() {
        return new WorkKind<>(BRING_FIGURE, Wishes.BringFigure.class, task -> {
            Wishes.BringFigure wish = task.details();
            MadeFigure figure = wish.figure().read();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            MadeObject made = new FigureBlocks(figure, standing.brief().brief().guide(), new ChartDrawing());
            return brought(
                    standing,
                    "Figure: " + Slanted.plain(figure.title()),
                    exam -> ObjectPlaces.ofFigure(exam).edits(made, wish.paragraph(), wish.mention()),
                    task.progress());
        });
    }

    /** Brings appendices in. */
    @Bean
    WorkKind<Wishes.BringAppendix> bringAppendix() {
        return new WorkKind<>(BRING_APPENDIX, Wishes.BringAppendix.class, task -> {
            Wishes.BringAppendix wish = task.details();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            AppendixChoice made =
                    json.readValue(task.input(), AppendixRequest.class).appendix();
            List<AppendixContent> appendices = made.read();
            AppendixInsertion insertion =
                    new AppendixInsertion(standing.brief().brief().guide(), made.images());
            return brought(
                    standing,
                    appendices.size() == 1 ? "Appendix" : appendices.size() + " appendices",
                    exam -> insertion.edits(exam, appendices),
                    task.progress());
        });
    }

    /** A step that brings blocks into the file, with the words they bring. */
    private Conclusion brought(
            Standing standing, String label, Function<Examination, List<Edit>> insertion, Progress progress) {
        Examination exam = report(standing, progress).examination();
        List<Edit> edits = insertion.apply(exam);
        DocxFile file = examinations
                .read(store.content(standing.manuscript()), progress)
                .with(List.of(edits));
        if (!exam.ledger().after(edits).isSameAs(WordLedger.of(file.paper()))) {
            throw Problem.conflict("It could not be brought in without touching other words. Nothing was changed.");
        }
        Report after = examinations.examine(file, standing.brief().brief(), standing.corrections(), progress);
        Step.Details details = new Step.Details(
                shorten(label),
                exam.ledger().changes(edits).stream()
                        .map(change -> new WordChange(Wording.shown(change.before()), Wording.shown(change.after())))
                        .toList(),
                List.of(),
                List.of(),
                standing.stets().reasons(),
                standing.corrections().all(),
                StationStates.of(after, standing.stets()),
                standing.brief());
        return () -> {
            UUID added = store.addStep(standing, details, file.bytes());
            examinations.keep(added, standing.corrections(), after);
            return Result.NOTHING;
        };
    }

    /** Judges a paper by another guide or other facts. */
    @Bean
    WorkKind<Wishes.ChangeFacts> changeFacts() {
        return new WorkKind<>(CHANGE_FACTS, Wishes.ChangeFacts.class, task -> {
            Wishes.ChangeFacts wish = task.details();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            Standing judged = standing.with(wish.brief());
            return restated(standing, judged, "Guide and facts", report(judged, task.progress()));
        });
    }

    /** Goes on with a file of the paper that was edited elsewhere; what the writer said of it holds. */
    @Bean
    WorkKind<Wishes.BringAgain> bringAgain() {
        return new WorkKind<>(BRING_AGAIN, Wishes.BringAgain.class, task -> {
            Wishes.BringAgain wish = task.details();
            Standing standing = store.at(task.account(), wish.paper(), wish.revision());
            DocxFile file = examinations.read(task.input(), task.progress());
            Report report =
                    examinations.examine(file, standing.brief().brief(), standing.corrections(), task.progress());
            StationStates states = StationStates.of(report, standing.stets());
            Step.Details details = Step.Details.labelled(
                    "Newer file", standing.stets(), standing.corrections(), states, standing.brief());
            return () -> {
                UUID manuscript = store.addProof(standing, details, task.input());
                examinations.keep(manuscript, standing.corrections(), report);
                return Result.NOTHING;
            };
        });
    }

    /** A step that leaves the file as it is and changes what is said of it. */
    private Conclusion restated(Standing before, Standing after, String label, Report report) {
        Step.Details details = Step.Details.labelled(
                label, after.stets(), after.corrections(), StationStates.of(report, after.stets()), after.brief());
        return () -> {
            store.addSaying(before, details);
            return Result.NOTHING;
        };
    }
}
