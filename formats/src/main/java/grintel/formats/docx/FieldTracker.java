package grintel.formats.docx;

import grintel.core.paper.Inline;
import grintel.formats.xml.XmlElement;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Follows complex fields, which may nest and run over several runs and paragraphs (ISO 29500-1 §17.16.18). */
final class FieldTracker {
    private static final Pattern HYPERLINK =
            Pattern.compile("\\s*HYPERLINK\\s+(\\\\l\\s+)?\"([^\"]*)\".*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern REFERENCE = Pattern.compile(
            "\\s*(?:REF|PAGEREF|NOTEREF)\\s+\"?([^\\s\"\\\\]+).*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final int LONGEST_INSTRUCTION = 4000;

    private final Deque<OpenField> open = new ArrayDeque<>();

    void begin(XmlElement element) {
        OpenField field = new OpenField();
        field.elements.add(element);
        open.push(field);
    }

    void separate(XmlElement element) {
        OpenField field = open.peek();
        if (field != null) {
            field.inResult = true;
            field.elements.add(element);
        }
    }

    /** Ends the field opened last; null where none is open. */
    @Nullable
    OpenField end(XmlElement element) {
        OpenField field = open.poll();
        if (field != null) {
            field.elements.add(element);
        }
        return field;
    }

    void instruction(XmlElement element) {
        OpenField field = open.peek();
        if (field != null) {
            field.elements.add(element);
            if (!field.inResult && field.instruction.length() < LONGEST_INSTRUCTION) {
                field.instruction.append(element.text());
            }
        }
    }

    /** Whether what is read now is a field's instruction, or stands inside one. */
    boolean inInstruction() {
        return !open.isEmpty() && open.stream().anyMatch(field -> !field.inResult);
    }

    /** The field of live value whose result is read now, or null. */
    @Nullable
    OpenField live() {
        for (OpenField field : open) {
            if (field.inResult && field.kind() != null) {
                return field;
            }
        }
        return null;
    }

    /** Where the hyperlink or reference leads whose result is read now; empty where there is none. */
    String link() {
        for (OpenField field : open) {
            String link = field.inResult ? link(field.instruction.toString()) : "";
            if (!link.isEmpty()) {
                return link;
            }
        }
        return "";
    }

    /** Where an instruction leads: an address, {@code #} and a bookmark's name, or nowhere (§17.16.5.25, §17.16.5.45). */
    static String link(String instruction) {
        Matcher link = HYPERLINK.matcher(instruction);
        if (link.matches()) {
            return link.group(1) == null ? link.group(2) : "#" + link.group(2);
        }
        Matcher reference = REFERENCE.matcher(instruction);
        return reference.matches() ? "#" + reference.group(1) : "";
    }

    /** The live value an instruction asks for, or null (§17.16.5). */
    static Inline.Field.@Nullable Kind kind(@Nullable String instruction) {
        if (instruction == null) {
            return null;
        }
        String[] words = instruction.strip().split("\\s+", 2);
        return switch (words[0].toUpperCase(Locale.ROOT)) {
            case "PAGE" -> Inline.Field.Kind.PAGE;
            case "NUMPAGES" -> Inline.Field.Kind.PAGE_COUNT;
            case "SECTIONPAGES" -> Inline.Field.Kind.SECTION_PAGE_COUNT;
            default -> null;
        };
    }

    /** A field that has begun and not yet ended. */
    static final class OpenField {
        /** All of its mark-up so far, its result's included where that is a live value. */
        final List<XmlElement> elements = new ArrayList<>();

        private final StringBuilder instruction = new StringBuilder();
        private boolean inResult;
        /** Whether the value was given out already; later pieces of its result are only its old text. */
        boolean given;

        Inline.Field.@Nullable Kind kind() {
            return FieldTracker.kind(instruction.toString());
        }
    }
}
