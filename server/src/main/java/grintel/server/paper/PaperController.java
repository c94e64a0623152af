package grintel.server.paper;

import grintel.formats.docx.DocxPictures;
import grintel.server.check.CheckJobs;
import grintel.server.paper.PaperService.Outcome;
import grintel.server.paper.PaperService.PutRightWish;
import grintel.server.paper.PaperService.Understanding;
import grintel.server.paper.PaperViews.PaperSummary;
import grintel.server.paper.PaperViews.PaperView;
import grintel.server.paper.PaperViews.ProofView;
import grintel.server.paper.Step.PutRightReading;
import grintel.server.problem.Problem;
import grintel.server.security.SignedIn;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A person's papers. */
@RestController
@RequestMapping(path = "/api", produces = "application/json")
class PaperController {
    private static final String DOCX = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";

    private final PaperService papers;
    private final CheckJobs jobs;

    PaperController(PaperService papers, CheckJobs jobs) {
        this.papers = papers;
        this.jobs = jobs;
    }

    @GetMapping("/papers")
    List<PaperSummary> all(@AuthenticationPrincipal SignedIn person) {
        return papers.all(person.id()).stream().map(PaperSummary::of).toList();
    }

    /** Says what was understood of a file, without keeping it. */
    @PostMapping(path = "/understanding", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    WorkView understand(
            @AuthenticationPrincipal SignedIn person, @RequestParam MultipartFile file, @RequestParam String guide) {
        byte[] bytes = bytes(file);
        return WorkView.of(jobs.start(person.id(), progress -> papers.understand(bytes, guide, progress)));
    }

    /** Keeps a paper. */
    @PostMapping(path = "/papers", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    WorkView bring(
            @AuthenticationPrincipal SignedIn person,
            @RequestParam MultipartFile file,
            @RequestParam String guide,
            @RequestParam(defaultValue = "") String surname,
            @RequestParam(defaultValue = "") String shortTitle) {
        byte[] bytes = bytes(file);
        String name = fileName(file);
        return WorkView.of(jobs.start(
                person.id(), progress -> papers.bring(person.id(), name, bytes, guide, surname, shortTitle, progress)));
    }

    /** How work that takes longer is getting on. */
    @GetMapping("/work/{id}")
    WorkView work(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return WorkView.of(jobs.find(person.id(), id));
    }

    @GetMapping("/papers/{id}")
    PaperView paper(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return PaperView.of(papers.load(person.id(), id));
    }

    /** The pages of the paper as it stands, or of a numbered proof. */
    @GetMapping("/papers/{id}/layout")
    LayoutView layout(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Integer proof) {
        return LayoutView.of(papers.examined(person.id(), id, proof).report());
    }

    /** The readings of the paper as it stands, or of a numbered proof. */
    @GetMapping("/papers/{id}/readings")
    ReadingsView readings(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Integer proof) {
        PaperService.Examined examined = papers.examined(person.id(), id, proof);
        return ReadingsView.of(examined.report(), examined.stets());
    }

    /** What a station measures on each page of the paper as it stands, or of a numbered proof. */
    @GetMapping("/papers/{id}/strokes")
    StrokesView strokes(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam String station,
            @RequestParam(required = false) @Nullable Integer proof) {
        return StrokesView.of(papers.examined(person.id(), id, proof).report(), station);
    }

    @PostMapping("/papers/{id}/put-right")
    WorkView putRight(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody PutRightRequest wanted) {
        PutRightWish wish = new PutRightWish(
                wanted.reading(),
                wanted.places() == null ? List.of() : wanted.places(),
                wanted.station(),
                wanted.wordsConfirmed());
        return WorkView.of(jobs.start(person.id(), progress -> papers.putRight(person.id(), id, wish, progress)));
    }

    /** Lets a finding stand as it is. */
    @PostMapping("/papers/{id}/stet")
    PaperView stet(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody StetRequest wanted) {
        papers.stet(person.id(), id, wanted.reading(), wanted.reason());
        return paper(person, id);
    }

    /** Takes back that a finding stands. */
    @PostMapping("/papers/{id}/stet/lift")
    PaperView liftStet(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody LiftRequest wanted) {
        papers.liftStet(person.id(), id, wanted.reading());
        return paper(person, id);
    }

    @PostMapping("/papers/{id}/undo")
    PaperView undo(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        papers.undo(person.id(), id);
        return paper(person, id);
    }

    @PostMapping("/papers/{id}/redo")
    PaperView redo(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        papers.redo(person.id(), id);
        return paper(person, id);
    }

    /** Makes a numbered proof of the paper as it stands, to be fetched next. */
    @PostMapping("/papers/{id}/proofs")
    ProofView handBack(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return ProofView.of(papers.handBack(person.id(), id));
    }

    @GetMapping(path = "/papers/{id}/proofs/{number}/file", produces = DOCX)
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @PathVariable int number) {
        return attachment(papers.fileOfProof(person.id(), id, number));
    }

    @GetMapping(path = "/papers/{id}/proofs/{number}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @PathVariable int number) {
        return attachment(papers.pdfOfProof(person.id(), id, number));
    }

    private static ResponseEntity<byte[]> attachment(PaperService.HandedBack file) {
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(file.name(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(file.content());
    }

    /** A picture of the paper; only images that every browser draws without running anything. */
    @GetMapping(path = "/papers/{id}/picture", produces = MediaType.ALL_VALUE)
    ResponseEntity<byte[]> picture(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestParam String part) {
        DocxPictures.Picture picture = DocxPictures.find(papers.file(person.id(), id), part);
        if (picture == null) {
            throw Problem.notFound("There is no such picture.");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.type()))
                .body(picture.bytes());
    }

    @DeleteMapping("/papers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        papers.delete(person.id(), id);
    }

    private static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw Problem.badRequest("The file did not arrive whole. Bring it again.");
        }
    }

