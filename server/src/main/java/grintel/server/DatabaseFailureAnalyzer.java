package grintel.server;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in one line why the server cannot start without its database. */
class DatabaseFailureAnalyzer extends AbstractFailureAnalyzer<SQLException> {
    @Override
    protected @Nullable FailureAnalysis analyze(Throwable root, SQLException cause) {
        String state = cause.getSQLState() == null ? "" : cause.getSQLState();
        // The states of connecting and signing in (PostgreSQL's Appendix A).
        String why = switch (state) {
            case "08001", "08004", "08006" -> "The database cannot be reached at GRINTEL_DB_URL.";
            case "28P01", "28000" -> "The database refuses GRINTEL_DB_USER with GRINTEL_DB_PASSWORD.";
            case "3D000" -> "The database that GRINTEL_DB_URL names is not there.";
            case "42501" -> "GRINTEL_DB_USER may not set up tables in the database.";
            default -> null;
        };
        return why == null ? null : new FailureAnalysis(why, "Set it right, then start again.", cause);
    }
}
