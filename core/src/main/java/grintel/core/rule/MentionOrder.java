package grintel.core.rule;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/** Whether things stand in the order in which the text mentions them first. */
public final class MentionOrder {
    private MentionOrder() {}

    /**
     * The readings of a rule that asks for this order.
     *
     * @param things in the order in which they stand
     * @param first where one is mentioned first, -1 where it is not
     * @param words what one is called in the paper
     */
    public static <T> List<Reading> readings(
            String rule, Subjects<T> things, ToIntFunction<T> first, Function<T, String> words) {
        Map<T, Measure> early = early(things.all(), first, words);
        return things.check(rule, "order")
                .measure(early::get)
                .asks(Measure.word("in-order-of-mention"))
                .readings();
    }

    /** Those mentioned before one that stands before them, with the one of these that is mentioned last. */
    private static <T> Map<T, Measure> early(List<T> things, ToIntFunction<T> first, Function<T, String> words) {
        Map<T, Measure> early = new IdentityHashMap<>();
        @Nullable T latest = null;
        int last = -1;
        for (T thing : things) {
            int at = first.applyAsInt(thing);
            if (latest != null && at >= 0 && at < last) {
                early.put(
                        thing,
                        new Measure.Phrase("mentioned-before", new Measure.Quote(Quotes.first(words.apply(latest)))));
            } else if (at >= 0) {
                latest = thing;
                last = at;
            }
        }
        return early;
    }
}
