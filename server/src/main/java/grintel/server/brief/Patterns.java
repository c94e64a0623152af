package grintel.server.brief;

import grintel.core.check.Report;
import grintel.core.compose.FoundFacts;
import grintel.core.compose.Outline;
import grintel.core.guide.Facts;
import grintel.server.problem.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Papers kept as patterns for the next ones. Using one makes a new paper; neither pattern nor paper is changed. */
@Service
public class Patterns {
    private static final int MOST = 200;
    /** What the next paper has of its own, and what is kept of this one. */
    private static final Set<String> REPLACED = Set.of("title", "subtitle", "short-title", "assignment", "date");

    private final PatternRepository patterns;
    private final Clock clock;

    Patterns(PatternRepository patterns, Clock clock) {
        this.patterns = patterns;
        this.clock = clock;
    }

    /** A pattern in the list. */
    public record PatternView(UUID id, String name, String guide, Instant madeAt) {
        static PatternView of(Pattern pattern) {
            return new PatternView(
                    pattern.id(), pattern.name(), pattern.brief().found().name(), pattern.madeAt());
        }
    }

    @Transactional(readOnly = true)
    public List<PatternView> all(UUID account) {
        return patterns.findByAccountIdOrderByMadeAtDesc(account).stream()
                .map(PatternView::of)
                .toList();
    }

    /**
     * Keeps a paper as a pattern.
     *
     * @param report what was understood of the paper
     * @throws Problem when there are too many
     */
    @Transactional
    public PatternView keep(UUID account, String name, BriefChoice brief, Report report) {
        if (patterns.countByAccountId(account) >= MOST) {
            throw Problem.conflict("There are 200 patterns already. Delete one to make room.");
        }
        Outline outline = Outline.of(report.parts());
        return PatternView.of(
                patterns.save(new Pattern(account, name, emptied(brief, report), outline, clock.instant())));
    }

    /** The brief of the next paper: who writes, where and for whom stays; what names the paper waits to be said. */
    private static BriefChoice emptied(BriefChoice brief, Report report) {
        Facts known = brief.brief().facts().over(FoundFacts.of(report.parts().facts()));
        Map<String, String> more = new LinkedHashMap<>(known.values());
        more.keySet().removeAll(REPLACED);
        List<BriefChoice.AuthorChoice> authors = known.authors().stream()
                .filter(author -> !author.given().isEmpty())
                .map(BriefChoice.AuthorChoice::of)
                .toList();
        return BriefChoice.of(brief.guide(), brief.surname(), "", more, authors, brief.house());
    }

    /** The brief and the file of a new paper of a pattern. */
    @Transactional(readOnly = true)
    public Used use(UUID account, UUID id) {
        Pattern pattern = find(account, id);
        return new Used(pattern.name(), pattern.brief(), ComposedPapers.of(pattern.brief(), pattern.outline()));
    }

    @Transactional
    public void delete(UUID account, UUID id) {
        patterns.delete(find(account, id));
    }

    private Pattern find(UUID account, UUID id) {
        return patterns.findByIdAndAccountId(id, account)
                .orElseThrow(() -> Problem.notFound("There is no such pattern."));
    }

    /** A new paper. */
    public record Used(String name, BriefChoice brief, byte[] file) {}
}
