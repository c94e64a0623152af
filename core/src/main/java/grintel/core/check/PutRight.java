package grintel.core.check;

import grintel.core.edit.Edit;
import grintel.core.edit.EditRefusedException;
import grintel.core.edit.EditSet;
import grintel.core.edit.EditSummary;
import grintel.core.edit.PaperEditor;
import grintel.core.edit.WordChange;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.rule.Fix;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Spot;
import grintel.core.structure.Corrections;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.jspecify.annotations.Nullable;

/**
 * Puts findings right: makes their edits, examines the result, and goes on until none of them is left. Edits that
 * cannot be made together wait for the next pass. A rule whose edits are refused, or whose findings come back however
 * often they are put right, is left out, and the rest is put right without it.
 */
public final class PutRight<M extends Mendable> {
    private static final int MOST_PASSES = 8;

    private final M file;
    private final Corrections corrections;
    private final Choice chosen;
    private final WorkLimits limits;
    private final Report before;
    private final Map<String, Reason> leftOut = new LinkedHashMap<>();

    private PutRight(M file, Corrections corrections, Choice chosen, WorkLimits limits, Report before) {
        this.file = file;
        this.corrections = corrections;
        this.chosen = chosen;
        this.limits = limits;
        this.before = before;
    }

    /** Which places of which findings are put right; asked anew in each pass. */
    @FunctionalInterface
    public interface Choice {
        boolean takes(Reading finding, Spot spot);

        /**
         * Whether a finding is taken in one pass alone. So it must be where places are named: of two alike that are told
         * apart by their number, the second bears the name of the first once that is put right.
         */
        default boolean isOnce() {
            return false;
        }

        /** This choice, each finding taken in one pass alone. */
        default Choice once() {
            Choice each = this;
            return new Choice() {
                @Override
                public boolean takes(Reading finding, Spot spot) {
                    return each.takes(finding, spot);
                }

                @Override
                public boolean isOnce() {
                    return true;
                }
            };
        }

        /** All places whose fix goes no further than a class. */
        static Choice upTo(FixClass furthest) {
            return (finding, spot) -> spot.fix().compareTo(furthest) <= 0;
        }
    }

    /**
     * Puts the chosen findings right.
     *
     * @throws WordsChangedException when words would have been changed that no edit declares
     */
    public static <M extends Mendable> Result<M> run(M file, Brief brief, Choice chosen, WorkLimits limits) {
        Report before = Examiner.examine(file.paper(), brief, limits);
        return run(file, before, Corrections.NONE, chosen, limits);
    }

    /**
     * Puts the chosen findings of an examination right.
     *
     * @param before the examination of this very file, by the same corrections
     * @param corrections what the writer has said of the paper's parts
     * @throws WordsChangedException when words would have been changed that no edit declares
     */
    public static <M extends Mendable> Result<M> run(
            M file, Report before, Corrections corrections, Choice chosen, WorkLimits limits) {
        return limits.bound(() -> new PutRight<>(file, corrections, chosen, limits, before).run());
    }

    private Result<M> run() {
        // Each turn that does not end leaves out one more rule at least.
        while (true) {
            Attempt attempt = attempt();
            if (attempt.ended) {
                int rules = leftOut.size();
                try {
                    return finish(attempt);
                } catch (EditRefusedException | WordsChangedException e) {
                    leaveOutWhatTheFileRefuses(attempt);
                    if (leftOut.size() == rules) {
                        throw e;
                    }
                }
            }
        }
    }

    // ---- on the paper

    private Attempt attempt() {
        Attempt attempt = new Attempt(file.paper(), before);
        while (attempt.passes.size() < MOST_PASSES) {
            Pass pass = take(attempt);
            if (pass.edits.isEmpty()) {
                attempt.ended = true;
                return attempt;
            }
            if (attempt.passes.contains(pass.edits) || !make(attempt, pass)) {
                break;
            }
        }
        if (!attempt.failed) {
            List<Reading> left = attempt.findings();
            left.forEach(finding -> leaveOut(finding.rule(), Reason.DOES_NOT_END));
            attempt.ended = left.isEmpty();
        }
        return attempt;
    }

