package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.WordChange;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.typeset.PagePart;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/**
 * The work of nearly every rule: measure each subject, hold it against what is asked, make one finding of all that are
 * off by the same, and say what puts them right. What is met is one reading; where there is no subject, there is none.
 *
 * @param <S> what is looked at
 */
public final class Check<S> {
    private static final Measure NONE = Measure.word("none");

    private final Examination exam;
    private final Subjects<S> subjects;
    private final String rule;
    private final String quantity;
    private Function<S, @Nullable Measure> measure = subject -> null;
    private @Nullable Measure asked;
    private Function<S, @Nullable Measure> askedOf = subject -> asked;
    private BiPredicate<S, Measure> meets = (subject, is) -> false;
    private FixClass fixClass = FixClass.NONE;
    private Function<S, FixClass> classOf = subject -> fixClass;
    private BiFunction<List<S>, Cause, List<Edit>> edits = (off, cause) -> List.of();
    private boolean apart;
    private boolean metIfNone;

    Check(Examination exam, Subjects<S> subjects, String rule, String quantity) {
        this.exam = exam;
        this.subjects = subjects;
        this.rule = rule;
        this.quantity = quantity;
    }

    /** How a subject is measured; null for one that has no such quantity. */
    public Check<S> measure(Function<S, @Nullable Measure> how) {
        measure = how;
        return this;
    }

    public Check<S> asks(Measure required) {
        asked = required;
        return this;
    }

    /** Where each subject is asked for something of its own. */
    public Check<S> asksOf(Function<S, @Nullable Measure> required) {
        askedOf = required;
        return this;
    }

    /**
     * That there should be none of these: how many there are of a thing is told, all together.
     *
     * @param things key of the thing's name in the wording
     * @param number how many of it a subject is
     */
    public Check<S> none(String things, ToIntFunction<S> number) {
        int total = subjects.all().stream().mapToInt(number).sum();
        measure = subject -> new Measure.Some(total, things);
        return asks(NONE);
    }

    /** Whether finding nothing at all means that it is as asked. */
    public Check<S> metIfNone(boolean looked) {
        metIfNone = looked;
        return this;
    }

    /** What is met although its measure is not quite what is asked. */
    public Check<S> metWhen(BiPredicate<S, Measure> also) {
        meets = also;
        return this;
    }

    /** One finding for each subject, though several be off by the same. */
    public Check<S> eachApart() {
        apart = true;
        return this;
    }

    /** Edits of looks and white space alone that put some subjects right. */
    public Check<S> fix(BiFunction<List<S>, Cause, List<Edit>> how) {
        return fix(FixClass.LOOKS, how);
    }

    /** Edits that put some subjects right. */
    public Check<S> fix(FixClass far, BiFunction<List<S>, Cause, List<Edit>> how) {
        fixClass = far;
        edits = how;
        return this;
    }

    /** Edits that may take words along: how far they go at a subject shows by what they do there. */
    public Check<S> fixByWords(BiFunction<List<S>, Cause, List<Edit>> how) {
        edits = how;
        classOf = subject -> {
            List<Edit> made = how.apply(List.of(subject), exam.cause().alone());
            return made.isEmpty() ? FixClass.NONE : classOf(exam.ledger().changes(made));
        };
        return this;
    }

    /** Pictures go only when the writer is asked; words of the apparatus are shown in a list. */
    private static FixClass classOf(List<WordChange> words) {
        if (words.isEmpty()) {
            return FixClass.LOOKS;
        }
        return words.stream().anyMatch(WordChange::takesPictures) ? FixClass.ASK : FixClass.APPARATUS;
    }

    /** Where only some subjects can be put right: which. */
    public Check<S> fixable(Predicate<S> test) {
        Function<S, FixClass> before = classOf;
        classOf = subject -> test.test(subject) ? before.apply(subject) : FixClass.NONE;
        return this;
    }

