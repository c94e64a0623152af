package grintel.server.paper;

import grintel.core.chart.ChartArtist;
import grintel.core.chart.FigureBlocks;
import grintel.core.edit.NewImage;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.Station;
import grintel.core.limit.WorkLimits;
import grintel.core.table.FigureMaker;
import grintel.core.table.Sheet;
import grintel.formats.chart.ChartDrawing;
import grintel.server.page.AskedUnits;
import grintel.server.paper.PaperController.AFile;
import grintel.server.security.SignedIn;
import grintel.server.table.FigureViews.DrawRequest;
import grintel.server.table.FigureViews.FigurePageRequest;
import grintel.server.table.FigureViews.MadeFigureView;
import grintel.server.table.SheetChoice;
import grintel.server.table.TableViews.MadePageView;
import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cells made into figures. Nothing of it is kept. */
@RestController
@RequestMapping(path = "/api/figures", produces = "application/json")
class FigureController {
    private static final int TIME_LIMIT = 20;

    private final PaperService papers;
    private final Uploads uploads;
    private final ChartArtist artist = new ChartDrawing();

    FigureController(PaperService papers, Uploads uploads) {
        this.papers = papers;
        this.uploads = uploads;
    }

    /** Understands cells and makes a figure of them; the body is a {@link DrawRequest} as JSON. */
    @PostMapping(path = "/made", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    MadeFigureView make(@AuthenticationPrincipal SignedIn person, InputStream wish) {
        return uploads.take(wish, DrawRequest.class, wanted -> {
            Brief brief = papers.briefOf(person.id(), wanted.paper(), wanted.guide());
            List<Sheet> sheets = Objects.requireNonNullElse(wanted.sheets(), List.<SheetChoice>of()).stream()
                    .map(SheetChoice::read)
                    .toList();
            return MadeFigureView.of(
                    WorkLimits.within(TIME_LIMIT).bound(() -> FigureMaker.make(sheets, wanted.wish(), brief.guide())));
        });
    }

    /** A figure on a page, with what of it is off; what is drawn is fetched by itself. */
    @PostMapping("/page")
    MadePageView page(
            @AuthenticationPrincipal SignedIn person,
            @RequestBody FigurePageRequest wanted,
            @RequestParam(defaultValue = "inches") String units) {
        Brief brief = brief(person, wanted);
        return MadePages.view(
                new FigureBlocks(
                        wanted.figure().read(),
                        brief.guide(),
                        (chart, width, height) -> ChartDrawing.blank(width, height)),
                Station.FIGURES,
                brief,
                wanted.number(),
                AskedUnits.of(units));
    }

    /** The picture on that page. */
    @PostMapping(path = "/picture", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] picture(@AuthenticationPrincipal SignedIn person, @RequestBody FigurePageRequest wanted) {
        return ChartDrawing.dots(
                wanted.figure().read().chart(), FigureBlocks.WIDEST, FigureBlocks.height(FigureBlocks.WIDEST));
    }

    /** A figure as a file of its own. */
    @PostMapping(path = "/docx", produces = PaperService.DOCX)
    byte[] docx(@AuthenticationPrincipal SignedIn person, @RequestBody FigurePageRequest wanted) {
        Brief brief = brief(person, wanted);
        Map<String, byte[]> images = new HashMap<>();
        ChartArtist keeping = (chart, width, height) -> {
            NewImage image = artist.draw(chart, width, height);
            images.putAll(image.parts());
            return image;
        };
        return MadePages.docx(
                new FigureBlocks(wanted.figure().read(), brief.guide(), keeping), brief, wanted.number(), images);
    }

    private Brief brief(SignedIn person, FigurePageRequest wanted) {
        return papers.briefOf(person.id(), wanted.paper(), wanted.guide());
    }
}
