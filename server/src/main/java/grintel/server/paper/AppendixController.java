package grintel.server.paper;

import grintel.core.appendix.AppendixContent;
import grintel.core.appendix.AppendixInsertion;
import grintel.core.appendix.ExportPicture;
import grintel.core.check.Examiner;
import grintel.core.compose.SinglePage;
import grintel.core.edit.NewImage;
import grintel.core.guide.Brief;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.formats.docx.DocxWriter;
import grintel.formats.text.Export;
import grintel.formats.text.FileLines;
import grintel.server.appendix.AppendixImages;
import grintel.server.appendix.AppendixViews.AppendixPageRequest;
import grintel.server.appendix.AppendixViews.AppendixPagesView;
import grintel.server.appendix.AppendixViews.LinesRequest;
import grintel.server.appendix.AppendixViews.PictureChoice;
import grintel.server.appendix.AppendixViews.QuestionnaireView;
import grintel.server.page.LayoutView;
import grintel.server.paper.PaperController.AFile;
import grintel.server.problem.Problem;
import grintel.server.security.SignedIn;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Exported questionnaires made into appendices. Nothing of it is kept. */
@RestController
@RequestMapping(path = "/api/appendices", produces = "application/json")
class AppendixController {
    private static final int TIME_LIMIT = 20;

    private final PaperService papers;
    private final Uploads uploads;

    AppendixController(PaperService papers, Uploads uploads) {
        this.papers = papers;
        this.uploads = uploads;
    }

    /** Takes the lines of a file apart. */
    @PostMapping(path = "/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    QuestionnaireView readFile(InputStream file) {
        return uploads.take(
                file, bytes -> WorkLimits.within(TIME_LIMIT).bound(() -> QuestionnaireView.of(FileLines.read(bytes))));
    }

    /** Takes pasted lines apart; the body is a {@link LinesRequest} as JSON. */
    @PostMapping(path = "/paste", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    QuestionnaireView readPaste(InputStream pasted) {
        return uploads.take(pasted, LinesRequest.class, read -> {
            String html = Objects.requireNonNullElse(read.html(), "");
            Export export = html.isBlank()
                    ? FileLines.pasted(Objects.requireNonNullElse(read.text(), ""))
                    : FileLines.page(html);
            if (export.isEmpty()) {
                throw Problem.badRequest("There are no words in it. Paste some, or choose a file.");
            }
            return WorkLimits.within(TIME_LIMIT).bound(() -> QuestionnaireView.of(export));
        });
    }

    /**
     * The appendices on their pages; what their pictures show need not come along. The body is an
     * {@link AppendixPageRequest} as JSON.
     */
    @PostMapping(path = "/pages", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @AFile
    AppendixPagesView pages(@AuthenticationPrincipal SignedIn person, InputStream wish) {
        AppendixPageRequest wanted = uploads.take(wish, AppendixPageRequest.class, Function.identity());
        Brief brief = brief(person, wanted);
        List<AppendixContent> appendices = wanted.appendix().read();
        Paper paper = paper(appendices, brief, PictureChoice::standIn);
        return AppendixPagesView.of(
                LayoutView.of(Examiner.examine(paper, brief, WorkLimits.within(TIME_LIMIT)), "appendix", 1),
                appendices);
    }

    /** The appendices as a file of their own; the body is an {@link AppendixPageRequest} as JSON. */
    @PostMapping(path = "/docx", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE, produces = PaperService.DOCX)
    @AFile
    byte[] docx(@AuthenticationPrincipal SignedIn person, InputStream wish) {
        return uploads.take(wish, AppendixPageRequest.class, wanted -> {
            AppendixImages images = wanted.appendix().images();
            Paper paper = paper(wanted.appendix().read(), brief(person, wanted), images);
            return DocxWriter.write(paper, images.parts());
        });
    }

    private static Paper paper(
            List<AppendixContent> appendices, Brief brief, Function<ExportPicture, NewImage> images) {
        AppendixInsertion insertion = new AppendixInsertion(brief.guide(), images);
        return SinglePage.of(brief.guide(), insertion.blocks(appendices, 0, SinglePage.MEASURE, "Normal"));
    }

    private Brief brief(SignedIn person, AppendixPageRequest wanted) {
        return papers.briefOf(person.id(), wanted.paper(), wanted.guide());
    }
}
