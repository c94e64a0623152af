package grintel.server.paper;

import grintel.server.brief.BriefChoice;
import grintel.server.brief.ComposedPapers;
import grintel.server.brief.HouseChoice;
import grintel.server.brief.HouseRulesLibrary;
import grintel.server.brief.LooseChoice;
import grintel.server.page.AskedUnits;
import grintel.server.page.LayoutView;
import grintel.server.page.StrokesView;
import grintel.server.paper.PaperRequests.ComposeRequest;
import grintel.server.paper.PaperRequests.CorrectRequest;
import grintel.server.paper.PaperRequests.FactsRequest;
import grintel.server.paper.PaperRequests.LiftRequest;
import grintel.server.paper.PaperRequests.PutRightRequest;
import grintel.server.paper.PaperRequests.RenameRequest;
import grintel.server.paper.PaperRequests.RevisionRequest;
import grintel.server.paper.PaperRequests.SetRequest;
import grintel.server.paper.PaperRequests.StetRequest;
import grintel.server.paper.PaperViews.PaperView;
import grintel.server.paper.PaperViews.PapersView;
import grintel.server.paper.PaperViews.ProofView;
import grintel.server.security.SignedIn;
import grintel.server.work.WorkQueue;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import java.io.InputStream;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A person's papers. */
@RestController
@RequestMapping(path = "/api", produces = "application/json")
class PaperController {
    private final PaperService papers;
    private final WorkQueue queue;
    private final Uploads uploads;
    private final Downloads downloads;
    private final HouseRulesLibrary library;
    private final Answers answers;

    PaperController(
            PaperService papers,
            WorkQueue queue,
            Uploads uploads,
            Downloads downloads,
            HouseRulesLibrary library,
            Answers answers) {
        this.papers = papers;
        this.queue = queue;
        this.uploads = uploads;
        this.downloads = downloads;
        this.library = library;
        this.answers = answers;
    }

    @GetMapping("/papers")
    PapersView all(@AuthenticationPrincipal SignedIn person) {
        return PapersView.of(papers.all(person.id()));
    }

