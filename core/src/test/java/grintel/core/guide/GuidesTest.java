package grintel.core.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import grintel.core.data.DataException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuidesTest {
    @ParameterizedTest
    @ValueSource(strings = {"mla-9", "apa-7-student", "school-essay"})
    void shippedGuidesFollowThePublishedSchema(String id) throws IOException {
        JsonSchema schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(resource("guide.schema.json"));
        assertThat(schema.validate(resource(id + ".yaml"), InputFormat.YAML)).isEmpty();
    }

    @Test
    void theSchemaRefusesARuleThatDoesNotExist() throws IOException {
        JsonSchema schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(resource("guide.schema.json"));
        String wrong = resource("mla-9.yaml").replace("sheet.columns", "sheet.colums");
        assertThat(schema.validate(wrong, InputFormat.YAML)).isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"mla-9", "MLA 9", "mla-8", "mla"})
    void aGuideIsFoundByItsOtherNames(String name) {
        assertThat(Guides.find(name)).isNotNull().extracting(Guide::id).isEqualTo("mla-9");
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
        Ask margins = guide.asks().get("sheet.margins");
        assertThat(margins.length("left").twips()).isBetween(1700.0, 1701.0);
        assertThat(margins.length("right").rounded()).isEqualTo(1440);
        assertThat(guide.asks().get("spacing.sentence-gap").weight()).isEqualTo(Weight.NOT_ASKED);
        assertThat(guide.asks().get("spacing.line").weight()).isEqualTo(Weight.REQUIRED);
    }

    @Test
    void aMistakeInHouseRulesIsNamedWithItsPlace() {
        assertThatThrownBy(() -> HouseRules.parse("house.yaml", "rules: {sheet.colour: {weight: required}}"))
                .isInstanceOf(DataException.class)
                .hasMessageContaining("sheet.colour");
        HouseRules wrongValue = HouseRules.parse("house.yaml", "rules: {sheet.margins: {inner: 1 in}}");
        assertThatThrownBy(() -> require("mla-9").with(wrongValue)).hasMessageContaining("inner");
        HouseRules wrongUnit = HouseRules.parse("house.yaml", "rules: {sheet.margins: {left: 1}}");
        assertThatThrownBy(() -> require("mla-9")
                        .with(wrongUnit)
                        .asks()
                        .get("sheet.margins")
                        .length("left"))
                .hasMessageContaining("sheet.margins: left")
                .hasMessageContaining("unit");
        assertThatThrownBy(() -> HouseRules.parse("house.yaml", "rules: [")).hasMessageContaining("YAML");
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
        assertThatThrownBy(() -> Facts.parse("facts.yaml", "shoe-size: 9")).hasMessageContaining("shoe-size");
    }

    private static Guide require(String id) {
        Guide guide = Guides.find(id);
        assertThat(guide).isNotNull();
        return guide;
    }

    private static String resource(String name) throws IOException {
        try (InputStream in = Guides.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
