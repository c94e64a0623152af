package grintel.core.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class FormattingResolverTest {
    private static Style style(String id, Style.Kind kind, @Nullable String basedOn, PropertySet characters) {
        return Style.of(id, id, kind, basedOn, false, PropertySet.empty(), characters);
    }

    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);

    @Test
    void togglesOfDifferentKindsOfStyleCancelEachOther() {
        Style heading = style("Heading", Style.Kind.PARAGRAPH, null, BOLD);
        Style strong = style("Strong", Style.Kind.CHARACTER, null, BOLD);
        StyleSheet sheet = new StyleSheet(PropertySet.empty(), PropertySet.empty(), List.of(heading, strong));
        FormattingResolver resolver = new FormattingResolver(sheet);
        assertThat(resolver.characters(heading, TableLayers.NONE, null, PropertySet.empty())
                        .get(CharacterProperties.BOLD))
                .isTrue();
        assertThat(resolver.characters(heading, TableLayers.NONE, strong, PropertySet.empty())
                        .get(CharacterProperties.BOLD))
                .isFalse();
        assertThat(resolver.characters(heading, TableLayers.NONE, strong, BOLD).get(CharacterProperties.BOLD))
                .isTrue();
    }

    @Test
    void aToggleTheDefaultsSetHoldsWhateverStylesSay() {
        Style heading = style("Heading", Style.Kind.PARAGRAPH, null, BOLD);
        StyleSheet sheet = new StyleSheet(PropertySet.empty(), BOLD, List.of(heading));
        Formatting format =
                new FormattingResolver(sheet).characters(heading, TableLayers.NONE, null, PropertySet.empty());
        assertThat(format.get(CharacterProperties.BOLD)).isTrue();
        assertThat(format.origin(CharacterProperties.BOLD)).isEqualTo(Origin.DOCUMENT_DEFAULT);
    }

    @Test
    void everyValueKnowsWhereItComesFrom() {
        Style base = style("Base", Style.Kind.PARAGRAPH, null, PropertySet.of(CharacterProperties.SIZE, 22));
        Style child = style("Child", Style.Kind.PARAGRAPH, "Base", PropertySet.empty());
        StyleSheet sheet = new StyleSheet(
                PropertySet.empty(), PropertySet.of(CharacterProperties.FACE, "Arial"), List.of(base, child));
        Formatting format = new FormattingResolver(sheet)
                .characters(child, TableLayers.NONE, null, PropertySet.of(CharacterProperties.ITALIC, true));
        assertThat(format.origin(CharacterProperties.SIZE)).isEqualTo(new Origin.OfStyle("Base"));
        assertThat(format.origin(CharacterProperties.FACE)).isEqualTo(Origin.DOCUMENT_DEFAULT);
        assertThat(format.origin(CharacterProperties.ITALIC)).isEqualTo(Origin.DIRECT);
        assertThat(format.origin(CharacterProperties.COLOUR)).isEqualTo(Origin.INITIAL);
        assertThat(format.withoutDirect().get(CharacterProperties.ITALIC)).isFalse();
    }

    @Test
    void aCircleOfStylesEnds() {
        Style one = style("One", Style.Kind.PARAGRAPH, "Two", PropertySet.of(CharacterProperties.SIZE, 30));
        Style two = style("Two", Style.Kind.PARAGRAPH, "One", PropertySet.of(CharacterProperties.SIZE, 40));
        StyleSheet sheet = new StyleSheet(PropertySet.empty(), PropertySet.empty(), List.of(one, two));
        assertThat(new FormattingResolver(sheet)
                        .characters(one, TableLayers.NONE, null, PropertySet.empty())
                        .get(CharacterProperties.SIZE))
                .isEqualTo(30);
    }

    @Test
    void numbersAreWrittenAsTheirFormatSays() {
        assertThat(NumberFormat.LOWER_ROMAN.format(1994)).isEqualTo("mcmxciv");
        assertThat(NumberFormat.UPPER_LETTER.format(28)).isEqualTo("BB");
        assertThat(NumberFormat.ORDINAL.format(112)).isEqualTo("112th");
        assertThat(NumberFormat.LOWER_ROMAN.format(-3)).isEqualTo("-3");
    }
}
