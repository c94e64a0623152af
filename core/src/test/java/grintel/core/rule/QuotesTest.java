package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Words fit to be shown, and the hash that tells a paragraph by them. */
class QuotesTest {
    private static final List<String> PIECES =
            List.of("fog", "bell", "–", "é", " ", "  ", "\t", "\n", String.valueOf(Paragraph.OBJECT), "\u0001", ".");

    @Test
    void aTextIsToldByTheHashOfItsPlainWords() {
        Random random = new Random(3);
        for (int i = 0; i < 2000; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(12); k > 0; k--) {
                text.append(PIECES.get(random.nextInt(PIECES.size())));
            }
            String plain = Quotes.plain(text.toString());
            assertThat(plain).doesNotContain("  ", "\t", "\n", String.valueOf(Paragraph.OBJECT));
            assertThat(Quotes.hash(text.toString())).as("\"%s\"", text).isEqualTo(plain.hashCode());
        }
    }

    @Test
    void aLongTextIsCutAtAWord() {
        assertThat(Quotes.first("The bell rings at dusk.")).isEqualTo("The bell rings at dusk.");
        assertThat(Quotes.first("fog ".repeat(40))).isEqualTo("fog ".repeat(14) + "fog…");
        assertThat(Quotes.first("f".repeat(90))).isEqualTo("f".repeat(60) + "…");
    }
}
