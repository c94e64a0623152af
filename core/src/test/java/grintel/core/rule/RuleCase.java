package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.approved.Approved;
import grintel.core.check.Examiner;
import grintel.core.check.PaperFile;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.check.Verdict;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Station;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.structure.Corrections;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One rule on one file. Whatever is asked of it, it also asserts that wording is whole; after putting right, that no word
 * was changed, that the rule is met, that nothing else went wrong by it and that a second time has nothing to do.
 */
final class RuleCase {
    private final String rule;
    private final Brief brief;
    private final Paper paper;
    private final Report report;

    RuleCase(String rule, String guide, Facts facts, Paper paper) {
        this(rule, guide, null, facts, paper);
    }

    RuleCase(String rule, String guide, @Nullable HouseRules house, Facts facts, Paper paper) {
        this(rule, Brief.of(find(guide), house, facts), paper);
    }

    RuleCase(String rule, Brief brief, Paper paper) {
        this.rule = rule;
        this.brief = brief;
        this.paper = paper;
        this.report = Examiner.examine(paper, brief, WorkLimits.within(20));
        for (Reading reading : report.findings()) {
            assertThat(Wording.message(reading))
                    .doesNotContain("{is}", "{asked}")
                    .isNotBlank();
            assertThat(Wording.name(reading)).isNotBlank();
            assertThat(Wording.why(reading.rule())).isNotBlank();
            assertThat(reading.places()).as(reading.rule()).isNotEmpty();
            assertThat(reading.spots())
                    .as(reading.rule())
                    .extracting(Spot::anchor)
                    .doesNotHaveDuplicates();
        }
        assertThat(report.findings()).extracting(Reading::key).doesNotHaveDuplicates();
        Approved.see(Told.of(rule, report));
    }

    private static Guide find(String id) {
        Guide guide = Guides.find(id);
        assertThat(guide).isNotNull();
        return guide;
    }

    RuleCase isMet() {
        assertThat(status()).isEqualTo(Verdict.Status.MET);
        return this;
    }

    /** The rule is met by this measure, beside what the guide asks for. */
    RuleCase isMet(String is, String asked) {
        assertThat(report.verdict(rule).readings())
                .extracting(reading -> Wording.told(reading.is()) + " | " + Wording.told(reading.asked()))
                .contains(is + " | " + asked);
        return isMet();
    }

    RuleCase isAbsent() {
        assertThat(status()).isEqualTo(Verdict.Status.ABSENT);
        return this;
    }

    RuleCase isNotAsked() {
        assertThat(status()).isEqualTo(Verdict.Status.NOT_ASKED);
        return this;
    }

    /** The rule is asked, and measures nothing. */
    RuleCase isSilent() {
        assertThat(report.notMeasured()).contains(rule);
        return this;
    }

    /** The one finding of the rule measures this. */
    RuleCase isOff(String is, String asked) {
        assertThat(findings()).hasSize(1);
        assertThat(Wording.told(findings().get(0).is())).isEqualTo(is);
        assertThat(Wording.told(findings().get(0).asked())).isEqualTo(asked);
        return this;
    }

    /** The findings of the rule measure these, in order. */
    RuleCase areOff(String... measured) {
        assertThat(findings()).extracting(reading -> Wording.told(reading.is())).containsExactly(measured);
        return this;
    }

    /** The first finding has places at these paragraphs. */
    RuleCase at(Integer... paragraphs) {
        assertThat(findings().get(0).places())
                .extracting(place -> place.paragraph())
                .containsExactly(paragraphs);
        return this;
    }

    /** The first finding's places name these words. */
    RuleCase quoting(String... words) {
        assertThat(findings().get(0).places())
                .extracting(place -> place.quote())
                .containsExactly(words);
        return this;
    }

    /** The first finding has places on these pages. */
    RuleCase onPages(Integer... pages) {
        assertThat(findings().get(0).places()).extracting(place -> place.page()).containsExactly(pages);
        return this;
    }

