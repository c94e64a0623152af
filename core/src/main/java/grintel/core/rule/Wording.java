package grintel.core.rule;

import grintel.core.data.DataNode;
import grintel.core.edit.EditSummary;
import grintel.core.edit.WordChange;
import grintel.core.guide.Contradiction;
import grintel.core.guide.value.Length;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.structure.PartKind;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The words in which readings are told: the one place, for every outlet, where measures become English. */
public final class Wording {
    private static final Wording TEXTS = new Wording(DataNode.resource(Wording.class, "wording.yaml"));

    private final Map<String, String> texts = new HashMap<>();
    private final Map<String, List<String>> plurals = new HashMap<>();

    private Wording(DataNode data) {
        read("", data);
    }

    private void read(String path, DataNode node) {
        if (node.isList()) {
            plurals.put(path, node.texts());
        } else if (node.isMap()) {
            node.keys().forEach(key -> read(path.isEmpty() ? key : path + "/" + key, node.get(key)));
        } else {
            texts.put(path, node.text());
        }
    }

    private static @Nullable String find(String path) {
        return TEXTS.texts.get(path);
    }

    private static String text(String path) {
        String found = find(path);
        if (found == null) {
            throw new IllegalArgumentException("The wording has no " + path);
        }
        return found;
    }

    private static String counted(String path, int number) {
        List<String> forms = TEXTS.plurals.get(path);
        if (forms == null) {
            throw new IllegalArgumentException("The wording counts no " + path);
        }
        return forms.get(number == 1 ? 0 : 1);
    }

    // ---- rules and readings

    /** What the rule is about, for lists of rules. */
    public static String title(String rule) {
        return text(rule + "/title");
    }

    /** Why the guide asks for it and what putting it right does, in a sentence or two. */
    public static String why(String rule) {
        return text(rule + "/why");
    }

    /** Words that a put-right brings in, after the writer was asked. */
    public static String broughtIn(String key) {
        return text("brought-in/" + key);
    }

    /** What a reading is called, such as "Left margin". */
    public static String name(Reading reading) {
        return text(reading.rule() + "/" + reading.quantity() + "/name");
    }

    /** A sentence that says what is off, in the guide's units. */
    public static String message(Reading reading) {
        return message(reading, Units.AS_ASKED);
    }

    /** A sentence that says what is off. */
    public static String message(Reading reading, Units units) {
        return filled(text(reading.rule() + "/" + reading.quantity() + "/off"), reading, units);
    }

    /** What to do, in as few words as a margin holds. */
    public static String note(Reading reading, Units units) {
        String found = find(reading.rule() + "/" + reading.quantity() + "/note");
        return filled(found == null ? "{asked}" : found, reading, units);
    }