    /** The readings: met, or one for each measure that is off. */
    public List<Reading> readings() {
        Map<String, Group<S>> off = new LinkedHashMap<>();
        Map<Measure, Met> met = new LinkedHashMap<>();
        Met latest = null;
        Group<S> latestOff = null;
        int number = 0;
        for (S subject : subjects.all()) {
            WorkLimits.goOn();
            Measure is = measure.apply(subject);
            if (is == null) {
                continue;
            }
            Measure required = said(askedOf.apply(subject));
            // Most are measured to be what the one before them was.
            Met again = latest != null && latest.isOf(is, required) ? latest : null;
            boolean asAsked = again != null ? again.asAsked : is.equals(required) || is.meets(required);
            if (asAsked || meets.test(subject, is)) {
                latest = again != null ? again : met.computeIfAbsent(is, key -> new Met(is, required, asAsked));
                latest.count++;
            } else {
                if (apart || latestOff == null || !latestOff.is.equals(is)) {
                    String key = apart ? "" + number++ : is.canonical();
                    latestOff = off.computeIfAbsent(key, value -> new Group<>(is, required));
                }
                latestOff.subjects.add(subject);
            }
        }
        if (!off.isEmpty()) {
            return findings(off.values());
        }
        if (met.isEmpty()) {
            return metIfNone ? List.of(Reading.met(rule, quantity, said(asked), said(asked))) : List.of();
        }
        Met most = Collections.max(met.values(), Comparator.comparingInt(one -> one.count));
        return List.of(Reading.met(rule, quantity, most.is, most.asked));
    }

    private Measure said(@Nullable Measure required) {
        if (required == null) {
            throw new IllegalStateException(rule + " does not say what it asks");
        }
        return required;
    }

    private List<Reading> findings(Iterable<Group<S>> groups) {
        List<S> all = new ArrayList<>();
        groups.forEach(group -> all.addAll(group.subjects));
        List<String> anchors = apart ? subjects.lastingAnchors(all) : subjects.anchors(all);
        List<Reading> readings = new ArrayList<>();
        int at = 0;
        for (Group<S> group : groups) {
            Map<String, S> byAnchor = new HashMap<>();
            List<Spot> spots = new ArrayList<>(group.subjects.size());
            for (S subject : group.subjects) {
                WorkLimits.goOn();
                String anchor = anchors.get(at++);
                byAnchor.put(anchor, subject);
                Place place = subjects.place(subject);
                // No edit reaches into a box of text: what stands there is the writer's to put right.
                FixClass fix = place.part() == PagePart.BOX ? FixClass.NONE : classOf.apply(subject);
                spots.add(new Spot(anchor, place, fix));
            }
            readings.add(Reading.off(
                    rule,
                    quantity,
                    group.is,
                    group.asked,
                    apart ? spots.get(0).anchor() : "",
                    spots,
                    chosen -> mend(chosen, byAnchor, chosen.size() == group.subjects.size())));
        }
        return readings;
    }

    /** Where all are put right, what shares their cause may come along; one alone is put right by itself. */
    private Fix mend(List<Spot> chosen, Map<String, S> byAnchor, boolean all) {
        List<S> wanted = new ArrayList<>(chosen.size());
        FixClass furthest = FixClass.LOOKS;
        for (Spot spot : chosen) {
            S subject = byAnchor.get(spot.anchor());
            if (subject != null) {
                wanted.add(subject);
                furthest = spot.fix().compareTo(furthest) > 0 ? spot.fix() : furthest;
            }
        }
        List<Edit> made = edits.apply(wanted, all ? exam.cause() : exam.cause().alone());
        return Fix.of(furthest, made, exam.ledger());
    }

    /** What was measured and met, and how often. */
    private static final class Met {
        private final Measure is;
        private final Measure asked;
        /** Whether it is what is asked, whatever the subject. */
        private final boolean asAsked;

        private int count;

        Met(Measure is, Measure asked, boolean asAsked) {
            this.is = is;
            this.asked = asked;
            this.asAsked = asAsked;
        }

        boolean isOf(Measure otherIs, Measure otherAsked) {
            return is.equals(otherIs) && asked.equals(otherAsked);
        }
    }

    private static final class Group<S> {
        private final Measure is;
        private final Measure asked;
        private final List<S> subjects = new ArrayList<>();

        Group(Measure is, Measure asked) {
            this.is = is;
            this.asked = asked;
        }
    }
}
