package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.structure.PaperFacts;
import grintel.core.typeset.Proof;
import java.util.List;

/**
 * What was understood of a file.
 *
 * @param surname as the paper says it, or empty
 * @param shortTitle to offer for the header, or empty
 * @param approximate faces set in a stand-in of other widths
 */
record Understanding(
        String title,
        String surname,
        String shortTitle,
        int pages,
        int words,
        int tables,
        int pictures,
        int notes,
        int comments,
        int trackedChanges,
        List<String> approximate,
        List<String> oddities) {
    static Understanding of(Report report) {
        PaperFacts facts = report.parts().facts();
        Proof proof = report.proof();
        int pictures =
                proof.pages().stream().mapToInt(page -> page.pictures().size()).sum();
        return new Understanding(
                facts.title(),
                facts.surname() == null ? "" : facts.surname(),
                report.shortTitle(),
                proof.pages().size(),
                report.paper().words(),
                Counts.tables(report.paper()),
                pictures,
                report.paper().notes().size(),
                report.paper().comments().size(),
                report.paper().trackedChanges(),
                List.copyOf(proof.approximate()),
                report.paper().oddities());
    }
}
