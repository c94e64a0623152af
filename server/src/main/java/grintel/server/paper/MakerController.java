package grintel.server.paper;

import grintel.core.appendix.AppendixContent;
import grintel.core.made.ObjectPlaces;
import grintel.core.rule.Examination;
import grintel.server.appendix.AppendixViews.AppendixChoice;
import grintel.server.appendix.AppendixViews.AppendixOrderView;
import grintel.server.paper.PaperController.AFile;
import grintel.server.paper.PaperRequests.AppendixRequest;
import grintel.server.paper.PaperRequests.FigureRequest;
import grintel.server.paper.PaperRequests.TableRequest;
import grintel.server.security.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.InputStream;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is made for a paper and brought into it: tables, figures, appendices. */
@RestController
@RequestMapping(path = "/api", produces = "application/json")
class MakerController {
    private final PaperService papers;
    private final Uploads uploads;
    private final Answers answers;

    MakerController(PaperService papers, Uploads uploads, Answers answers) {
        this.papers = papers;
        this.uploads = uploads;
        this.answers = answers;
    }

    /** Where a table can come into the paper as it stands; or the work that reads it. */
    @GetMapping("/papers/{id}/table-places")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ObjectPlacesView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> tablePlaces(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return places(person, id, ObjectPlaces::ofTable);
    }

    /** Where a figure can come into it. */
    @GetMapping("/papers/{id}/figure-places")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = ObjectPlacesView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> figurePlaces(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return places(person, id, ObjectPlaces::ofFigure);
    }

    private ResponseEntity<?> places(SignedIn person, UUID id, Function<Examination, ObjectPlaces> kind) {
        return answers.whenReady(
                papers.examined(person.id(), id, null),
                ready -> ResponseEntity.ok(ObjectPlacesView.of(ready.report(), kind)));
    }

    /** The tables of the paper as it stands, as cells; or the work that reads it. */
    @GetMapping("/papers/{id}/tables")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = PaperTablesView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> tables(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return answers.whenReady(
                papers.examined(person.id(), id, null), ready -> ResponseEntity.ok(PaperTablesView.of(ready.report())));
    }

    /** Brings a table into the paper, as one step. */
    @PostMapping("/papers/{id}/table")
    WorkView bringTable(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody TableRequest wanted) {
        return answers.work(papers.bringTable(person.id(), wanted.wish(id)));
    }

    /** Brings a figure into the paper, as one step. */
    @PostMapping("/papers/{id}/figure")
    WorkView bringFigure(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody FigureRequest wanted) {
        return answers.work(papers.bringFigure(person.id(), wanted.wish(id)));
    }

    /**
     * The order in which the paper mentions appendices that are made for it; or the work that reads it. The body is an
     * {@link AppendixChoice} as JSON.
     */
    @PostMapping(path = "/papers/{id}/appendix-order", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = AppendixOrderView.class)))
    @ApiResponse(responseCode = "202", content = @Content(schema = @Schema(implementation = WorkView.class)))
    ResponseEntity<?> appendixOrder(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id, InputStream made) {
        List<AppendixContent> appendices = uploads.take(made, AppendixChoice.class, AppendixChoice::inOrderOfLines);
        return answers.whenReady(
                papers.examined(person.id(), id, null),
                ready -> ResponseEntity.ok(AppendixOrders.view(ready.report(), appendices)));
    }

    /** Brings appendices into the paper, as one step; the body is an {@link AppendixRequest} as JSON. */
    @PostMapping(path = "/papers/{id}/appendix", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    WorkView bringAppendix(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id, InputStream wanted) {
        return uploads.take(
                wanted,
                AppendixRequest.class,
                (read, bytes) -> answers.work(papers.bringAppendix(person.id(), read.wish(id), bytes)));
    }
}