    /** Says what was understood of a file, without keeping it. */
    @PostMapping(path = "/understanding", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    WorkView understand(@AuthenticationPrincipal SignedIn person, InputStream file, @RequestParam String guide) {
        UUID work = uploads.take(file, bytes -> papers.understand(person.id(), bytes, guide));
        return answers.work(queue.await(person.id(), work));
    }

    /** Keeps a paper. */
    @PostMapping(path = "/papers", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    WorkView bring(
            @AuthenticationPrincipal SignedIn person,
            InputStream file,
            @RequestParam(defaultValue = "") String fileName,
            @RequestParam String guide,
            @RequestParam(defaultValue = "") String surname,
            @RequestParam(defaultValue = "") String shortTitle,
            @RequestParam(required = false) @Nullable UUID house) {
        HouseChoice rules = house == null ? null : library.house(person.id(), house);
        BriefChoice brief = BriefChoice.of(guide, surname, shortTitle, null, null, rules);
        String name = Uploads.name(fileName);
        UUID work = uploads.take(file, bytes -> papers.bring(person.id(), name, brief, bytes));
        return answers.work(queue.await(person.id(), work));
    }

    /** Sets up a new paper and keeps it. */
    @PostMapping("/papers/composed")
    WorkView compose(@AuthenticationPrincipal SignedIn person, @RequestBody ComposeRequest wanted) {
        BriefChoice brief = wanted.brief().checked();
        byte[] file = ComposedPapers.blank(brief, wanted.samples());
        return answers.work(
                queue.await(person.id(), papers.bring(person.id(), Uploads.name(wanted.fileName()), brief, file)));
    }

    /** Takes text without looks apart, without keeping it; the body is a {@link LooseChoice} as JSON. */
    @PostMapping(path = "/loose-text", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    LooseChoice.UnderstoodView takeApart(InputStream text) {
        return uploads.take(text, LooseChoice.class, LooseChoice::understood);
    }

    /** Sets text as a paper and keeps it; the body is a {@link SetRequest} as JSON. */
    @PostMapping(path = "/papers/set", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    WorkView set(@AuthenticationPrincipal SignedIn person, InputStream text) {
        UUID work = uploads.take(text, SetRequest.class, wanted -> {
            BriefChoice brief = wanted.brief().checked();
            byte[] file = ComposedPapers.of(brief, wanted.text());
            return papers.bring(person.id(), Uploads.name(wanted.fileName()), brief, file);
        });
        return answers.work(queue.await(person.id(), work));
    }

    /** How work that takes longer is getting on. */
    @GetMapping("/work/{id}")
    WorkView work(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return answers.work(queue.find(person.id(), id));
    }

    /** Has work stopped. */
    @DeleteMapping("/work/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        queue.stop(person.id(), id);
    }

    @GetMapping("/papers/{id}")
    PaperView paper(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return PaperView.of(papers.load(person.id(), id));
    }

    /** Pages of the paper as it stands, or of a numbered proof; or the work that sets them. */
    @GetMapping("/papers/{id}/layout")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = LayoutView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> layout(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable Integer proof,
            @RequestParam(defaultValue = "1") int from,
            @RequestParam(defaultValue = "100") int most) {
        return answers.whenReady(
                papers.examined(person.id(), id, proof),
                ready -> ResponseEntity.ok(LayoutView.of(ready.report(), ready.state(), from, most)));
    }

    /** The readings of the paper as it stands, or of a numbered proof; or the work that takes them. */
    @GetMapping("/papers/{id}/readings")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ReadingsView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> readings(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "inches") String units,
            @RequestParam(required = false) @Nullable Integer proof) {
        return answers.whenReady(
                papers.examined(person.id(), id, proof),
                ready -> ResponseEntity.ok(ReadingsView.of(ready.report(), ready.stets(), AskedUnits.of(units))));
    }

    /** What a station measures on each page of the paper as it stands, or of a numbered proof; or the work before. */
    @GetMapping("/papers/{id}/strokes")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = StrokesView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> strokes(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam String station,
            @RequestParam(defaultValue = "inches") String units,
            @RequestParam(required = false) @Nullable Integer proof) {
        return answers.whenReady(
                papers.examined(person.id(), id, proof),
                ready -> ResponseEntity.ok(StrokesView.of(ready.report(), station, AskedUnits.of(units))));
    }

    /** What the paper itself says of what a brief asks; or the work that reads it. */
    @GetMapping("/papers/{id}/found")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = FoundView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> found(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return answers.whenReady(
                papers.examined(person.id(), id, null), ready -> ResponseEntity.ok(FoundView.of(ready.report())));
    }

    /** The pages as they should be, and which of them to hold beside each page of the paper as it stands. */
    @GetMapping("/papers/{id}/specimen")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = BesideView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> specimen(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "inches") String units) {
        return answers.whenReady(
                papers.examined(person.id(), id, null),
                ready -> ResponseEntity.ok(BesideView.of(ready.report(), AskedUnits.of(units))));
    }

    @PostMapping("/papers/{id}/put-right")
    WorkView putRight(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody PutRightRequest wanted) {
        return answers.work(papers.putRight(person.id(), wanted.wish(id, wanted.wordsConfirmed())));
    }

    /** Says which words a put-right would change that may change words, each place once; nothing is changed. */
    @PostMapping("/papers/{id}/put-right/words")
    WorkView words(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody PutRightRequest wanted) {
        return answers.work(papers.words(person.id(), wanted.wish(id, true)));
    }

    /** Lets a finding stand as it is. */
    @PostMapping("/papers/{id}/stet")
    WorkView stet(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @Valid @RequestBody StetRequest wanted) {
        return answers.work(
                papers.stet(person.id(), new Wishes.Stet(id, wanted.revision(), wanted.reading(), wanted.reason())));
    }

    /** Takes back that a finding stands. */
    @PostMapping("/papers/{id}/stet/lift")
    WorkView liftStet(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @Valid @RequestBody LiftRequest wanted) {
        return answers.work(papers.lift(person.id(), new Wishes.Lift(id, wanted.revision(), wanted.reading())));
    }

    /** What each paragraph of the paper as it stands was taken for; or the work before. */
    @GetMapping("/papers/{id}/parts")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = PartsView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> parts(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return answers.whenReady(
                papers.examined(person.id(), id, null), ready -> ResponseEntity.ok(PartsView.of(ready.report())));
    }

    /** Says what paragraphs are. */
    @PostMapping("/papers/{id}/parts")
    WorkView correct(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @Valid @RequestBody CorrectRequest wanted) {
        return answers.work(papers.correct(person.id(), wanted.wish(id)));
    }

    /** Goes on with a file of the same paper that was edited elsewhere. */
    @PostMapping(path = "/papers/{id}/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    WorkView bringAgain(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            InputStream file,
            @RequestParam int revision) {
        Wishes.BringAgain wish = new Wishes.BringAgain(id, revision);
        UUID work = uploads.take(file, bytes -> papers.bringAgain(person.id(), wish, bytes));
        return answers.work(queue.await(person.id(), work));
    }

    @PostMapping("/papers/{id}/undo")
    PaperView undo(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody RevisionRequest wanted) {
        papers.undo(person.id(), id, wanted.revision());
        return paper(person, id);
    }

    @PostMapping("/papers/{id}/redo")
    PaperView redo(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody RevisionRequest wanted) {
        papers.redo(person.id(), id, wanted.revision());
        return paper(person, id);
    }

    /** Makes a numbered proof of the paper as it stands, to be fetched next. */
    @PostMapping("/papers/{id}/proofs")
    ProofView handBack(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody RevisionRequest wanted) {
        return ProofView.of(papers.handBack(person.id(), id, wanted.revision()));
    }

    @GetMapping(path = "/papers/{id}/proofs/{number}/file", produces = PaperService.DOCX)
    ResponseEntity<Resource> file(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @PathVariable int number) {
        return attachment(downloads.make(() -> papers.fileOfProof(person.id(), id, number)));
    }

    /** The PDF of a numbered proof; or the work that sets its pages first. */
    @GetMapping(path = "/papers/{id}/proofs/{number}/pdf", produces = MediaType.ALL_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PDF_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    @ApiResponse(
            responseCode = "202",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> pdf(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @PathVariable int number) {
        return answers.whenReady(
                papers.examined(person.id(), id, number),
                ready -> attachment(downloads.make(() -> papers.pdfOfProof(person.id(), id, number, ready.report()))));
    }

    private static ResponseEntity<Resource> attachment(Downloads.Ready file) {
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(file.name(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(file.type()))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .contentLength(file.size())
                .body(file.content());
    }

    /** A picture of the paper; only images that every browser draws without running anything. */
    @GetMapping(path = "/papers/{id}/picture", produces = MediaType.ALL_VALUE)
    ResponseEntity<Resource> picture(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestParam String part) {
        Downloads.Ready picture = downloads.make(() -> papers.picture(person.id(), id, part));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.type()))
                .contentLength(picture.size())
                .body(picture.content());
    }

    /** Gives a paper another name. */
    @PutMapping("/papers/{id}/title")
    PaperView rename(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @Valid @RequestBody RenameRequest wanted) {
        papers.rename(person.id(), id, wanted.revision(), wanted.title().strip());
        return paper(person, id);
    }

    /** Judges a paper by another guide or other facts. */
    @PostMapping("/papers/{id}/facts")
    WorkView changeFacts(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody FactsRequest wanted) {
        BriefChoice brief = BriefChoice.of(
                wanted.guide(), wanted.surname(), wanted.shortTitle(), wanted.more(), wanted.authors(), wanted.house());
        return answers.work(papers.changeFacts(person.id(), new Wishes.ChangeFacts(id, wanted.revision(), brief)));
    }

    /** Takes back that a paper was deleted; possible for ten minutes. */
    @PostMapping("/papers/{id}/taking-back")
    PaperView takeBack(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        papers.takeBack(person.id(), id);
        return paper(person, id);
    }

    @DeleteMapping("/papers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestParam int revision) {
        papers.delete(person.id(), id, revision);
    }

    /** The body is a file and nothing else. */
    @Target(ElementType.METHOD)
    @Retention(RetentionPolicy.RUNTIME)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    @interface AFile {}
}
