package grintel.core.guide.demand;

import grintel.core.guide.value.Value;
import java.util.List;

/**
 * What can be asked of a paper under one id: a rule as guides know it. It stands whether the rule is built or not.
 *
 * @param rule the id in guide files and reports
 * @param fix the furthest a fix of the rule goes
 * @param values what a guide may say of it
 */
public record Demand(String rule, FixClass fix, List<Value<?>> values) {
    public Demand {
        values = List.copyOf(values);
    }

    /** A demand put right by changing looks and white space. */
    public static Demand looks(String rule, Value<?>... values) {
        return new Demand(rule, FixClass.LOOKS, List.of(values));
    }

    /** A demand put right by changing words of the apparatus. */
    public static Demand apparatus(String rule, Value<?>... values) {
        return new Demand(rule, FixClass.APPARATUS, List.of(values));
    }

    /** A demand put right only when the writer has been asked. */
    public static Demand asks(String rule, Value<?>... values) {
        return new Demand(rule, FixClass.ASK, List.of(values));
    }

    /** A demand that is the writer's own work. */
    public static Demand own(String rule, Value<?>... values) {
        return new Demand(rule, FixClass.NONE, List.of(values));
    }

    /** The station of the order of work it belongs to. */
    public Station station() {
        return Station.of(rule);
    }
}
