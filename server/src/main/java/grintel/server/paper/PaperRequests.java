package grintel.server.paper;

import grintel.core.structure.PartKind;
import grintel.server.appendix.AppendixViews.AppendixChoice;
import grintel.server.brief.BriefChoice;
import grintel.server.brief.HouseChoice;
import grintel.server.brief.LooseChoice;
import grintel.server.problem.Problem;
import grintel.server.table.FigureChoice;
import grintel.server.table.TableChoice;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked of papers: the bodies of requests. */
final class PaperRequests {
    private PaperRequests() {}

    /**
     * What to put right: one reading, a station, or all where neither is named.
     *
     * @param revision the state of the paper that was looked at
     */
    record PutRightRequest(
            int revision,
            @Nullable String reading,
            @Nullable List<String> places,
            @Nullable String station,
            boolean wordsConfirmed) {
        Wishes.PutRight wish(UUID paper, boolean confirmed) {
            return new Wishes.PutRight(
                    paper, revision, reading, places == null ? List.of() : places, station, confirmed);
        }
    }

    /** A name for a paper. */
    record RenameRequest(
            int revision,

            @NotBlank(message = "Give the paper a name.")
            @Size(max = 300, message = "A name has at most 300 characters.")
            String title) {}

    /**
     * What to judge a paper by.
     *
     * @param more further facts by name
     * @param authors by their whole names
     * @param house what the course asks otherwise
     */
    record FactsRequest(
            int revision,
            String guide,
            @Nullable String surname,
            @Nullable String shortTitle,
            @Nullable Map<String, String> more,
            @Nullable List<BriefChoice.AuthorChoice> authors,
            @Nullable HouseChoice house) {}

    /**
     * A paper to set up.
     *
     * @param samples whether sample headings, entries and an appendix are in it
     */
    record ComposeRequest(BriefChoice brief, boolean samples, String fileName) {}

    /** What to call a paper kept as a pattern. */
    record PatternRequest(
            @NotBlank(message = "Name the pattern.") @Size(max = 150, message = "A name has at most 150 characters.")
            String name) {}

    /** Text to be set as a paper. */
    record SetRequest(BriefChoice brief, LooseChoice text, String fileName) {}

    /** A finding to let stand, and why. */
    record StetRequest(
            int revision,
            @NotNull(message = "Name a reading.") String reading,
            @NotNull(message = "Give a reason.") String reason) {}

    /**
     * Paragraphs and what they are.
     *
     * @param kind one of those on offer; null to have it told again
     * @param level of headings, from 1; null to have it told by their look
     */
    record CorrectRequest(
            int revision,

            @NotNull(message = "Name paragraphs.") @Size(min = 1, max = 5000, message = "Name paragraphs.")
            Set<Integer> paragraphs,

            @Nullable String kind,

            @Nullable
            @Min(value = 1, message = "Levels go from 1 to 9.")
            @Max(value = 9, message = "Levels go from 1 to 9.")
            Integer level) {
        Wishes.Correct wish(UUID paper) {
            return new Wishes.Correct(paper, revision, paragraphs, kind == null ? null : kind(kind), level);
        }

        private static PartKind kind(String id) {
            return PartKind.CORRECTABLE.stream()
                    .filter(each -> each.name().equalsIgnoreCase(id))
                    .findFirst()
                    .orElseThrow(() -> Problem.badRequest("There is no part of this kind. Choose one of the list."));
        }
    }

    /** Appendices to bring into a paper. */
    record AppendixRequest(int revision, AppendixChoice appendix) {
        Wishes.BringAppendix wish(UUID paper) {
            appendix.read();
            return new Wishes.BringAppendix(paper, revision);
        }
    }

    /**
     * A table to bring into a paper.
     *
     * @param paragraph index of the paragraph it comes after
     * @param mention whether that paragraph is to name it
     */
    record TableRequest(int revision, TableChoice table, int paragraph, boolean mention) {
        Wishes.BringTable wish(UUID paper) {
            table.read();
            return new Wishes.BringTable(paper, revision, table, paragraph, mention);
        }
    }

    /**
     * A figure to bring into a paper.
     *
     * @param paragraph index of the paragraph it comes after
     * @param mention whether that paragraph is to name it
     */
    record FigureRequest(int revision, FigureChoice figure, int paragraph, boolean mention) {
        Wishes.BringFigure wish(UUID paper) {
            figure.read();
            return new Wishes.BringFigure(paper, revision, figure, paragraph, mention);
        }
    }

    /** A finding that shall not stand any more. */
    record LiftRequest(
            int revision,
            @NotNull(message = "Name a reading.") String reading) {}

    /** A change of a paper, meant for the state of it that was looked at. */
    record RevisionRequest(int revision) {}
}
