package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.flag;
import static grintel.core.guide.value.ValueTypes.made;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import grintel.core.guide.value.ValueType;
import java.util.List;

/**
 * How the headings of one level look.
 *
 * @param runIn whether the text goes on in the same line
 * @param fullStop whether it ends with a full stop
 */
public record HeadingForm(
        Stand stand, Boldness bold, Slant slant, boolean underlined, Casing casing, boolean runIn, boolean fullStop) {
    private static final Value<Stand> STAND = Value.of("stand", word(Stand.class), Stand.LEFT, "where it stands");
    private static final Value<Boldness> BOLD =
            Value.of("bold", word(Boldness.class), Boldness.PLAIN, "whether it is bold");
    private static final Value<Slant> SLANT = Value.of("slant", word(Slant.class), Slant.UPRIGHT, "its slant");
    private static final Value<Boolean> UNDERLINED = Value.of("underlined", flag(), false, "whether it is underlined");
    private static final Value<Casing> CASING = Value.of("case", word(Casing.class), Casing.TITLE, "its case");
    private static final Value<Boolean> RUN_IN =
            Value.of("run-in", flag(), false, "whether the text goes on in the same line");
    private static final Value<Boolean> FULL_STOP =
            Value.of("full-stop", flag(), false, "whether it ends with a full stop");

    static final ValueType<HeadingForm> TYPE = made(
            List.of(STAND, BOLD, SLANT, UNDERLINED, CASING, RUN_IN, FULL_STOP),
            given -> new HeadingForm(
                    given.get(STAND),
                    given.get(BOLD),
                    given.get(SLANT),
                    given.get(UNDERLINED),
                    given.get(CASING),
                    given.get(RUN_IN),
                    given.get(FULL_STOP)),
            form -> List.of(
                    form.stand, form.bold, form.slant, form.underlined, form.casing, form.runIn, form.fullStop));
}
