package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.EditSet;
import grintel.core.edit.EditSummary;
import grintel.core.edit.PaperEditor;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Brief;
import grintel.core.paper.Paper;
import grintel.core.typeset.LayoutLimits;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Puts findings right: makes their edits, examines the result, and goes on until none of them is left. Edits that
 * cannot be made together wait for the next pass.
 */
public final class PutRight {
    private static final int MOST_PASSES = 8;

    private PutRight() {}

    /**
     * Puts the chosen findings right.
     *
     * @param chosen which findings to put right, asked anew in each pass
     * @throws WordsChangedException when words would have been changed
     * @throws DoesNotConvergeException when findings come back however often they are put right
     */
    public static <M extends Mendable> Result<M> run(
            M file, Brief brief, Predicate<Reading> chosen, LayoutLimits limits) {
        Paper current = file.paper();
        Report report = Examiner.examine(current, brief, limits);
        List<Reading> done = new ArrayList<>();
        List<List<Edit>> passes = new ArrayList<>();
        Set<String> changed = new LinkedHashSet<>();
        while (passes.size() < MOST_PASSES) {
            EditSet taken = new EditSet();
            for (Reading finding : report.findings()) {
                if (!finding.edits().isEmpty() && chosen.test(finding) && taken.add(finding.edits())) {
                    done.add(finding);
                }
            }
            if (taken.isEmpty()) {
                return new Result<>(finish(file, passes, current), report, done, List.copyOf(changed));
            }
            List<Edit> edits = taken.edits();
            if (passes.contains(edits)) {
                break;
            }
            passes.add(edits);
            changed.addAll(EditSummary.of(current, edits));
            Paper next = PaperEditor.apply(current, edits);
            requireWords(WordLedger.of(current).after(edits), WordLedger.of(next));
            current = next;
            report = Examiner.examine(current, brief, limits);
        }
        throw new DoesNotConvergeException("Putting right does not come to an end at "
                + report.findings().stream()
                        .filter(finding -> !finding.edits().isEmpty() && chosen.test(finding))
                        .map(Reading::rule)
                        .distinct()
                        .toList()
                + ". Nothing was changed.");
    }

    /** Makes the edits to the file itself and proves that its words are those expected. */
    private static <M extends Mendable> M finish(M file, List<List<Edit>> passes, Paper expected) {
        if (passes.isEmpty()) {
            return file;
        }
        @SuppressWarnings("unchecked") // a file answers with a file of its own kind
        M edited = (M) file.with(passes);
        requireWords(WordLedger.of(expected), WordLedger.of(edited.paper()));
        return edited;
    }

    private static void requireWords(WordLedger expected, WordLedger found) {
        if (!expected.isSameAs(found)) {
            throw new WordsChangedException("Putting the paper right would have changed words near \""
                    + expected.firstDifference(found) + "\". Nothing was changed.");
        }
    }

    /**
     * A file put right.
     *
     * @param report the examination after
     * @param done the findings that were put right, as they were before
     * @param changed what changed in the file, a phrase each
     */
    public record Result<M extends Mendable>(M file, Report report, List<Reading> done, List<String> changed) {
        public Result {
            done = List.copyOf(done);
            changed = List.copyOf(changed);
        }
    }

    /** Findings come back; the result was thrown away. */
    public static final class DoesNotConvergeException extends RuntimeException {
        DoesNotConvergeException(String message) {
            super(message);
        }
    }

    /** Words would have been changed; the result was thrown away. */
    public static final class WordsChangedException extends RuntimeException {
        WordsChangedException(String message) {
            super(message);
        }
    }
}
