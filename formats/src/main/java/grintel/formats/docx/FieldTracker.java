package grintel.formats.docx;

import grintel.core.paper.Inline;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Follows complex fields, which may nest and run over several runs and paragraphs (ISO 29500-1 §17.16.18). */
final class FieldTracker {
    private static final Pattern HYPERLINK =
            Pattern.compile("\\s*HYPERLINK\\s+(\\\\l\\s+)?\"([^\"]*)\".*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

    private final Deque<OpenField> open = new ArrayDeque<>();

    void begin() {
        open.push(new OpenField());
    }

    void separate() {
        OpenField field = open.peek();
        if (field != null) {
            field.inResult = true;
        }
    }

    /** Ends a field; gives the live value it stands for if its result showed nothing, so that none is lost. */
    Inline.Field.@Nullable Kind end() {
        OpenField field = open.poll();
        if (field == null || field.emitted || inInstruction()) {
            return null;
        }
        return kind(field.instruction.toString());
    }

    void instruction(String text) {
        OpenField field = open.peek();
        if (field != null && !field.inResult) {
            field.instruction.append(text);
        }
    }

    /** Whether what is read now is a field's instruction, or stands inside one. */
    boolean inInstruction() {
        return open.stream().anyMatch(field -> !field.inResult);
    }

    /** The live field whose result is read now, or null. */
    Inline.Field.@Nullable Kind liveResult() {
        for (OpenField field : open) {
            Inline.Field.Kind kind = kind(field.instruction.toString());
            if (field.inResult && kind != null) {
                return kind;
            }
        }
        return null;
    }

    /** Whether the live field read now is met for the first time; later runs of its result are only its old text. */
    boolean firstOfLiveResult() {
        for (OpenField field : open) {
            if (field.inResult && kind(field.instruction.toString()) != null) {
                boolean first = !field.emitted;
                field.emitted = true;
                return first;
            }
        }
        return false;
    }

    /** Where the hyperlink field leads whose result is read now (§17.16.5.25); empty where there is none. */
    String link() {
        for (OpenField field : open) {
            Matcher link = HYPERLINK.matcher(field.instruction);
            if (field.inResult && link.matches()) {
                return link.group(1) == null ? link.group(2) : "#" + link.group(2);
            }
        }
        return "";
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

    private static final class OpenField {
        private final StringBuilder instruction = new StringBuilder();
        private boolean inResult;
        private boolean emitted;
    }
}
