package grintel.server.paper;

import grintel.server.brief.BriefChoice;
import grintel.server.brief.Patterns;
import grintel.server.brief.Patterns.PatternView;
import grintel.server.paper.PaperRequests.PatternRequest;
import grintel.server.problem.Problem;
import grintel.server.security.SignedIn;
import grintel.server.work.WorkQueue;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Papers used again as patterns for the next. */
@RestController
@RequestMapping(path = "/api", produces = "application/json")
class PatternController {
    private final Patterns patterns;
    private final PaperService papers;
    private final WorkQueue queue;
    private final JsonMapper json;

    PatternController(Patterns patterns, PaperService papers, WorkQueue queue, JsonMapper json) {
        this.patterns = patterns;
        this.papers = papers;
        this.queue = queue;
        this.json = json;
    }

    @GetMapping("/patterns")
    List<PatternView> all(@AuthenticationPrincipal SignedIn person) {
        return patterns.all(person.id());
    }

    /** Keeps what is left of a paper without its words; the paper itself stays as it is. */
    @PostMapping("/papers/{id}/pattern")
    PatternView keep(
            @AuthenticationPrincipal SignedIn person,
            @PathVariable UUID id,
            @Valid @RequestBody PatternRequest wanted) {
        if (!(papers.examined(person.id(), id, null) instanceof PaperService.Examined.Ready ready)) {
            throw Problem.conflict("The paper is being measured just now. Try again in a moment.");
        }
        PaperStore.Loaded loaded = papers.load(person.id(), id);
        BriefChoice brief =
                loaded.steps().get(loaded.paper().currentStep()).details().brief();
        return patterns.keep(person.id(), wanted.name().strip(), brief, ready.report());
    }

    /** Makes a new paper of a pattern and keeps it. */
    @PostMapping("/patterns/{id}/papers")
    WorkView use(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        Patterns.Used used = patterns.use(person.id(), id);
        UUID work = papers.bring(person.id(), Uploads.name(used.name() + ".docx"), used.brief(), used.file());
        return WorkView.of(queue.await(person.id(), work), json);
    }

    @DeleteMapping("/patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        patterns.delete(person.id(), id);
    }
}
