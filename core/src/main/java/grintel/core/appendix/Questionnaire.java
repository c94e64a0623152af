package grintel.core.appendix;

import grintel.core.language.ExportTraces;
import grintel.core.language.ExportTraces.Kind;
import grintel.core.language.ExportTraces.Trace;
import grintel.core.limit.WorkLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Takes an exported questionnaire apart: what in it is a trace of the tool, and what each other line is. No line is lost:
 * what is taken out is listed with the reason.
 */
public final class Questionnaire {
    /** More lines than this are not taken. */
    public static final int MOST_LINES = 5000;

    private static final Pattern PICTURE = Pattern.compile("\\[Picture(?:: (?<shows>.*))?]");

    /** What a picture is called while nobody has said what it shows; a number may follow. */
    public static final String UNSAID = "Picture";

    private static final Pattern UNSAID_PICTURE = Pattern.compile(UNSAID + "(?: \\d+)?");

    /** What programs write for themselves where it should be said what a picture shows. */
    private static final Pattern FILE_NAME =
            Pattern.compile("(?i)\\S+\\.(?:png|jpe?g|gif|svg|webp|bmp|emf)|image\\s?\\d*|picture\\s?\\d*|graphics?");

    private static final Pattern NUMBERED = Pattern.compile("\\s*(?<number>\\d{1,3}[.)])\\s+(?<rest>\\S.*)");
    private static final Pattern OPEN =
            Pattern.compile("[_.…]{3,}|(?i)\\(?(?:text entry|open(?:-ended)?(?: answer| response)?)\\)?:?");
    private static final Pattern REVERSED = Pattern.compile("\\s*(?:\\(R\\)|®)\\s*$");
    private static final Pattern NAMED = Pattern.compile(
            "(?i)[\\W_]*(?:start|begin|beginning)\\s+of\\s+(?:the\\s+)?(?:block|section|group)\\s*[:–-]?\\s*(?<name>.*?)[\\W_]*");
    /** What tools call a block that nobody named. */
    private static final Pattern UNNAMED =
            Pattern.compile("(?i)default\\b.*|untitled\\b.*|(?:block|section|group|page|part)\\s*\\d*");

    /** The heads of a sheet of items. */
    private static final Pattern COLUMN_NAMES = Pattern.compile(
            "(?i)(?:(?:item|question|variable|no|nr|number|id|code|text|wording|label|name|scale|subscale|reversed)s?[\\s,.;:_-]*){2,}");

    private static final int LONGEST_HEAD = 80;
    private static final int LONGEST_OPTION = 12;
    private static final int LONGEST_HEADING = 8;

    private Questionnaire() {}

    /** What a line of a questionnaire is. */
    public enum Role {
        /** Taken out. */
        OUT,
        HEADING,
        /** Words to those who answer, as they were given. */
        INSTRUCTION,
        ITEM,
        /** An answer to choose. */
        OPTION,
        /** That an answer is written freely. */
        OPEN_ANSWER,
        /** A picture that comes along; its words say what it shows. */
        PICTURE
    }

    /**
     * A line.
     *
     * @param typed as it came in
     * @param words what is left of it without traces
     * @param why keys of what was taken out of it, or why it goes as a whole
     * @param reversed whether it is an item scored in reverse
     * @param part which of the questionnaire's blocks it stands in, counted from 0
     * @param picture the one that stands there, null in a line of words
     */
    public record Line(
            String typed,
            String words,
            Role role,
            List<String> why,
            boolean reversed,
            int part,
            @Nullable ExportPicture picture) {
        public Line {
            why = List.copyOf(why);
        }

        /** A line of words. */
        public Line(String typed, String words, Role role, List<String> why, boolean reversed, int part) {
            this(typed, words, role, why, reversed, part, null);
        }

        private Line as(Role other) {
            return new Line(typed, words, other, why, false, part, picture);
        }
    }

    static boolean isPicture(String line) {
        return PICTURE.matcher(line).matches();
    }

    /** Whether somebody has said what a picture shows. */
    static boolean isSaid(String shows) {
        return !UNSAID_PICTURE.matcher(shows).matches();
    }

    /** What each line is, as far as it can be told; empty lines are left away. */
    public static List<Line> understand(List<ExportLine> typed) {
        List<ExportLine> export = typed.stream()
                .map(line -> new ExportLine(
                        line.words().replaceAll("[\\s\\u00A0\\u200B]+", " ").strip(), line.picture()))
                .filter(line -> !line.words().isEmpty())
                .limit(MOST_LINES)
                .toList();
        List<String> lines = export.stream().map(ExportLine::words).toList();
        List<List<Trace>> traces = new ArrayList<>();
        lines.forEach(line -> traces.add(new ArrayList<>()));
        ExportTraces.in(lines).forEach(trace -> traces.get(trace.line()).add(trace));
        List<Line> out = new ArrayList<>();
        int part = 0;
        // Whether the part at hand has lines, and lines under its headings.
        boolean filled = false;
        boolean begun = false;
        // Whether what it is called says that it is read and not answered.
        boolean read = false;
        for (int i = 0; i < lines.size(); i++) {
            WorkLimits.goOn();
            boolean marked = NAMED.matcher(lines.get(i)).matches();
            MaterialKind named = traces.get(i).isEmpty() ? MaterialKinds.named(lines.get(i)) : null;
            // After what is only read, a line over items, or over a word on them, is the name of what is answered.
            boolean heads = read
                    && begun
                    && traces.get(i).isEmpty()
                    && isHeading(lines.get(i))
                    && (isCounted(lines, traces, i + 1) || isCounted(lines, traces, i + 2));
            if (marked && filled || (named != null || heads) && begun) {
                part++;
                begun = false;
                read = false;
            }
            read |= named != null && named.isRead();
            Line line = line(export.get(i), traces.get(i), out, part);
            line = heads || named != null ? line.as(Role.HEADING) : line;
            filled |= line.role() != Role.OUT;
            begun |= line.role() != Role.OUT && line.role() != Role.HEADING;
            out.add(line);
        }
        return ofTheirKinds(options(out));
    }

