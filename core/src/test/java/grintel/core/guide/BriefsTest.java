package grintel.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.data.DataException;
import grintel.core.data.DataText;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** House rules as they are written, told against their guide, and found to contradict themselves. */
class BriefsTest {
    static Stream<Guide> guides() {
        return Guides.all().stream();
    }

    @ParameterizedTest
    @MethodSource("guides")
    void allThatAGuideAsksIsWrittenAndReadAgain(Guide guide) {
        Map<String, Object> rules = new LinkedHashMap<>();
        guide.asks().forEach((rule, ask) -> {
            if (ask.isAsked()) {
                rules.put(rule, ask.written());
            }
        });
        HouseRules read = HouseRules.parse("house.yaml", DataText.write(Map.of("name", "all", "rules", rules)));
        assertThat(Difference.between(guide, guide.with(read))).isEmpty();
        assertThat(HouseRules.parse("house.yaml", read.yaml())).isEqualTo(read);
    }

    @ParameterizedTest
    @MethodSource("guides")
    void whatCoursesOftenAskIsSaidInRulesThatFitEveryGuide(Guide guide) {
        for (CommonDifference common : CommonDifference.all()) {
            HouseRules house = HouseRules.parse(
                    common.words(), DataText.write(Map.of("name", common.words(), "rules", common.rules())));
            Guide changed = guide.with(house);
            assertThat(Difference.between(guide, changed))
                    .as(common.words())
                    .allMatch(difference -> !difference.is().equals(difference.guide()));
        }
    }

    @Test
    void differencesNameWhatTheGuideItselfAsks() {
        Guide guide = guide("mla-9");
        HouseRules house = HouseRules.parse("house.yaml", """
                name: LIT 214
                rules:
                  sheet.margins: {left: 1.5 in, right: 1 in}
                  spacing.sentence-gap: {weight: not-asked}
                  running-head.first-page: {first-page: none-on-title-page}
                """);
        assertThat(Difference.between(guide, guide.with(house)))
                .extracting(each -> each.rule() + " " + each.name() + ": " + each.guide() + " > " + each.is())
                .containsExactly(
                        "sheet.margins left: 1 in > 1.5 in",
                        "spacing.sentence-gap weight: advised > not asked",
                        "running-head.first-page first-page: same > none on title page");
    }

    @Test
    void contradictionsAreThoseThatTheHouseRulesBring() {
        Guide guide = guide("apa-7-professional");
        assertThat(contradictions(guide, "running-head.text: {content: none}"))
                .containsExactly(Contradiction.SHORT_TITLE_MEASURED_BUT_NOT_SHOWN);
        assertThat(contradictions(guide, "sheet.margins: {top: 0.5 in, left: 4 in, right: 3.5 in}"))
                .containsExactly(Contradiction.HEADER_IN_THE_TEXT, Contradiction.NO_ROOM_FOR_TEXT);
        assertThat(contradictions(guide, "opening.title-page: {present: false}"))
                .containsExactly(Contradiction.TITLE_PAGE_LINES_WITHOUT_TITLE_PAGE);
        assertThat(contradictions(guide, "opening.abstract: {min-words: 300}"))
                .containsExactly(Contradiction.ABSTRACT_LIMITS);
        assertThat(contradictions(guide, "type.face: {faces: [Verdana]}"))
                .containsExactly(Contradiction.FACE_WITHOUT_SIZE);
        assertThat(contradictions(guide, "spacing.line: {multiple: 1.5}")).isEmpty();
        Guides.all()
                .forEach(each -> assertThat(Contradictions.between(each, each)).isEmpty());
    }

    @Test
    void whatIsNoHouseRuleIsRefusedWithItsLine() {
        assertThatThrownBy(() -> HouseRules.parse("house.yaml", "rules:\n  sheet.margins: {left: wide}\n"))
                .isInstanceOf(DataException.class)
                .hasMessageContaining("house.yaml, line 2");
        assertThatThrownBy(() -> HouseRules.parse("house.yaml", "rules:\n  sheet.edges: {}\n"))
                .hasMessageContaining("there is no such rule");
    }

    private static List<Contradiction> contradictions(Guide guide, String rule) {
        return Contradictions.between(guide, guide.with(HouseRules.parse("house.yaml", "rules:\n  " + rule + "\n")));
    }

    private static Guide guide(String id) {
        return Guides.all().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
