package grintel.core.rule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What a rule looks at, one by one: sections, paragraphs, runs, headers.
 *
 * @param <S> one of them
 */
public final class Subjects<S> {
    private final Examination exam;
    private final List<S> all;
    /** Those they were chosen from. */
    private final List<S> source;

    private final Function<S, Place> place;
    private final Function<S, String> identity;

    Subjects(Examination exam, List<S> all, Function<S, Place> place, Function<S, String> identity) {
        this.exam = exam;
        this.all = List.copyOf(all);
        this.source = this.all;
        this.place = place;
        this.identity = identity;
    }

    private Subjects(Subjects<S> of, List<S> some, Function<S, Place> place) {
        this.exam = of.exam;
        this.all = some;
        this.source = of.source;
        this.place = place;
        this.identity = of.identity;
    }

    /** Those that pass a test. */
    public Subjects<S> filter(Predicate<S> test) {
        List<S> some = new ArrayList<>();
        for (S subject : all) {
            if (test.test(subject)) {
                some.add(subject);
            }
        }
        return some.size() == all.size() ? this : new Subjects<>(this, List.copyOf(some), place);
    }

    /** These, each standing at another place. */
    public Subjects<S> at(Function<S, Place> other) {
        return new Subjects<>(this, all, other);
    }

    /** Each made something else. */
    public <T> Subjects<T> each(Function<S, List<T>> make, Function<T, Place> places, Function<T, String> identities) {
        List<T> made = new ArrayList<>();
        for (S subject : all) {
            List<T> some = make.apply(subject);
            if (!some.isEmpty()) {
                made.addAll(some);
            }
        }
        return new Subjects<>(exam, made, places, identities);
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }

    public List<S> all() {
        return all;
    }

    /** A quantity of a rule, to be measured of each. */
    public Check<S> check(String rule, String quantity) {
        return new Check<>(exam, this, rule, quantity);
    }

    Place place(S subject) {
        return place.apply(subject);
    }

    /** What some are anchored to: each to its own identity, counted where several of them have the same. */
    List<String> anchors(List<S> some) {
        Map<String, Integer> seen = new HashMap<>();
        List<String> out = new ArrayList<>(some.size());
        for (S subject : some) {
            String own = identity.apply(subject);
            int before = seen.merge(own, 1, Integer::sum);
            out.add(before == 1 ? own : own + "." + before);
        }
        return out;
    }

    /** The same, counted through all they were chosen from: each stays what it is when another is off no more. */
    List<String> lastingAnchors(List<S> some) {
        List<String> anchors = anchors(source);
        Map<S, String> lasting = new IdentityHashMap<>();
        for (int i = 0; i < anchors.size(); i++) {
            lasting.put(source.get(i), anchors.get(i));
        }
        return some.stream()
                .map(subject -> Objects.requireNonNull(lasting.get(subject)))
                .toList();
    }
}