    /** What can be put right in one pass. */
    private Pass take(Attempt attempt) {
        EditSet taken = new EditSet();
        List<Taken> findings = new ArrayList<>();
        boolean all = true;
        for (Reading finding : attempt.report.findings()) {
            if (leftOut.containsKey(finding.rule()) || chosen.isOnce() && attempt.hasTaken(finding)) {
                continue;
            }
            List<Spot> spots = finding.spots().stream()
                    .filter(spot -> chosen.takes(finding, spot))
                    .toList();
            Fix fix = spots.isEmpty() ? Fix.NOTHING : finding.fix(spots);
            if (!fix.isEmpty() && taken.add(fix.edits())) {
                findings.add(new Taken(finding, spots, fix));
            } else {
                all &= fix.isEmpty();
            }
        }
        return new Pass(findings, taken.edits(), all);
    }

    /**
     * What is put right in one pass.
     *
     * @param all whether nothing that can be put right waits for the next one
     */
    private record Pass(List<Taken> findings, List<Edit> edits, boolean all) {}

    /** Makes a pass; where it cannot be made, leaves out the rule that stands in the way. */
    private boolean make(Attempt attempt, Pass pass) {
        List<Edit> edits = pass.edits;
        try {
            WordLedger words = attempt.report.ledger();
            WordLedger declared = words.after(edits);
            Paper next = applied(attempt.paper, declared, edits);
            attempt.passes.add(edits);
            attempt.written = pass.all ? write(attempt.passes) : null;
            attempt.done.addAll(pass.findings);
            attempt.changed.addAll(EditSummary.of(attempt.paper, edits));
            attempt.words.addAll(words.changes(edits, declared));
            attempt.paper = next;
            attempt.report = Examiner.examine(next, before.brief(), corrections, limits);
            return true;
        } catch (EditRefusedException | WordsChangedException e) {
            attempt.failed = true;
            leaveOutCulprit(attempt.paper, pass.findings);
            return false;
        }
    }

    /** The paper with edits made, its words held against those the edits declare. */
    private static Paper applied(Paper paper, WordLedger declared, List<Edit> edits) {
        Paper next = PaperEditor.apply(paper, edits);
        if (!declared.isSameAs(WordLedger.of(next))) {
            throw new WordsChangedException(paper, next);
        }
        return next;
    }

    private void leaveOutCulprit(Paper paper, List<Taken> findings) {
        List<Edit> edits = new ArrayList<>();
        for (Taken taken : findings) {
            edits.addAll(taken.fix.edits());
            try {
                List<Edit> together = edits.stream().distinct().toList();
                applied(paper, WordLedger.of(paper).after(together), together);
            } catch (EditRefusedException e) {
                leaveOut(taken.finding.rule(), Reason.REFUSED);
                return;
            } catch (WordsChangedException e) {
                leaveOut(taken.finding.rule(), Reason.WORDS);
                return;
            }
        }
        throw new IllegalStateException("Edits are refused together that are not refused one after the other");
    }

    private void leaveOut(String rule, Reason reason) {
        leftOut.putIfAbsent(rule, reason);
    }

    // ---- in the file

    /** The edits made to the file itself, which goes on beside the examination that may find it was not the end. */
    private CompletableFuture<M> write(List<List<Edit>> passes) {
        List<List<Edit>> sofar = List.copyOf(passes);
        return CompletableFuture.supplyAsync(() -> limits.bound(() -> with(sofar)));
    }

    @SuppressWarnings("unchecked") // a file answers with a file of its own kind
    private M with(List<List<Edit>> passes) {
        return (M) file.with(passes);
    }

