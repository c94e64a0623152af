package grintel.server.paper;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.Station;
import grintel.core.limit.WorkLimits;
import grintel.core.rule.Reading;
import grintel.core.rule.Wording;
import grintel.core.table.Sheet;
import grintel.core.table.SheetText;
import grintel.core.table.TableMaker;
import grintel.core.table.TableMaker.Kind;
import grintel.core.table.TableMaker.Role;
import grintel.core.table.TablePage;
import grintel.formats.docx.DocxWriter;
import grintel.formats.sheet.HtmlSheets;
import grintel.formats.sheet.SheetFiles;
import grintel.server.page.AskedUnits;
import grintel.server.page.LayoutView;
import grintel.server.page.StrokesView;
import grintel.server.paper.PaperController.AFile;
import grintel.server.security.SignedIn;
import grintel.server.table.SheetChoice;
import grintel.server.table.TableViews;
import grintel.server.table.TableViews.MadeTableView;
import grintel.server.table.TableViews.MakeRequest;
import grintel.server.table.TableViews.PasteRequest;
import grintel.server.table.TableViews.SheetsView;
import grintel.server.table.TableViews.TablePageRequest;
import grintel.server.table.TableViews.TablePageView;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
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
    private static final int HIGHEST_NUMBER = 999;

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
                    word(Kind.class, wanted.kind()),
                    roles(wanted.roles()),
                    wanted.asterisks(),
                    wanted.equalVariances());
            return MadeTableView.of(
                    WorkLimits.within(TIME_LIMIT).bound(() -> TableMaker.make(sheets, read, brief.guide())));
        });
    }

    /** A table on a page, with its measures and what of it is off. */
    @PostMapping("/page")
    TablePageView page(
            @AuthenticationPrincipal SignedIn person,
            @RequestBody TablePageRequest wanted,
            @RequestParam(defaultValue = "inches") String units) {
        Brief brief = brief(person, wanted.paper(), wanted.guide());
        Report report = Examiner.examine(
                TablePage.of(wanted.table().read(), brief.guide(), number(wanted)),
                brief,
                WorkLimits.within(TIME_LIMIT));
        List<String> off = report.findings().stream()
                .filter(finding -> Station.of(finding.rule()) == Station.TABLES && !isOfThePaper(finding))
                .map(finding -> Wording.message(finding, AskedUnits.of(units)))
                .toList();
        return new TablePageView(
                LayoutView.of(report, "table", 1),
                StrokesView.of(report, Station.TABLES.id(), AskedUnits.of(units)),
                off);
    }

    /** Whether only the paper a table comes into can be right or wrong about it: its mention, and the order of numbers. */
    private static boolean isOfThePaper(Reading finding) {
        return finding.rule().equals("tables.mention") || finding.quantity().equals("order");
    }

    /** A table as a file of its own. */
    @PostMapping(path = "/docx", produces = PaperService.DOCX)
    byte[] docx(@AuthenticationPrincipal SignedIn person, @RequestBody TablePageRequest wanted) {
        Brief brief = brief(person, wanted.paper(), wanted.guide());
        return DocxWriter.write(TablePage.of(wanted.table().read(), brief.guide(), number(wanted)));
    }

    private static int number(TablePageRequest wanted) {
        return Math.max(1, Math.min(wanted.number(), HIGHEST_NUMBER));
    }

    private Brief brief(SignedIn person, @Nullable UUID paper, @Nullable String guide) {
        return papers.briefOf(person.id(), paper, guide);
    }

    private static List<Role> roles(@Nullable List<String> said) {
        List<Role> out = new ArrayList<>();
        for (String each : Objects.requireNonNullElse(said, List.<String>of())) {
            Role role = word(Role.class, each);
            out.add(role == null ? Role.OUT : role);
        }
        return out;
    }

    private static <E extends Enum<E>> @Nullable E word(Class<E> words, @Nullable String id) {
        return Arrays.stream(words.getEnumConstants())
                .filter(each -> TableViews.id(each).equals(id))
                .findFirst()
                .orElse(null);
    }
}