    /** The rule alone is off, in a paper that gives every rule something to look at. */
    RuleCase andNothingElseIsOff() {
        return andNothingElseIsOffBut();
    }

    /** The rule is off, and of all others these alone, which share its cause. */
    RuleCase andNothingElseIsOffBut(String... rules) {
        assertThat(paper.words()).isGreaterThan(50);
        assertThat(findings()).isNotEmpty();
        assertThat(otherRulesOff()).containsExactlyInAnyOrder(rules);
        return this;
    }

    /** Only the writer can say whether it is put right, and at which places. */
    RuleCase isAsked() {
        assertThat(findings())
                .isNotEmpty()
                .allSatisfy(reading -> assertThat(reading.fixClass()).isEqualTo(FixClass.ASK));
        return this;
    }

    /** Only the writer can put it right, and the finding does not pretend otherwise. */
    void isForTheWriter() {
        assertThat(findings()).isNotEmpty().allSatisfy(reading -> {
            assertThat(reading.fixClass()).isEqualTo(FixClass.NONE);
            assertThat(reading.fix().edits()).isEmpty();
        });
    }

    /** Puts the rule right. */
    RuleCase putRight() {
        return putRightLeaving();
    }

    /** Puts the rule right, after which others have to follow that look at what was made. */
    RuleCase putRightLeaving(String... others) {
        assertThat(status()).isEqualTo(Verdict.Status.OFF);
        List<String> before = new ArrayList<>(otherRulesOff());
        before.addAll(List.of(others));
        PutRight.Result<PaperFile> result = run();
        assertThat(result.leftOut()).isEmpty();
        RuleCase after = new RuleCase(rule, brief, result.file().paper());
        assertThat(after.findings()).isEmpty();
        assertThat(before).containsAll(after.otherRulesOff());
        assertThat(after.run().done()).isEmpty();
        return after;
    }

    /** Puts the rule right at one of its places alone, counted from 0 through its findings; tells what came of it. */
    List<String> puttingRightOnly(int place) {
        PutRight.Result<PaperFile> result = only(place);
        return result.done().stream()
                .map(taken -> Wording.putRight(taken.finding(), result.cameTo(taken), Units.INCHES))
                .toList();
    }

    /** Names of the rule's findings. */
    List<String> keys() {
        return keys(report);
    }

    /** Names of those that are left once it is put right at one of its places alone. */
    List<String> keysOncePutRight(int place) {
        return keys(only(place).report());
    }

    private List<String> keys(Report of) {
        return of.verdict(rule).findings().stream().map(Reading::key).toList();
    }

    private PutRight.Result<PaperFile> only(int place) {
        List<String> places = findings().stream()
                .flatMap(finding -> finding.spots().stream().map(spot -> finding.key() + spot.anchor()))
                .toList();
        PutRight.Choice one = (finding, spot) -> places.get(place).equals(finding.key() + spot.anchor());
        return run(one.once());
    }

    private PutRight.Result<PaperFile> run() {
        return run((reading, spot) -> reading.rule().equals(rule));
    }

    private PutRight.Result<PaperFile> run(PutRight.Choice chosen) {
        return PutRight.run(new PaperFile(paper), report, Corrections.NONE, chosen, WorkLimits.within(20));
    }

    /** What the rule's station measures on a page, as {@link Told#drawn} puts it. */
    List<String> strokes(int page) {
        return report.strokes(Station.of(rule), report.proof().pages().get(page - 1)).stream()
                .map(Told::drawn)
                .toList();
    }

    /** The short title that is offered for the header. */
    String offered() {
        return report.shortTitle();
    }

    /** The paper as it is now. */
    Paper paper() {
        return paper;
    }

    private Verdict.Status status() {
        return report.verdict(rule).status();
    }

    List<Reading> findings() {
        return report.verdict(rule).findings();
    }

    private List<String> otherRulesOff() {
        return report.findings().stream()
                .map(Reading::rule)
                .filter(other -> !other.equals(rule))
                .distinct()
                .toList();
    }
}
