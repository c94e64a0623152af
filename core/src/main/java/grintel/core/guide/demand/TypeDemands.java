package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.listOr;
import static grintel.core.guide.value.ValueTypes.named;
import static grintel.core.guide.value.ValueTypes.size;
import static grintel.core.guide.value.ValueTypes.text;

import grintel.core.guide.value.Value;
import java.util.List;
import java.util.Map;

/** What is asked of face, size and colour. */
public final class TypeDemands {
    /** Names of faces; an empty list is any face that can be read. */
    public static final Value<List<String>> FACES =
            Value.needed("faces", listOr("any", text()), "permitted faces; put right sets the first");
    /** Half-points by name of the face. */
    public static final Value<Map<String, Integer>> SIZES =
            Value.of("sizes", named(size()), Map.of(), "the size of each face that has one of its own");

    public static final Value<Integer> MIN = Value.optional("min", size(), "least size of any other face");
    public static final Value<Integer> MAX = Value.optional("max", size(), "largest size of any other face");

    static final List<Demand> ALL = List.of(
            Demand.looks("type.face", FACES),
            Demand.looks("type.size", SIZES, MIN, MAX),
            Demand.looks("type.strays"),
            Demand.looks("type.colour"),
            Demand.asks("type.emphasis"));

    private TypeDemands() {}
}