    private M written(Attempt attempt) {
        if (attempt.written == null) {
            return with(attempt.passes);
        }
        try {
            return attempt.written.join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof RuntimeException refused) {
                throw refused;
            }
            throw e;
        }
    }

    /** Proves that the words of the file with the edits made are those expected. */
    private Result<M> finish(Attempt attempt) {
        M edited = file;
        if (!attempt.passes.isEmpty()) {
            edited = written(attempt);
            if (!attempt.report.ledger().isSameAs(WordLedger.of(edited.paper()))) {
                throw new WordsChangedException(attempt.paper, edited.paper());
            }
        }
        return new Result<>(
                edited, before, attempt.report, attempt.done, List.copyOf(attempt.changed), words(attempt), leftOut);
    }

    /** What the passes changed in words; of headers and footers, which several may change, what came of it in the end. */
    private List<WordChange> words(Attempt attempt) {
        List<WordChange> out = new ArrayList<>();
        attempt.words.stream().filter(change -> !change.where().isMarginal()).forEach(change -> tell(change, out));
        out.addAll(before.ledger().marginalChanges(attempt.report.ledger()));
        return out;
    }

    /** Adds a change; a place that an earlier pass changed is told once, as it was at first and as it is in the end. */
    private static void tell(WordChange change, List<WordChange> told) {
        for (int i = 0; i < told.size(); i++) {
            WordChange both = told.get(i).followedBy(change);
            if (both != null) {
                if (both.before().equals(both.after())) {
                    told.remove(i);
                } else {
                    told.set(i, both);
                }
                return;
            }
        }
        told.add(change);
    }

    /** Tries each rule's edits by themselves on the file, and leaves out those it refuses. */
    private void leaveOutWhatTheFileRefuses(Attempt attempt) {
        Set<String> rules = new LinkedHashSet<>();
        attempt.done.forEach(taken -> rules.add(taken.finding.rule()));
        for (String rule : rules) {
            Choice only = (finding, spot) -> finding.rule().equals(rule) && chosen.takes(finding, spot);
            PutRight<M> alone = new PutRight<>(file, corrections, chosen.isOnce() ? only.once() : only, limits, before);
            try {
                Attempt single = alone.attempt();
                if (single.ended) {
                    alone.finish(single);
                }
            } catch (EditRefusedException | WordsChangedException e) {
                leaveOut(rule, e instanceof WordsChangedException ? Reason.WORDS : Reason.REFUSED);
            }
        }
    }

    // ---- what comes of it

    /** A run of passes, as far as it has come. */
    private final class Attempt {
        private final List<List<Edit>> passes = new ArrayList<>();
        private final List<Taken> done = new ArrayList<>();
        private final Set<EditSummary.Item> changed = new LinkedHashSet<>();
        private final List<WordChange> words = new ArrayList<>();
        private Paper paper;
        private Report report;
        /** The file with all passes so far, where the last may be the last. */
        private @Nullable CompletableFuture<M> written;

        private boolean ended;
        private boolean failed;

        Attempt(Paper paper, Report report) {
            this.paper = paper;
            this.report = report;
        }

        boolean hasTaken(Reading finding) {
            return done.stream().anyMatch(taken -> taken.finding.key().equals(finding.key()));
        }

        /** The chosen findings that are still there. */
        List<Reading> findings() {
            return report.findings().stream()
                    .filter(finding -> !leftOut.containsKey(finding.rule()))
                    .filter(finding -> finding.spots().stream().anyMatch(spot -> chosen.takes(finding, spot)))
                    .filter(finding -> !finding.fix().isEmpty())
                    .toList();
        }
    }

    /**
     * A finding that was put right.
     *
     * @param finding as it was before
     * @param spots the places of it that were
     */
    public record Taken(Reading finding, List<Spot> spots, Fix fix) {
        public Taken {
            spots = List.copyOf(spots);
        }
    }

    /** Why a rule's findings were left as they are. */
    public enum Reason {
        REFUSED("refused"),
        DOES_NOT_END("does-not-end"),
        WORDS("words");

        private final String id;

        Reason(String id) {
            this.id = id;
        }

        /** The key of its wording. */
        public String id() {
            return id;
        }
    }

    /**
     * A file put right.
     *
     * @param before the examination before
     * @param report the examination after
     * @param done what was put right
     * @param changed what changed in the file
     * @param words the words that were changed, each place once
     * @param leftOut rules whose findings were to be put right and were not
     */
    public record Result<M extends Mendable>(
            M file,
            Report before,
            Report report,
            List<Taken> done,
            List<EditSummary.Item> changed,
            List<WordChange> words,
            Map<String, Reason> leftOut) {
        public Result {
            done = List.copyOf(done);
            changed = List.copyOf(changed);
            words = List.copyOf(words);
            leftOut = Map.copyOf(leftOut);
        }

        /** What a finding that was put right came to: what was asked, or of things of which some stay, how many do. */
        public Measure cameTo(Taken taken) {
            return taken.finding.is() instanceof Measure.Some
                    ? report.findings().stream()
                            .filter(finding -> finding.key().equals(taken.finding.key()))
                            .map(Reading::is)
                            .findFirst()
                            .orElse(taken.finding.asked())
                    : taken.finding.asked();
        }
    }

    /** Words would have been changed that no edit declares; the result was thrown away. */
    public static final class WordsChangedException extends RuntimeException {
        WordsChangedException(Paper expected, Paper found) {
            super("Putting the paper right would have changed words near \""
                    + WordLedger.of(expected).firstDifference(WordLedger.of(found)) + "\". Nothing was changed.");
        }
    }
}
