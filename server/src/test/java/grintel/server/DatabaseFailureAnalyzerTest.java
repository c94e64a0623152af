package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.diagnostics.FailureAnalysis;

class DatabaseFailureAnalyzerTest {
    @ParameterizedTest
    @CsvSource({"08001, GRINTEL_DB_URL", "28P01, GRINTEL_DB_PASSWORD", "3D000, not there", "42501, may not set up"})
    void whatIsWrongWithTheDatabaseIsSaidInALine(String state, String said) {
        FailureAnalysis analysis = new DatabaseFailureAnalyzer()
                .analyze(new IllegalStateException(new SQLException("a long story", state)));
        assertThat(analysis).isNotNull();
        assertThat(analysis.getDescription())
                .contains(said)
                .doesNotContain("\n")
                .doesNotContain("a long story");
    }

    @ParameterizedTest
    @CsvSource({"42601", "''"})
    void otherFailuresAreNotItsBusiness(String state) {
        assertThat(new DatabaseFailureAnalyzer().analyze(new IllegalStateException(new SQLException("x", state))))
                .isNull();
    }
}
