package grintel.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.data.DataException;
import grintel.core.edit.EditRefusedException;
import grintel.core.limit.TooLargeException;
import grintel.formats.UnreadableFileException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

class ProblemsTest {
    static Stream<Arguments> known() {
        return Stream.of(
                Arguments.of(Problem.notFound("There is no such paper."), 404, "There is no such paper."),
                Arguments.of(new UnreadableFileException("The file is damaged."), 422, "The file is damaged."),
                Arguments.of(new TooLargeException("Too many pages."), 422, "Too many pages."),
                Arguments.of(new OutOfMemoryError("heap"), 422, "The file needs more memory"),
                Arguments.of(new StackOverflowError(), 422, "The file needs more memory"),
                Arguments.of(new DataException("guide.yaml has no rules."), 400, "guide.yaml has no rules."),
                Arguments.of(
                        new EditRefusedException("The paper has no such place."), 409, "The paper has no such place."),
                Arguments.of(new ObjectOptimisticLockingFailureException("paper", 1), 409, "changed in another window"),
                Arguments.of(
                        new IllegalStateException(new SQLException("could not extend file", "53100")), 507, "disk"),
                Arguments.of(new UncheckedIOException(new IOException("/tmp/x: No space left on device")), 507, "disk"),
                Arguments.of(new DataAccessResourceFailureException("gone"), 503, "cannot reach its store"),
                Arguments.of(new CannotCreateTransactionException("gone"), 503, "cannot reach its store"),
                Arguments.of(
                        new IllegalStateException(new SQLException("cut", "08006")), 503, "cannot reach its store"),
                Arguments.of(new DataIntegrityViolationException("no such paper"), 409, "changed in another window"),
                Arguments.of(
                        new IllegalStateException(new SQLException("invalid byte sequence", "22021")),
                        400,
                        "characters that cannot be kept"));
    }

    @ParameterizedTest
    @MethodSource("known")
    void whatIsKnownIsToldInItsOwnWords(Throwable thrown, int status, String told) {
        Problem problem = Problems.of(thrown);
        assertThat(problem.detail().getStatus()).isEqualTo(status);
        assertThat(problem.detail().getDetail()).contains(told);
    }

    @Test
    void whatIsUnforeseenTellsAReferenceAndNothingElse() {
        Problem problem = Problems.of(new IllegalStateException("secret place /etc", new SQLException("x", "42601")));
        assertThat(problem.detail().getStatus()).isEqualTo(500);
        assertThat(problem.detail().getDetail())
                .matches("Something went wrong inside Grintel \\(reference [0-9a-f]{6}\\).*")
                .doesNotContain("secret");
        assertThat(Problems.of(new IllegalStateException()).getMessage()).isNotEqualTo(problem.getMessage());
    }

    @Test
    void aProblemKeptWithWorkIsToldAsItWas() {
        for (Problem problem :
                new Problem[] {Problem.changedElsewhere(), Problem.stopped(), Problem.unusable("Not readable.")}) {
            assertThat(problem.told().problem().detail()).isEqualTo(problem.detail());
        }
        assertThat(Problem.changedElsewhere().detail().getType()).hasToString("urn:grintel:changed-elsewhere");
        assertThat(Problem.unusable("x").detail().getType()).hasToString("about:blank");
    }
}
