package grintel.core.random;

import grintel.core.paper.Anchor;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Frame;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TabStops;
import grintel.core.paper.TableLook;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Values of every property there is, such as papers have. */
public final class RandomValues {
    private static final Map<Property<?>, int[]> BOUNDS = Map.ofEntries(
            Map.entry(CharacterProperties.SIZE, new int[] {16, 40}),
            Map.entry(CharacterProperties.SCALE, new int[] {50, 150}),
            Map.entry(CharacterProperties.RISE, new int[] {-8, 8}),
            Map.entry(CharacterProperties.CHARACTER_SPACING, new int[] {-20, 40}),
            Map.entry(ParagraphProperties.INDENT_FIRST_LINE, new int[] {-720, 720}),
            Map.entry(ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS, new int[] {-200, 200}),
            Map.entry(ParagraphProperties.INDENT_LEFT_CHARACTERS, new int[] {0, 300}),
            Map.entry(ParagraphProperties.INDENT_RIGHT_CHARACTERS, new int[] {0, 300}),
            Map.entry(ParagraphProperties.OUTLINE_LEVEL, new int[] {0, 9}),
            Map.entry(ParagraphProperties.NUMBERING_ID, new int[] {1, 2}),
            Map.entry(ParagraphProperties.NUMBERING_LEVEL, new int[] {0, 2}),
            Map.entry(SectionProperties.PAGE_WIDTH, new int[] {9000, 16000}),
            Map.entry(SectionProperties.PAGE_HEIGHT, new int[] {9000, 16000}),
            Map.entry(SectionProperties.COLUMNS, new int[] {1, 3}),
            Map.entry(SectionProperties.PAGE_NUMBER_START, new int[] {0, 12}),
            Map.entry(RowProperties.SKIPPED, new int[] {0, 1}),
            Map.entry(CellProperties.SPAN, new int[] {1, 2}),
            Map.entry(TableProperties.ROWS_IN_BAND, new int[] {1, 2}),
            Map.entry(TableProperties.COLUMNS_IN_BAND, new int[] {1, 2}));

    private static final Map<Property<?>, List<String>> WORDS = Map.of(
            CharacterProperties.UNDERLINE, List.of("single", "double", "none"),
            CharacterProperties.HIGHLIGHT, List.of("yellow", "cyan", "none"),
            CharacterProperties.LANGUAGE, List.of("en-US", "de-DE"));

    private RandomValues() {}

    /** A value of a property. */
    public static Object of(Property<?> property, Random random) {
        Object initial = property.initial();
        if (initial instanceof Boolean) {
            return random.nextBoolean();
        }
        if (initial instanceof Integer) {
            int[] bounds = BOUNDS.getOrDefault(property, new int[] {0, 1800});
            return bounds[0] + random.nextInt(bounds[1] - bounds[0] + 1);
        }
        if (initial instanceof String) {
            return pick(WORDS.getOrDefault(property, List.of("Arial", "Times New Roman", "Calibri")), random);
        }
        if (initial instanceof Enum<?> constant) {
            Object[] all = constant.getDeclaringClass().getEnumConstants();
            Object value = all[random.nextInt(all.length)];
            return value == NumberFormat.BULLET || value == NumberFormat.NONE ? NumberFormat.DECIMAL : value;
        }
        if (initial instanceof Colour) {
            return random.nextInt(3) == 0 ? Colour.AUTO : new Colour(random.nextInt(0x1000000));
        }
        if (initial instanceof LineSpacing) {
            return new LineSpacing(LineSpacing.Rule.values()[random.nextInt(3)], 200 + random.nextInt(400));
        }
        if (initial instanceof TabStops) {
            return stops(random);
        }
        if (initial instanceof Frame) {
            return frame(random);
        }
        if (initial instanceof Border) {
            return random.nextInt(3) == 0
                    ? Border.NONE
                    : new Border(2 + random.nextInt(20), 1 + random.nextInt(2), new Colour(random.nextInt(0x1000000)));
        }
        if (initial instanceof Width) {
            return switch (random.nextInt(3)) {
                case 0 -> Width.AUTO;
                case 1 -> Width.twips(1 + random.nextInt(6000));
                default -> new Width(Width.Kind.FIFTIETHS_OF_PER_CENT, 1 + random.nextInt(5000));
            };
        }
        if (initial instanceof TableLook) {
            return new TableLook(
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean(),
                    random.nextBoolean());
        }
        throw new IllegalArgumentException("No values are known for " + property);
    }

    private static TabStops stops(Random random) {
        List<TabStops.Stop> stops = new ArrayList<>();
        int at = 0;
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            at += 500 + random.nextInt(2000);
            stops.add(new TabStops.Stop(
                    at, TabStops.Kind.values()[random.nextInt(5)], TabStops.Leader.values()[random.nextInt(4)]));
        }
        return new TabStops(stops, List.of());
    }

    private static Frame frame(Random random) {
        Frame.Axis across = random.nextBoolean()
                ? new Frame.Axis(Anchor.Reference.MARGINS, true, Anchor.Alignment.END, 0)
                : new Frame.Axis(Anchor.Reference.SHEET, false, Anchor.Alignment.START, random.nextInt(3000));
        Frame.Axis down = new Frame.Axis(Anchor.Reference.TEXT, false, Anchor.Alignment.START, random.nextInt(200));
        return new Frame(random.nextInt(2000), 0, random.nextInt(200), 0, random.nextBoolean(), across, down, 0);
    }

    /** Values of some properties of a family; each is in with this chance. */
    public static PropertySet some(List<Property<?>> family, double chance, Random random) {
        PropertySet out = PropertySet.empty();
        for (Property<?> property : family) {
            if (random.nextDouble() < chance) {
                out = out.with(property, of(property, random));
            }
        }
        return out;
    }

    static <T> T pick(List<T> from, Random random) {
        return from.get(random.nextInt(from.size()));
    }
}
