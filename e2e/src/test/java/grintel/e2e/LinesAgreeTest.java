package grintel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Playwright;
import grintel.bench.lines.Chromium;
import grintel.bench.lines.LineComparison;
import grintel.bench.lines.Sample;
import grintel.bench.lines.SampleText;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Our lines end where those of an independent engine end, given the same face, size and width. */
class LinesAgreeTest {
    private static Playwright driver;
    private static Browser browser;

    @BeforeAll
    static void start() {
        driver = Chromium.driver();
        browser = Chromium.launch(driver);
    }

    @AfterAll
    static void stop() {
        browser.close();
        driver.close();
    }

    @Test
    void nearlyAllLinesOfVariedTextEndAtTheSamePlace() {
        LineComparison found = LineComparison.of(new SampleText(20261125).paragraphs(300), browser);
        assertThat(found.pages()).isGreaterThanOrEqualTo(45);
        assertThat(found.agreement()).as("%s", found.differing()).isGreaterThanOrEqualTo(0.999);
        // The signs both are known to read otherwise stay a matter of a few lines in a hundred.
        assertThat(found.readDifferently().size()).isLessThan(found.lines() / 20);
    }

    /** A column of eight letters and a half; the bar shows where the first line ends in ours and in Chromium. */
    @ParameterizedTest
    @CsvSource({
        "'abc and/or', 'abc and/|or', 'abc |and/or'",
        "'abc 12-15 d', 'abc |12-15 d', 'abc 12-|15 d'",
        "'abcde -ab cd', 'abcde |-ab cd', 'abcde -|ab cd'"
    })
    void signsTheTwoReadOtherwise(String text, String ours, String chromiums) {
        LineComparison found = LineComparison.of(List.of(narrow(text)), browser);
        assertThat(found.differing()).isEmpty();
        assertThat(found.readDifferently()).singleElement().satisfies(difference -> {
            assertThat(difference.ours()).isEqualTo(ours);
            assertThat(difference.theirs()).isEqualTo(chromiums);
        });
    }

    @Test
    void signsBothReadAlike() {
        List<Sample> samples = Stream.of(
                        "abc well-known",
                        "abc 12–15 d",
                        "abc ab—cd",
                        "abc ab…cd",
                        "abcdef …ab",
                        "abc 5/6 d",
                        "ab “cde” fg",
                        "abc (de) fg",
                        "abcdefghijklmnop q",
                        "ab\u00A0cd\u00A0efgh",
                        "abcd\u00ADefghijk",
                        "abc\u2011defgh")
                .map(LinesAgreeTest::narrow)
                .toList();
        LineComparison found = LineComparison.of(samples, browser);
        assertThat(found.lines()).isGreaterThanOrEqualTo(2 * samples.size());
        assertThat(found.differing()).isEmpty();
        assertThat(found.readDifferently()).isEmpty();
    }

    private static Sample narrow(String text) {
        return new Sample(List.of(new Sample.Run(text, false, false)), "Courier New", "LiberationMono", 10, 51, 0);
    }
}