    /** The sign a corrector draws for a reading that is off. */
    public static Sign sign(Reading reading) {
        String path = reading.rule() + "/" + reading.quantity() + "/sign";
        String found = find(path);
        if (found == null
                && reading.is() instanceof Measure.Distance is
                && reading.asked() instanceof Measure.Distance asked) {
            found = find(path + (is.twips() > asked.twips() ? "/more" : "/less"));
        }
        return found == null
                ? Sign.RING
                : Sign.valueOf(found.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** Which edge of its place a sign stands at that is about no words; empty for one that is. */
    public static String edge(Reading reading) {
        String found = find(reading.rule() + "/" + reading.quantity() + "/edge");
        return found == null ? "" : found;
    }

    private static String filled(String template, Reading reading, Units units) {
        return template.replace("{is}", told(reading.is(), units)).replace("{asked}", told(reading.asked(), units));
    }

    /** By how much a reading is off, with sign and unit; empty where no number tells it. */
    public static String difference(Reading reading, Units units) {
        Measure is = reading.is();
        Measure asked = reading.asked();
        if (is instanceof Measure.Distance one && asked instanceof Measure.Distance other) {
            Measure.Distance by = new Measure.Distance(one.twips() - other.twips(), other.unit());
            return signed(number(by, units), " " + units.of(by.unit()).sign());
        }
        if (is instanceof Measure.Size size) {
            return signed(plain(size.beyond(asked) / 2.0, 1), " pt");
        }
        if (is instanceof Measure.Lines one && asked instanceof Measure.Lines other) {
            String by = plain(one.lines() - other.lines(), 2);
            return signed(by, " " + counted("things/line", by.equals("1") || by.equals("-1") ? 1 : 2));
        }
        if (is instanceof Measure.Count one
                && asked instanceof Measure.Count other
                && one.things().equals(other.things())) {
            int by = one.number() - other.number();
            return signed(Integer.toString(by), " " + counted("things/" + one.things(), Math.abs(by)));
        }
        return "";
    }

    /** A number with its sign, a minus as the trade sets it; nothing for what rounds to nothing. */
    private static String signed(String number, String unit) {
        return number.equals("0")
                ? ""
                : (number.startsWith("-") ? "\u2212" + number.substring(1) : "+" + number) + unit;
    }

    // ---- measures

    /** A measure as it is shown, with the unit the guide has it in. */
    public static String told(Measure measure) {
        return told(measure, Units.AS_ASKED);
    }

    /** A measure as it is shown, with its unit. */
    public static String told(Measure measure, Units units) {
        if (measure instanceof Measure.Distance distance) {
            return number(distance, units) + " " + units.of(distance.unit()).sign();
        }
        if (measure instanceof Measure.Lines lines) {
            String number = plain(lines.lines(), 2);
            return number + " " + counted("things/line", number.equals("1") ? 1 : 2);
        }
        if (measure instanceof Measure.Size size) {
            return plain(size.halfPoints() / 2.0, 1) + " pt";
        }
        if (measure instanceof Measure.Between between) {
            String most = told(between.most(), units);
            String unit = most.substring(most.lastIndexOf(' '));
            return told(between.least(), units).replace(unit, "") + " " + text("to") + " " + most;
        }
        if (measure instanceof Measure.Type type) {
            return type.face() + " " + plain(type.halfPoints() / 2.0, 1) + " pt";
        }
        if (measure instanceof Measure.Sheet sheet) {
            return number(sheet.width(), units) + " × " + told(sheet.height(), units);
        }
        if (measure instanceof Measure.Count count) {
            return count.number() + " " + counted("things/" + count.things(), count.number());
        }
        if (measure instanceof Measure.Some some) {
            return some.number() + " " + counted("things/" + some.things(), some.number());
        }
        if (measure instanceof Measure.Word word) {
            return text("words/" + word.key());
        }
        if (measure instanceof Measure.Phrase phrase) {
            return text("phrases/" + phrase.key()).replace("{}", told(phrase.inner(), units));
        }
        if (measure instanceof Measure.Name name) {
            return name.text();
        }
        if (measure instanceof Measure.Quote quote) {
            return "“" + quote.words() + "”";
        }
        if (measure instanceof Measure.Head head) {
            return "“" + head.reads() + "”";
        }
        Measure.OneOf oneOf = (Measure.OneOf) measure;
        return String.join(
                " " + text("or") + " ",
                oneOf.all().stream().map(each -> told(each, units)).toList());
    }

    private static String number(Measure.Distance distance, Units units) {
        Length.Unit unit = units.of(distance.unit());
        int places = unit == Length.Unit.POINTS || unit == Length.Unit.MILLIMETRES ? 1 : 2;
        return plain(distance.twips() / unit.twips(), places);
    }

    /** A number to so many places, without zeros at its end. */
    private static String plain(double value, int places) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }

    /** So many of a thing. */
    public static String counted(int number, String things) {
        return number + " " + counted("things/" + things, number);
    }

    // ---- briefs

    /** What house rules contradict, in a sentence. */
    public static String told(Contradiction contradiction) {
        return text("contradictions/" + contradiction.id());
    }

    // ---- parts

    /** What a part of a paper is called, such as "Heading" or "Entry". */
    public static String part(PartKind kind) {
        return text("parts/" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    // ---- what was done

    /** A reading that was put right: what was, and what it came to. */
    public static String putRight(Reading reading, Measure cameTo, Units units) {
        return name(reading) + ": " + told(reading.is(), units) + " → " + told(cameTo, units);
    }

    /** What was changed in a file, in a phrase. */
    public static String told(EditSummary.Item item) {
        String path = "summary/" + item.key();
        String template = find(path);
        return (template == null ? counted(path, item.count()) : template)
                .replace("{n}", Integer.toString(item.count()))
                .replace("{what}", item.what())
                .replace("{list}", String.join(", ", item.names()));
    }

    /** Why a rule's findings were left as they are, in a sentence. */
    public static String leftOut(String rule, String reason) {
        return text("left-out/" + reason).replace("{rule}", title(rule));
    }

    /** Words as a change shows them, pictures among them. */
    public static String shown(String words) {
        return words.replace(String.valueOf(Paragraph.OBJECT), text("picture"));
    }

    /** Where words stand that a put-right changes. */
    public static String told(WordChange.Where where) {
        String part = switch (where.part()) {
            case TEXT -> "text";
            case FOOTNOTE, ENDNOTE -> "note";
            case HEADER -> "header";
            case FOOTER -> "footer";
            case TEXT_BOX -> "box";
        };
        String out = text("places/" + part);
        if (where.variant() == Marginals.Variant.FIRST) {
            out += ", " + text("places/first");
        } else if (where.variant() == Marginals.Variant.EVEN) {
            out += ", " + text("places/even");
        }
        return where.section() > 0
                ? out + ", " + text("places/section").replace("{n}", Integer.toString(where.section() + 1))
                : out;
    }
}
