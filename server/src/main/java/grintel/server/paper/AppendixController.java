package grintel.server.paper;

import grintel.core.appendix.AppendixContent;
import grintel.core.appendix.AppendixInsertion;
import grintel.core.check.Examiner;
import grintel.core.compose.SinglePage;
import grintel.core.guide.Brief;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.formats.docx.DocxWriter;
import grintel.formats.text.FileLines;
import grintel.server.appendix.AppendixViews.AppendixPageRequest;
import grintel.server.appendix.AppendixViews.AppendixPagesView;
import grintel.server.appendix.AppendixViews.LinesRequest;
import grintel.server.appendix.AppendixViews.QuestionnaireView;
import grintel.server.page.LayoutView;
import grintel.server.paper.PaperController.AFile;
import grintel.server.problem.Problem;
import grintel.server.security.SignedIn;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
            List<String> lines = new ArrayList<>();
            if (Objects.requireNonNullElse(read.html(), "").isBlank()) {
                Objects.requireNonNullElse(read.text(), "").lines().forEach(lines::add);
            } else {
                FileLines.page(String.valueOf(read.html()), lines);
            }
            if (lines.stream().allMatch(String::isBlank)) {
                throw Problem.badRequest("There are no words in it. Paste some, or choose a file.");
            }
            return WorkLimits.within(TIME_LIMIT).bound(() -> QuestionnaireView.of(lines));
        });
    }

    /** The appendices on their pages. */
    @PostMapping("/pages")
    AppendixPagesView pages(@AuthenticationPrincipal SignedIn person, @RequestBody AppendixPageRequest wanted) {
        Brief brief = brief(person, wanted);
        List<AppendixContent> appendices = wanted.appendix().read();
        Paper paper = paper(appendices, brief);
        return AppendixPagesView.of(
                LayoutView.of(Examiner.examine(paper, brief, WorkLimits.within(TIME_LIMIT)), "appendix", 1),
                appendices);
    }

    /** The appendices as a file of their own. */
    @PostMapping(path = "/docx", produces = PaperService.DOCX)
    byte[] docx(@AuthenticationPrincipal SignedIn person, @RequestBody AppendixPageRequest wanted) {
        return DocxWriter.write(paper(wanted.appendix().read(), brief(person, wanted)));
    }

    private static Paper paper(List<AppendixContent> appendices, Brief brief) {
        AppendixInsertion insertion = new AppendixInsertion(brief.guide());
        return SinglePage.of(brief.guide(), insertion.blocks(appendices, 0, "Normal"));
    }

    private Brief brief(SignedIn person, AppendixPageRequest wanted) {
        return papers.briefOf(person.id(), wanted.paper(), wanted.guide());
    }
}
