package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Holder;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * How the paragraphs of a part look: a value asked of each of some properties. "Part P has form F" is one call.
 *
 * @param features what is asked
 * @param welcome which others may take a value along with them
 */
public record Form(List<Feature<?>> features, Predicate<Holder> welcome) {
    public Form {
        features = List.copyOf(features);
    }

    /** A form of one feature. */
    public static <T> Form of(
            String quantity, Property<T> property, T asked, Function<T, Measure> told, Predicate<Holder> welcome) {
        return new Form(List.of(new Feature<>(quantity, property, asked, told)), welcome);
    }

    /** The readings of a rule that asks this form of some paragraphs. */
    public List<Reading> readings(String rule, Subjects<Paragraph> part) {
        List<Reading> out = new ArrayList<>();
        for (Feature<?> feature : features) {
            out.addAll(feature.readings(rule, part, welcome));
        }
        return out;
    }

    /**
     * A value asked of a property.
     *
     * @param quantity the key of its wording
     * @param told how a value of the property is measured
     */
    public record Feature<T>(String quantity, Property<T> property, T asked, Function<T, Measure> told) {
        private List<Reading> readings(String rule, Subjects<Paragraph> part, Predicate<Holder> welcome) {
            return part.check(rule, quantity)
                    .measure(paragraph -> told.apply(paragraph.format().get(property)))
                    .asks(told.apply(asked))
                    .fix((off, cause) -> cause.set(Cause.paragraphs(off), property, asked, welcome))
                    .readings();
        }
    }
}
