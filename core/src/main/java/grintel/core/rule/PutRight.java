package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.EditSummary;
import grintel.core.edit.WordProof;
import grintel.core.guide.Brief;
import grintel.core.typeset.LayoutLimits;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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
     * @throws WordProof.WordsChangedException when words would have been changed
     * @throws DoesNotConvergeException when findings come back however often they are put right
     */
    public static <M extends Mendable> Result<M> run(
            M file, Brief brief, Predicate<Reading> chosen, LayoutLimits limits) {
        M current = file;
        Report report = Examiner.examine(file.paper(), brief, limits);
        List<Reading> done = new ArrayList<>();
        Set<List<Edit>> made = new LinkedHashSet<>();
        Set<String> changed = new LinkedHashSet<>();
        for (int pass = 0; pass < MOST_PASSES; pass++) {
            Map<Object, Set<Edit>> taken = new LinkedHashMap<>();
            for (Reading finding : report.findings()) {
                if (!finding.edits().isEmpty() && chosen.test(finding)) {
                    if (take(finding.edits(), taken)) {
                        done.add(finding);
                    }
                }
            }
            List<Edit> edits = taken.values().stream().flatMap(Set::stream).toList();
            if (edits.isEmpty()) {
                WordProof.require(file.paper(), current.paper());
                return new Result<>(current, report, done, List.copyOf(changed));
            }
            if (!made.add(edits)) {
                break;
            }
            changed.addAll(EditSummary.of(current.paper(), edits));
            @SuppressWarnings("unchecked") // a file answers with a file of its own kind
            M next = (M) current.with(edits);
            current = next;
            report = Examiner.examine(current.paper(), brief, limits);
        }
        throw new DoesNotConvergeException("Putting right does not come to an end at "
                + report.findings().stream()
                        .filter(finding -> !finding.edits().isEmpty() && chosen.test(finding))
                        .map(Reading::rule)
                        .distinct()
                        .toList()
                + ". Nothing was changed.");
    }

    /** Adds a finding's edits, unless one of them is of a thing that another finding's edit changes otherwise. */
    private static boolean take(List<Edit> wanted, Map<Object, Set<Edit>> taken) {
        for (Edit edit : wanted) {
            Set<Edit> same = taken.get(edit.slot());
            if (same != null && !same.contains(edit)) {
                return false;
            }
        }
        for (Edit edit : wanted) {
            taken.computeIfAbsent(edit.slot(), key -> new LinkedHashSet<>()).add(edit);
        }
        return true;
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
}
