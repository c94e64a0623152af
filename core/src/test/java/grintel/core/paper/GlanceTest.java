package grintel.core.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A glance says of a text what a closer look would. */
class GlanceTest {
    private static final List<String> PIECES = List.of(
            "fog", "Bell", " ", "  ", "\t", "\u00A0", "-", "--", "7", "XX", "é", "“", "—", "(", "{", "\uD835\uDC4E");
    private static final String SIGNS = "-({[\"XBT";

    @Test
    void whatItSaysIsWhatALookAtEachCharacterFinds() {
        Random random = new Random(5);
        for (int i = 0; i < 3000; i++) {
            StringBuilder out = new StringBuilder();
            for (int k = random.nextInt(9); k > 0; k--) {
                out.append(PIECES.get(random.nextInt(PIECES.size())));
            }
            String text = out.toString();
            Glance glance = Glance.of(text);
            for (char sign : SIGNS.toCharArray()) {
                assertThat(glance.mayHold(sign)).as(text).isEqualTo(text.indexOf(sign) >= 0);
                assertThat(glance.holdsTwo(sign)).as(text).isEqualTo(text.contains("" + sign + sign));
            }
            assertThat(glance.holdsDigit()).as(text).isEqualTo(text.contains("7"));
            assertThat(glance.holdsTwoSpaces()).as(text).isEqualTo(text.matches("(?s).*[ \\t\u00A0]{2}.*"));
            assertThat(glance.mayHoldAny("“—") || text.chars().noneMatch(c -> c == '“' || c == '—'))
                    .as(text)
                    .isTrue();
            assertThat(glance.words()).as(text).isEqualTo((int) Arrays.stream(text.split("[ \\t\u00A0]+"))
                    .filter(word -> word.codePoints().anyMatch(Character::isLetterOrDigit))
                    .count());
        }
    }

    @Test
    void whatNoTextHoldsIsNotSeen() {
        Glance glance = Glance.of("Fog bells ring at dusk");
        assertThat(glance.mayHoldAny("[]{}<>©®™“”–—")).isFalse();
        assertThat(glance.mayHoldAny("[f")).isTrue();
        assertThat(Glance.of("").words()).isZero();
    }
}
