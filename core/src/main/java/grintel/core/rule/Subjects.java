package grintel.core.rule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
    private final Function<S, Place> place;
    private final Function<S, String> identity;

    Subjects(Examination exam, List<S> all, Function<S, Place> place, Function<S, String> identity) {
        this.exam = exam;
        this.all = List.copyOf(all);
        this.place = place;
        this.identity = identity;
    }

    /** Those that pass a test. */
    public Subjects<S> filter(Predicate<S> test) {
        List<S> some = new ArrayList<>();
        for (S subject : all) {
            if (test.test(subject)) {
                some.add(subject);
            }
        }
        return some.size() == all.size() ? this : new Subjects<>(exam, some, place, identity);
    }

    /** These, each standing at another place. */
    public Subjects<S> at(Function<S, Place> other) {
        return new Subjects<>(exam, all, other, identity);
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

    /** What each is anchored to: its own identity, counted where several have the same. */
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
}
