package grintel.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import grintel.core.data.DataException;
import grintel.core.data.DataNode;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.Casing;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.guide.value.Length;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuidesTest {
    private static final String BASE = """
            id: small
            name: Small
            summary: A guide of one rule
            source: Small
            rules:
            """;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "base",
                "mla-9",
                "apa-7-student",
                "apa-7-professional",
                "apa-6",
                "chicago-notes",
                "sbl-2",
                "school-essay"
            })
    void shippedGuidesFollowTheSchema(String id) throws IOException {
        assertThat(schema(GuideSchema.guide()).validate(resource(id + ".yaml"), InputFormat.YAML))
                .isEmpty();
    }

    @Test
    void theSchemaRefusesWhatTheReaderRefuses() throws IOException {
        String good = resource("mla-9.yaml");
        String wrongRule = good.replace("type.face:", "type.faces:");
        String wrongWord = good.replace("content: surname", "content: nickname");
        for (String wrong : List.of(wrongRule, wrongWord)) {
            assertThat(schema(GuideSchema.guide()).validate(wrong, InputFormat.YAML))
                    .isNotEmpty();
        }
        assertThat(schema(GuideSchema.houseRules()).validate("rules: {sheet.margins: {left: 3 cm}}", InputFormat.YAML))
                .isEmpty();
    }

    @Test
    void everyGuideSaysOfEveryRuleWhetherItIsAsked() {
        assertThat(Guides.all())
                .hasSize(7)
                .allSatisfy(guide -> assertThat(guide.asks()).containsOnlyKeys(Demands.ids()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"mla-9", "MLA 9", "mla-8", "mla"})
    void aGuideIsFoundByItsOtherNames(String name) {
        assertThat(Guides.find(name)).isNotNull().extracting(Guide::id).isEqualTo("mla-9");
    }

    @Test
    void aGuideThatExtendsAnotherAsksWhatThatAsksUnlessItSaysOtherwise() {
        Guide student = require("apa-7-student");
        Guide professional = require("apa-7-professional");
        assertThat(professional.ask("sheet.margins")).isEqualTo(student.ask("sheet.margins"));
        assertThat(professional.ask("running-head.text").get(RunningHeadDemands.WORDS_PLACE))
                .isEqualTo(RunningHeadDemands.WordsPlace.LEFT);
        assertThat(require("sbl-2").ask("spacing.line").source()).isEqualTo("SBL 2");
        assertThat(student.ask("spacing.line").source()).isEqualTo("APA 7 §2.21");
        assertThat(require("mla-9").ask("spacing.line").source()).isEqualTo("MLA 9");
    }

    @Test
    void nestedValuesAreWhole() {
        List<HeadingForm> levels = require("apa-6").ask("headings.form").get(HeadingDemands.LEVELS);
        assertThat(levels).hasSize(5);
        assertThat(levels.get(3))
                .isEqualTo(new HeadingForm(
                        Stand.INDENTED, Boldness.BOLD, Slant.ITALIC, false, Casing.SENTENCE, true, true));
    }

    @Test
    void houseRulesChangeOnlyWhatTheySay() {
        HouseRules house = HouseRules.parse("house.yaml", """
                name: Dr. Tamberg's seminar
                guide: mla-9
                rules:
                  sheet.margins: {left: 3 cm}
                  spacing.sentence-gap: {weight: not-asked}
                """);
        Guide guide = Brief.of(require("mla-9"), house, Facts.NONE).guide();
        Ask margins = guide.ask("sheet.margins");
        assertThat(margins.get(SheetDemands.LEFT).twips()).isBetween(1700.0, 1701.0);
        assertThat(margins.get(SheetDemands.RIGHT)).isEqualTo(Length.parse("1 in"));
        assertThat(margins.source()).isEqualTo("MLA 9, Dr. Tamberg's seminar");
        assertThat(guide.ask("spacing.sentence-gap").isAsked()).isFalse();
        assertThat(guide.ask("spacing.line").weight()).isEqualTo(Weight.REQUIRED);
    }

    @Test
    void briefsCompareByValue() {
        String rules = "rules: {sheet.margins: {left: 1.5 in}}";
        Brief one = Brief.of(require("mla-9"), HouseRules.parse("a.yaml", rules), Facts.of("Solvane", ""));
        Brief same = Brief.of(require("mla-9"), HouseRules.parse("b.yaml", rules), Facts.of("Solvane", ""));
        Brief other = Brief.of(
                require("mla-9"),
                HouseRules.parse("a.yaml", "rules: {sheet.margins: {left: 1.6 in}}"),
                Facts.of("Solvane", ""));
        assertThat(one).isEqualTo(same).hasSameHashCodeAs(same).isNotEqualTo(other);
    }

    @Test
    void aMistakeIsRefusedWhenTheFileIsReadWithFileLineAndReason() {
        assertRefused("rules:\n  sheet.colour: {weight: required}", "house.yaml, line 2", "sheet.colour");
        assertRefused("rules:\n\n  sheet.margins: {inner: 1 in}", "line 3", "sheet.margins", "inner", "top, right");
        assertRefused("rules:\n  sheet.margins:\n    left: 1", "line 3", "sheet.margins: left", "unit");
        assertRefused("rules:\n  sheet.margins:\n    left: 9 in", "line 3", "from 0 in to 5 in");
        assertRefused("rules: {spacing.widows: {control: often}}", "control", "keep, loose, any", "often");
        assertRefused("rules: {spacing.line: {weight: perhaps}}", "weight", "required, advised, not-asked");
        assertRefused("rules: {headings.form: {levels: [{stand: up}]}}", "levels[1]: stand", "left, centred, indented");
        assertRefused("rules: {opening.title-page: {present: no}}", "true or false");
        assertRefused("rules: {sheet.columns: {}, sheet.columns: {}}", "said twice");
        assertRefused("rules: [", "YAML");
        assertRefused("rules: &a [*a]", "refers to itself");
        assertRefused("rules: " + "[".repeat(10_000), "nested too deeply");
    }

    private static void assertRefused(String yaml, String... reasons) {
        assertThatThrownBy(() -> HouseRules.parse("house.yaml", yaml))
                .isInstanceOf(DataException.class)
                .message()
                .contains(reasons);
    }

    @Test
    void aValueARuleCannotDoWithoutIsMissedWhenTheGuideIsMade() {
        HouseRules house = HouseRules.parse("house.yaml", "rules:\n  opening.keywords: {}\n  notes.gap: {}");
        assertThatThrownBy(() -> require("school-essay").with(house))
                .isInstanceOf(DataException.class)
                .hasMessageContaining("house.yaml, line 3")
                .hasMessageContaining("notes.gap lacks gap");
        assertThatThrownBy(() ->
                        Guide.read(DataNode.parse("small.yaml", BASE + "  spacing.line: {}"), GuidesTest::require))
                .hasMessageContaining("small.yaml, line 6")
                .hasMessageContaining("multiple");
    }

    @Test
    void everyFactIsReadAsText() {
        Facts facts = Facts.parse("facts.yaml", """
                title: No
                course-number: 0214
                date: 2026-10-09
                authors: [{given: Marit, surname: On}]
                """);
        assertThat(facts.get("title")).isEqualTo("No");
        assertThat(facts.get("course-number")).isEqualTo("0214");
        assertThat(facts.get("date")).isEqualTo("2026-10-09");
        assertThat(facts.surname()).isEqualTo("On");
        assertThatThrownBy(() -> Facts.parse("facts.yaml", "shoe-size: 9"))
                .hasMessageContaining("facts.yaml, line 1")
                .hasMessageContaining("shoe-size");
    }

    private static Guide require(String id) {
        Guide guide = Guides.find(id);
        assertThat(guide).isNotNull();
        return guide;
    }

    private static JsonSchema schema(Map<String, Object> schema) {
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(new ObjectMapper().valueToTree(schema));
    }

    private static String resource(String name) throws IOException {
        try (InputStream in = Guides.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
