package grintel.server.paper;

import grintel.core.structure.PartKind;
import grintel.server.brief.BriefChoice;
import grintel.server.problem.Problem;
import grintel.server.table.FigureChoice;
import grintel.server.table.TableChoice;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What work on papers is asked to do, as the database keeps it until it is done. */
final class Wishes {
    private Wishes() {}

    /** Say what is understood of the file that comes along. */
    record Understand(String guide) {}

    /** Keep the file that comes along. */
    record Bring(String fileName, BriefChoice brief) {}

    /**
     * Examine the step a paper stands at, or a proof.
     *
     * @param proof number of a proof, or null
     */
    record Examine(UUID paper, @Nullable Integer proof) {}

    /** Let a reading stand for a reason. */
    record Stet(UUID paper, int revision, String reading, String reason) {}

    /**
     * Take paragraphs for what the writer says they are.
     *
     * @param kind what they are, null to have it told again
     * @param level of headings, null to have it told by their look
     */
    record Correct(
            UUID paper,
            int revision,
            Set<Integer> paragraphs,
            @Nullable PartKind kind,
            @Nullable Integer level) {}

    /** Go on with the file that comes along, the same paper edited elsewhere. */
    record BringAgain(UUID paper, int revision) {}

    /** Bring a table in after a paragraph, which is to name it or not. */
    record BringTable(UUID paper, int revision, TableChoice table, int paragraph, boolean mention) {}

    /** Bring a figure in after a paragraph, which is to name it or not. */
    record BringFigure(UUID paper, int revision, FigureChoice figure, int paragraph, boolean mention) {}

    /** Bring in the appendices that come along. */
    record BringAppendix(UUID paper, int revision) {}

    /** Judge by another guide or other facts. */
    record ChangeFacts(UUID paper, int revision, BriefChoice brief) {}

    /** Let a reading that stands be open again. */
    record Lift(UUID paper, int revision, String reading) {}

    /**
     * Which findings to put right: one, those of a station, or all.
     *
     * @param reading key of one reading, or null
     * @param places anchors of the places of that reading that are meant; none for all of them
     * @param station id of one station, or null
     * @param wordsConfirmed whether changes to the paper's apparatus were shown and confirmed
     */
    record PutRight(
            UUID paper,
            int revision,
            @Nullable String reading,
            List<String> places,
            @Nullable String station,
            boolean wordsConfirmed) {
        PutRight {
            places = List.copyOf(places);
            if (reading != null && station != null) {
                throw Problem.badRequest("Name a reading or a station, not both.");
            }
        }
    }
}
