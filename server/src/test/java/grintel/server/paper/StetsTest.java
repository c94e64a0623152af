package grintel.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.value.Length;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import org.junit.jupiter.api.Test;

class StetsTest {
    private static final Reading LEFT = reading("left", "1.25 in");

    private static Reading reading(String name, String is) {
        return Reading.met(
                "sheet.margins", name, Measure.distance(Length.parse(is)), Measure.distance(Length.parse("1 in")));
    }

    @Test
    void holdForTheVeryMeasureOnly() {
        Stets stets = Stets.NONE.with(LEFT.key(), "as in the sample");
        assertThat(stets.reason(reading("left", "1.25 in"))).isNotNull();
        assertThat(stets.reason(reading("left", "90.1 pt")))
                .as("as programs round")
                .isNotNull();
        assertThat(stets.reason(reading("left", "1.5 in"))).isNull();
        assertThat(stets.reason(reading("right", "1.25 in"))).isNull();
    }

    @Test
    void areLiftedOneByOne() {
        String left = LEFT.key();
        Stets stets = Stets.NONE.with(left, "one").with("other", "two");
        assertThat(stets.without(left).reasons()).containsOnlyKeys("other");
        assertThat(stets.without("nothing")).isEqualTo(stets);
        assertThat(stets.with(left, "another reason").reason(LEFT)).isEqualTo("another reason");
    }
}
