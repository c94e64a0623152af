package grintel.server.brief;

import grintel.core.data.DataException;
import grintel.core.guide.Guide;
import grintel.core.guide.GuideSchema;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import grintel.server.brief.HouseRulesViews.HouseRequest;
import grintel.server.brief.HouseRulesViews.HouseSetView;
import grintel.server.brief.HouseRulesViews.ReadView;
import grintel.server.brief.HouseRulesViews.SharedSetView;
import grintel.server.brief.HouseRulesViews.ToldView;
import grintel.server.problem.Problem;
import grintel.server.security.SignedIn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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

/** A person's library of house rules, and those that others share. */
@RestController
@RequestMapping(path = "/api", produces = "application/json")
class HouseRulesController {
    private static final int LONGEST_FILE = 200_000;

    private final HouseRulesLibrary library;

    HouseRulesController(HouseRulesLibrary library) {
        this.library = library;
    }

    @GetMapping("/house-rules")
    List<HouseSetView> all(@AuthenticationPrincipal SignedIn person) {
        return library.all(person.id()).stream().map(HouseSetView::of).toList();
    }

    @PostMapping("/house-rules")
    HouseSetView keep(@AuthenticationPrincipal SignedIn person, @RequestBody HouseRequest wanted) {
        return HouseSetView.of(library.keep(person.id(), wanted.guide(), wanted.house()));
    }

    @PutMapping("/house-rules/{id}")
    HouseSetView change(
            @AuthenticationPrincipal SignedIn person, @PathVariable UUID id, @RequestBody HouseRequest wanted) {
        return HouseSetView.of(library.change(person.id(), id, wanted.guide(), wanted.house()));
    }

    @PostMapping("/house-rules/{id}/copy")
    HouseSetView copy(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return HouseSetView.of(library.copy(person.id(), id));
    }

    @PostMapping("/house-rules/{id}/link")
    HouseSetView share(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return HouseSetView.of(library.share(person.id(), id));
    }

    @DeleteMapping("/house-rules/{id}/link")
    HouseSetView unshare(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        return HouseSetView.of(library.unshare(person.id(), id));
    }

    @DeleteMapping("/house-rules/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        library.delete(person.id(), id);
    }

    /** A set as a file to hand on. */
    @GetMapping(path = "/house-rules/{id}/file", produces = "application/yaml")
    ResponseEntity<String> file(@AuthenticationPrincipal SignedIn person, @PathVariable UUID id) {
        HouseRuleSet set = library.find(person.id(), id);
        HouseRules read = set.house().read();
        String name = read.name().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename((name.isEmpty() ? "house-rules" : name) + ".yaml", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new HouseRules(read.name(), set.guide(), read.changes()).yaml());
    }

    /** How such a file is written (JSON Schema). */
    @GetMapping("/house-rules/schema")
    Map<String, Object> schema() {
        return GuideSchema.houseRules();
    }

    /**
     * Reads a file of house rules, without keeping it.
     *
     * @param guide what they are laid over where the file names none
     */
    @PostMapping(path = "/house-rules/reading", consumes = MediaType.TEXT_PLAIN_VALUE)
    ReadView read(@RequestBody String file, @RequestParam String guide, @RequestParam(defaultValue = "") String name) {
        if (file.length() > LONGEST_FILE) {
            throw Problem.tooLarge("A file of house rules has at most 200,000 characters.");
        }
        try {
            HouseRules rules = HouseRules.parse(name.isBlank() ? "the file" : name, file);
            Guide found = Guides.find(rules.guide().isEmpty() ? guide : rules.guide());
            if (found == null) {
                throw Problem.badRequest(
                        "The file is meant for the guide \"" + rules.guide() + "\", and there is none of this name.");
            }
            found.with(rules);
            return new ReadView(found.id(), HouseChoice.of(rules));
        } catch (DataException e) {
            throw Problem.badRequest(String.valueOf(e.getMessage()));
        }
    }

    /** What rules ask otherwise than their guide, and where they contradict themselves. */
    @PostMapping("/house-rules/told")
    ToldView told(@RequestBody HouseRequest wanted) {
        Guide guide = BriefChoice.guide(wanted.guide());
        return ToldView.of(guide, HouseChoice.of(guide, wanted.name(), wanted.rules()));
    }

    @GetMapping("/shared-rules/{token}")
    SharedSetView shared(@PathVariable String token) {
        return SharedSetView.of(library.shared(token));
    }

    @PostMapping("/shared-rules/{token}")
    HouseSetView takeOver(@AuthenticationPrincipal SignedIn person, @PathVariable String token) {
        return HouseSetView.of(library.takeOver(person.id(), token));
    }
}
