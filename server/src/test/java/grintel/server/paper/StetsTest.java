package grintel.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import java.util.List;
import org.junit.jupiter.api.Test;

class StetsTest {
    private static final Reading LEFT = reading("left", "1.25 in");

    private static Reading reading(String name, String is) {
        return Reading.off("sheet.margins", name, Quantity.words(is), Quantity.words("1 in"), List.of(), List.of());
    }

    @Test
    void areKeptAndReadBackWithAnyReason() {
        Stets stets = Stets.NONE
                .with(ReadingKey.of(LEFT), "as the “sample”\thas it;\nDr. Tamberg")
                .with(ReadingKey.of(reading("top", "2 in")), "x");
        Stets back = Stets.decode(stets.encoded());
        assertThat(back).isEqualTo(stets);
        assertThat(back.reason(LEFT)).isEqualTo("as the “sample” has it; Dr. Tamberg");
        assertThat(Stets.decode("")).isEqualTo(Stets.NONE);
    }

    @Test
    void holdForTheVeryMeasureOnly() {
        Stets stets = Stets.NONE.with(ReadingKey.of(LEFT), "as in the sample");
        assertThat(stets.reason(reading("left", "1.25 in"))).isNotNull();
        assertThat(stets.reason(reading("left", "1.5 in"))).isNull();
        assertThat(stets.reason(reading("right", "1.25 in"))).isNull();
    }

    @Test
    void areLiftedOneByOne() {
        String left = ReadingKey.of(LEFT);
        Stets stets = Stets.NONE.with(left, "one").with("other", "two");
        assertThat(stets.without(left).reasons()).containsOnlyKeys("other");
        assertThat(stets.without("nothing")).isEqualTo(stets);
        assertThat(stets.with(left, "another reason").reason(LEFT)).isEqualTo("another reason");
    }
}
