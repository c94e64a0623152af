package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.made;
import static grintel.core.guide.value.ValueTypes.text;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import grintel.core.guide.value.ValueType;
import grintel.core.guide.value.Worded;
import java.util.List;

/**
 * How a label, a title or a note looks.
 *
 * @param words the words it is, or opens with, {@code #} standing for its number; empty for words of the writer's own
 */
public record CaptionForm(String words, Boldness bold, Slant slant, Casing casing, Line line) {
    private static final Value<String> WORDS =
            Value.of("words", text(), "", "the words it is or opens with, # standing for its number");
    private static final Value<Boldness> BOLD =
            Value.of("bold", word(Boldness.class), Boldness.PLAIN, "whether it is bold");
    private static final Value<Slant> SLANT = Value.of("slant", word(Slant.class), Slant.UPRIGHT, "its slant");
    private static final Value<Casing> CASING = Value.of("case", word(Casing.class), Casing.ANY, "its case");
    private static final Value<Line> LINE = Value.of("line", word(Line.class), Line.OWN, "the line it stands on");

    static final ValueType<CaptionForm> TYPE = made(
            List.of(WORDS, BOLD, SLANT, CASING, LINE),
            given -> new CaptionForm(
                    given.get(WORDS), given.get(BOLD), given.get(SLANT), given.get(CASING), given.get(LINE)),
            form -> List.of(form.words, form.bold, form.slant, form.casing, form.line));

    /** The line something stands on. */
    public enum Line implements Worded {
        OWN,
        /** That of what comes before it. */
        SAME
    }
}