    private static String fileName(MultipartFile file) {
        String name = file.getOriginalFilename();
        String plain =
                name == null ? "" : name.replaceAll("[\\\\/\\p{Cntrl}]", " ").strip();
        return plain.isEmpty() ? "paper.docx" : plain.length() > 200 ? plain.substring(plain.length() - 200) : plain;
    }

    /** What to put right: one reading, a station, or all where neither is named. */
    record PutRightRequest(
            @Nullable String reading,
            @Nullable List<String> places,
            @Nullable String station,
            boolean wordsConfirmed) {}

    /** A finding to let stand, and why. */
    record StetRequest(String reading, String reason) {}

    /** A finding that shall not stand any more. */
    record LiftRequest(String reading) {}

    /**
     * Work under way or done.
     *
     * @param stage what is being done
     * @param understanding the result of understanding a file
     * @param paper the result of bringing one
     * @param done the result of putting right: a phrase for each reading
     * @param changed what putting right changed in the file, a phrase each
     */
    record WorkView(
            UUID id,
            boolean finished,
            String stage,
            @Nullable Understanding understanding,
            @Nullable UUID paper,
            @Nullable List<String> done,
            @Nullable List<String> changed) {
        static WorkView of(CheckJobs.Job<?> job) {
            if (!job.isDone()) {
                return new WorkView(job.id(), false, job.stage(), null, null, null, null);
            }
            Object result = job.result();
            return new WorkView(
                    job.id(),
                    true,
                    job.stage(),
                    result instanceof Understanding understanding ? understanding : null,
                    result instanceof UUID paper ? paper : null,
                    result instanceof Outcome outcome
                            ? outcome.done().stream()
                                    .map(reading -> PutRightReading.of(reading).text())
                                    .toList()
                            : null,
                    result instanceof Outcome outcome ? outcome.changed() : null);
        }
    }
}
