package grintel.core.compose;

import grintel.core.data.DataNode;
import grintel.core.guide.Ask;
import grintel.core.guide.Difference;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.Casing;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.guide.value.Value;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said beside the pages of a specimen: each rule once, on the first page that shows what it is about. */
public final class SpecimenNotes {
    private static final List<Template> TEMPLATES = read();
    private static final Pattern NAME = Pattern.compile("\\{([a-z-]+)\\}");
    private static final String LEVELS = "levels";

    private SpecimenNotes() {}

    /**
     * A note.
     *
     * @param page number of the page it stands beside
     * @param source the guide or the house rules it comes from
     */
    public record Note(int page, String rule, String text, String source) {}

    /** The notes of a specimen, in order of work. */
    public static List<Note> of(Guide guide, Proof proof, Parts parts) {
        List<Set<PartKind>> shown = PageKinds.of(proof, parts);
        List<Note> out = new ArrayList<>();
        for (Template template : TEMPLATES) {
            Ask ask = guide.ask(template.rule());
            int page = ask.isAsked() ? firstPage(shown, template.at()) : -1;
            if (page >= 0) {
                for (String text : texts(template, ask)) {
                    out.add(new Note(proof.pages().get(page).number(), template.rule(), text, ask.source()));
                }
            }
        }
        return out;
    }

    private static int firstPage(List<Set<PartKind>> shown, Set<PartKind> at) {
        for (int i = 0; i < shown.size(); i++) {
            if (shown.get(i).stream().anyMatch(at::contains)) {
                return i;
            }
        }
        return -1;
    }

    private static List<String> texts(Template template, Ask ask) {
        if (template.note().equals(LEVELS)) {
            List<HeadingForm> levels = ask.get(HeadingDemands.LEVELS);
            List<String> out = new ArrayList<>();
            for (int i = 0; i < levels.size(); i++) {
                out.add("Heading " + (i + 1) + ": " + told(levels.get(i)));
            }
            return out;
        }
        String text = filled(template.note(), template, ask);
        String other =
                text == null && template.otherwise() != null ? filled(template.otherwise(), template, ask) : text;
        return other == null ? List.of() : List.of(other);
    }

    /** The note with what is asked in it; null where it speaks of something the guide says nothing of. */
    private static @Nullable String filled(String note, Template template, Ask ask) {
        Matcher names = NAME.matcher(note);
        StringBuilder out = new StringBuilder();
        while (names.find()) {
            String said = said(ask, names.group(1));
            if (said == null) {
                return null;
            }
            String shown = template.words().getOrDefault(said, said);
            names.appendReplacement(out, Matcher.quoteReplacement(shown));
        }
        return names.appendTail(out).toString();
    }

    private static @Nullable String said(Ask ask, String name) {
        for (Value<?> value : Demands.get(ask.rule()).values()) {
            if (value.name().equals(name)) {
                Object found = ask.find(value);
                return found == null ? null : told(found, value);
            }
        }
        throw new IllegalStateException("No value " + name + " of " + ask.rule());
    }

    private static String told(Object found, Value<?> value) {
        if (found instanceof Boldness bold) {
            return switch (bold) {
                case BOLD -> "bold";
                case PLAIN -> "not bold";
                case ANY -> "bold or not";
            };
        }
        if (found instanceof CaptionForm caption) {
            return told(caption);
        }
        if (found instanceof Double multiple) {
            return multiple == 1
                    ? "single"
                    : multiple == 1.5 ? "one and a half" : multiple == 2 ? "double" : multiple + " apart";
        }
        return Difference.told(value.written(found));
    }

    private static String told(CaptionForm caption) {
        List<String> out = new ArrayList<>();
        if (!caption.words().isEmpty()) {
            out.add("“" + caption.words().replace('#', '1') + "”");
        }
        if (caption.bold() == Boldness.BOLD) {
            out.add("bold");
        }
        if (caption.slant() == Slant.ITALIC) {
            out.add("italic");
        }
        if (caption.casing() != Casing.ANY) {
            out.add(caption.casing() == Casing.SENTENCE ? "sentence case" : "title case");
        }
        if (caption.line() == CaptionForm.Line.SAME) {
            out.add("on the same line");
        }
        return out.isEmpty() ? "plain" : String.join(", ", out);
    }

    private static String told(HeadingForm form) {
        List<String> out = new ArrayList<>();
        out.add(form.stand() == Stand.LEFT ? "left" : form.stand().id());
        if (form.bold() == Boldness.BOLD) {
            out.add("bold");
        }
        if (form.slant() == Slant.ITALIC) {
            out.add("italic");
        }
        if (form.underlined()) {
            out.add("underlined");
        }
        out.add(form.casing() == Casing.SENTENCE ? "sentence case" : "title case");
        if (form.runIn()) {
            out.add(form.fullStop() ? "full stop, the text runs in" : "the text runs in");
        }
        return String.join(", ", out);
    }

    private static List<Template> read() {
        return DataNode.resource(SpecimenNotes.class, "specimen.yaml").items().stream()
                .map(node -> new Template(
                        node.get("rule").text(),
                        node.get("at").texts().stream()
                                .map(kind -> PartKind.valueOf(
                                        kind.toUpperCase(Locale.ROOT).replace('-', '_')))
                                .collect(Collectors.toCollection(() -> EnumSet.noneOf(PartKind.class))),
                        node.get("note").text(),
                        node.get("else").textOrNull(),
                        words(node.get("words"))))
                .toList();
    }

    private static Map<String, String> words(DataNode node) {
        return node.keys().stream()
                .collect(Collectors.toUnmodifiableMap(
                        Function.identity(), key -> node.get(key).text()));
    }

    /** How a note is told: at which parts, in which words. */
    private record Template(
            String rule,
            Set<PartKind> at,
            String note,
            @Nullable String otherwise,
            Map<String, String> words) {}
}
