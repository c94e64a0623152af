package grintel.server.paper;

import grintel.core.guide.Brief;
import grintel.core.guide.demand.Station;
import grintel.core.limit.WorkLimits;
import grintel.core.made.MadeObject;
import grintel.core.table.Sheet;
import grintel.core.table.SheetText;
import grintel.core.table.TableBlocks;
import grintel.core.table.TableMaker;
import grintel.core.table.TableMaker.Kind;
import grintel.formats.sheet.HtmlSheets;
import grintel.formats.sheet.SheetFiles;
import grintel.server.page.AskedUnits;
import grintel.server.paper.PaperController.AFile;
import grintel.server.security.SignedIn;
import grintel.server.table.SheetChoice;
import grintel.server.table.TableViews;
import grintel.server.table.TableViews.MadePageView;
import grintel.server.table.TableViews.MadeTableView;
import grintel.server.table.TableViews.MakeRequest;
import grintel.server.table.TableViews.PasteRequest;
import grintel.server.table.TableViews.SheetsView;
import grintel.server.table.TableViews.TablePageRequest;
import java.io.InputStream;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cells made into tables. Nothing of it is kept. */
@RestController
@RequestMapping(path = "/api/tables", produces = "application/json")
class TableController {
    private static final int TIME_LIMIT = 20;

    private final PaperService papers;
    private final Uploads uploads;

    TableController(PaperService papers, Uploads uploads) {
        this.papers = papers;
        this.uploads = uploads;
    }

    /** Reads the cells of a workbook, a page or a text. */
    @PostMapping(path = "/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    SheetsView readFile(InputStream file) {
        return uploads.take(file, bytes -> view(() -> SheetFiles.read(bytes)));
    }

    /** Reads pasted cells; the body is a {@link PasteRequest} as JSON. */
    @PostMapping(path = "/paste", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    SheetsView readPaste(InputStream pasted) {
        return uploads.take(pasted, PasteRequest.class, read -> {
            String html = Objects.requireNonNullElse(read.html(), "");
            String text = Objects.requireNonNullElse(read.text(), "");
            return view(() ->
                    html.toLowerCase(Locale.ROOT).contains("<table") ? HtmlSheets.read(html) : SheetText.read(text));
        });
    }

    private static SheetsView view(Supplier<List<Sheet>> reading) {
        List<Sheet> sheets = WorkLimits.within(TIME_LIMIT).bound(reading);
        return new SheetsView(sheets.stream().map(SheetChoice::of).toList());
    }

    /** Understands cells and makes a table of them; the body is a {@link MakeRequest} as JSON. */
    @PostMapping(path = "/made", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    MadeTableView make(@AuthenticationPrincipal SignedIn person, InputStream wish) {
        return uploads.take(wish, MakeRequest.class, wanted -> {
            Brief brief = brief(person, wanted.paper(), wanted.guide());
            List<Sheet> sheets = Objects.requireNonNullElse(wanted.sheets(), List.<SheetChoice>of()).stream()
                    .map(SheetChoice::read)
                    .toList();
            TableMaker.Wish read = new TableMaker.Wish(
                    TableViews.word(Kind.class, wanted.kind()),
                    TableViews.roles(wanted.roles()),
                    wanted.asterisks(),
                    wanted.intervals(),
                    wanted.equalVariances());
            return MadeTableView.of(
                    WorkLimits.within(TIME_LIMIT).bound(() -> TableMaker.make(sheets, read, brief.guide())));
        });
    }

    /** A table on a page, with its measures and what of it is off. */
    @PostMapping("/page")
    MadePageView page(
            @AuthenticationPrincipal SignedIn person,
            @RequestBody TablePageRequest wanted,
            @RequestParam(defaultValue = "inches") String units) {
        Brief brief = brief(person, wanted.paper(), wanted.guide());
        return MadePages.view(made(wanted, brief), Station.TABLES, brief, wanted.number(), AskedUnits.of(units));
    }

    /** A table as a file of its own. */
    @PostMapping(path = "/docx", produces = PaperService.DOCX)
    byte[] docx(@AuthenticationPrincipal SignedIn person, @RequestBody TablePageRequest wanted) {
        Brief brief = brief(person, wanted.paper(), wanted.guide());
        return MadePages.docx(made(wanted, brief), brief, wanted.number());
    }

    private static MadeObject made(TablePageRequest wanted, Brief brief) {
        return TableBlocks.of(wanted.table().read(), brief.guide());
    }

    private Brief brief(SignedIn person, @Nullable UUID paper, @Nullable String guide) {
        return papers.briefOf(person.id(), paper, guide);
    }
}