    /** In what is read and not answered, a question is a sentence, unless the tool or its writer numbers it. */
    private static List<Line> ofTheirKinds(List<Line> lines) {
        Map<Integer, List<Line>> parts =
                lines.stream().collect(Collectors.groupingBy(Line::part, TreeMap::new, Collectors.toList()));
        List<Line> out = new ArrayList<>();
        parts.values().forEach(part -> {
            boolean read = MaterialKinds.of(part).kind().isRead();
            for (Line line : part) {
                boolean counted = line.why().contains(Kind.ITEM_CODE.id())
                        || line.reversed()
                        || NUMBERED.matcher(line.typed()).matches();
                out.add(read && line.role() == Role.ITEM && !counted ? line.as(Role.INSTRUCTION) : line);
            }
        });
        return out;
    }

    private static Line line(ExportLine export, List<Trace> traces, List<Line> before, int part) {
        String typed = export.words();
        if (export.picture() != null) {
            return new Line(typed, shows(typed, before), Role.PICTURE, List.of(), false, part, export.picture());
        }
        List<String> why =
                traces.stream().map(trace -> trace.kind().id()).distinct().toList();
        if (isPicture(typed)) {
            return new Line(typed, typed, Role.INSTRUCTION, List.of(), false, part);
        }
        Matcher named = NAMED.matcher(typed);
        if (before.isEmpty()
                && typed.length() <= LONGEST_HEAD
                && COLUMN_NAMES.matcher(typed).matches()) {
            return new Line(typed, typed, Role.OUT, List.of("column-names"), false, part);
        }
        if (named.matches()
                && !named.group("name").isBlank()
                && !UNNAMED.matcher(named.group("name").strip()).matches()) {
            // The name of a block is the writer's own, the words round it are the tool's.
            return new Line(typed, named.group("name").strip(), Role.HEADING, why, false, part);
        }
        StringBuilder left = new StringBuilder(typed);
        for (int i = traces.size() - 1; i >= 0; i--) {
            left.delete(traces.get(i).from(), traces.get(i).to());
        }
        String words = left.toString().strip();
        if (words.isEmpty()) {
            return new Line(typed, typed, Role.OUT, why, false, part);
        }
        if (OPEN.matcher(words).matches()) {
            return new Line(typed, words, Role.OPEN_ANSWER, why, false, part);
        }
        boolean reversed = REVERSED.matcher(words).find();
        words = REVERSED.matcher(words).replaceFirst("");
        Matcher number = NUMBERED.matcher(words);
        boolean numbered = number.matches();
        words = numbered ? number.group("rest") : words;
        Role role = role(words, traces, numbered || reversed, before);
        return new Line(typed, words, role, why, reversed, part);
    }

    /** What a picture shows as the export says it, else a name to be replaced. */
    private static String shows(String typed, List<Line> before) {
        Matcher picture = PICTURE.matcher(typed);
        String said = picture.matches() && picture.group("shows") != null ? picture.group("shows") : "";
        if (said.isBlank() || FILE_NAME.matcher(said).matches()) {
            long others =
                    before.stream().filter(line -> line.role() == Role.PICTURE).count();
            return UNSAID + " " + (others + 1);
        }
        return said.replaceFirst("(?<=[^.])\\.$", "");
    }

    private static boolean isCounted(List<String> lines, List<List<Trace>> traces, int at) {
        return at < lines.size()
                && (traces.get(at).stream().anyMatch(trace -> trace.kind() == Kind.ITEM_CODE)
                        || NUMBERED.matcher(lines.get(at)).matches());
    }

    private static boolean isHeading(String words) {
        return words.split(" ").length <= LONGEST_HEADING && !words.matches(".*[.:;,!?]");
    }

    private static Role role(String words, List<Trace> traces, boolean numbered, List<Line> before) {
        int length = words.split(" ").length;
        boolean option =
                traces.stream().anyMatch(trace -> trace.kind() == Kind.OPTION_CODE || trace.kind() == Kind.BUBBLE);
        if (option && length <= LONGEST_OPTION) {
            return Role.OPTION;
        }
        boolean coded = traces.stream().anyMatch(trace -> trace.kind() == Kind.ITEM_CODE);
        if (coded || numbered || words.endsWith("?")) {
            return Role.ITEM;
        }
        boolean first = before.stream().noneMatch(line -> line.role() != Role.OUT);
        if (first && isHeading(words)) {
            return Role.HEADING;
        }
        return Role.INSTRUCTION;
    }

    /** Short lines between items that come back after each are answers to choose, though nothing marks them. */
    private static List<Line> options(List<Line> lines) {
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            boolean again = line.role() == Role.INSTRUCTION
                    && !isPicture(line.words())
                    && line.words().split(" ").length <= LONGEST_OPTION
                    && lines.stream()
                                    .filter(other -> other.words().equals(line.words()))
                                    .count()
                            > 1;
            out.add(again ? line.as(Role.OPTION) : line);
        }
        return out;
    }
}
