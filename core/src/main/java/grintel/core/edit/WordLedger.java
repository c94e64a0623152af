package grintel.core.edit;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.EmbeddedText;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * All words of a paper, paragraph by paragraph: text with its notes and boxes at their places, and what the header and
 * the footer of every section say on a first page, an even one and all others. White space is aside but for where it
 * parts words. What edits do to words is worked out here on the words alone, so that it can be declared beforehand and
 * held against what was really done.
 */
public final class WordLedger {
    private static final char NOTE_OPENS = '\u2983';
    private static final char NOTE_CLOSES = '\u2984';
    private static final char PAGE_NUMBER = '#';
    private static final char PICTURE = Paragraph.OBJECT;
    /** The private use area has room for more notes than a paper has. */
    private static final int FIRST_NOTE = 0xE000;

    private static final int MOST_NOTES = 0x1900;

    private final Map<Story, List<Line>> stories;
    private final List<Story> notes;
    private final Map<Story, Integer> places = new HashMap<>();
    private final List<SectionHeads> sections;
    /** What tracked changes deleted, by paragraph. */
    private final Map<ParagraphAddress, List<String>> deleted;

    private boolean evenPagesDiffer;

    private WordLedger(
            Map<Story, List<Line>> stories,
            List<Story> notes,
            List<SectionHeads> sections,
            Map<ParagraphAddress, List<String>> deleted,
            boolean evenPagesDiffer) {
        this.stories = stories;
        this.notes = notes;
        notes.forEach(each -> places.put(each, places.size()));
        this.sections = sections;
        this.deleted = deleted;
        this.evenPagesDiffer = evenPagesDiffer;
    }

    /** The words of a paper as they are. */
    public static WordLedger of(Paper paper) {
        WordLedger ledger = new WordLedger(
                new LinkedHashMap<>(),
                new ArrayList<>(),
                new ArrayList<>(),
                new LinkedHashMap<>(),
                paper.settings().evenPagesDiffer());
        ledger.add(Story.TEXT, paper.paragraphs());
        for (EmbeddedText embedded : paper.embedded()) {
            if (!embedded.paragraphs().isEmpty()) {
                ledger.add(embedded.paragraphs().get(0).address().story(), embedded.paragraphs());
            }
        }
        for (Note note : paper.notes()) {
            ledger.add(note.story(), note.paragraphs());
        }
        for (Section section : paper.sections()) {
            SectionHeads heads = new SectionHeads(section.get(SectionProperties.FIRST_PAGE_DIFFERS));
            for (Story.Kind kind : List.of(Story.Kind.HEADER, Story.Kind.FOOTER)) {
                section.marginals(kind).stories().forEach((variant, marginal) -> {
                    if (!ledger.stories.containsKey(marginal.story())) {
                        ledger.add(marginal.story(), marginal.paragraphs());
                    }
                    if (!marginal.inherited()) {
                        heads.own(kind).put(variant, marginal.story());
                    }
                });
            }
            ledger.sections.add(heads);
        }
        return ledger;
    }

    private void add(Story story, List<Paragraph> paragraphs) {
        List<Line> lines = new ArrayList<>(paragraphs.size());
        for (Paragraph paragraph : paragraphs) {
            WorkLimits.goOn();
            lines.add(new Line(paragraph.address(), letters(paragraph)));
        }
        stories.put(story, lines);
    }

    /** A paragraph's characters, one for one, with a sign of its own for each note. */
    private String letters(Paragraph paragraph) {
        StringBuilder out = new StringBuilder();
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text) {
                out.append(text.text());
            } else if (inline instanceof Inline.Tab) {
                out.append('\t');
            } else if (inline instanceof Inline.Break) {
                out.append('\n');
            } else if (inline instanceof Inline.Field) {
                out.append(PAGE_NUMBER);
            } else if (inline instanceof Inline.NoteSign sign) {
                out.append(sign.inNote() ? "\u00A0" : signOf(sign.note()));
            } else if (inline instanceof Inline.Deleted gone) {
                deleted.computeIfAbsent(paragraph.address(), key -> new ArrayList<>(1))
                        .add(gone.text());
            } else if (inline instanceof Inline.TextBox box) {
                out.append(signOf(boxStory(box)));
                add(boxStory(box), box.paragraphs());
            } else if (inline instanceof Inline.Ruby ruby) {
                out.append(signOf(rubyStory(ruby)));
            } else if (inline.length() > 0) {
                out.append(PICTURE);
            }
        }
        return out.toString();
    }

    private static Story boxStory(Inline.TextBox box) {
        List<Paragraph> paragraphs = box.paragraphs();
        return paragraphs.isEmpty()
                ? new Story(Story.Kind.TEXT_BOX, "")
                : paragraphs.get(0).address().story();
    }

    private Story rubyStory(Inline.Ruby ruby) {
        Story story = new Story(Story.Kind.TEXT_BOX, "ruby " + stories.size());
        ParagraphAddress address = new ParagraphAddress(story, 0);
        stories.put(story, List.of(new Line(address, ruby.text() + " " + ruby.gloss())));
        return story;
    }

    /** A character that stands for a note. */
    private String signOf(Story note) {
        int at = places.computeIfAbsent(note, key -> {
            notes.add(key);
            return notes.size() - 1;
        });
        return String.valueOf((char) (FIRST_NOTE + at % MOST_NOTES));
    }

    // ---- what edits do

    /** The words as they will be once these edits are made. */
    public WordLedger after(List<Edit> edits) {
        Map<Story, List<Line>> copied = new LinkedHashMap<>();
        stories.forEach((story, lines) -> copied.put(story, new ArrayList<>(lines)));
        List<SectionHeads> heads = new ArrayList<>();
        sections.forEach(each -> heads.add(each.copy()));
        WordLedger after =
                new WordLedger(copied, new ArrayList<>(notes), heads, new LinkedHashMap<>(deleted), evenPagesDiffer);
        WordEditor editor = new WordEditor(after);
        edits.stream()
                .filter(edit -> !EditOrder.isOfCharacters(edit) && !EditOrder.isOfParagraphs(edit))
                .forEach(edit -> edit.accept(editor));
        EditOrder.ofCharacters(edits).forEach(edit -> edit.accept(editor));
        EditOrder.ofParagraphs(edits).forEach(edit -> edit.accept(editor));
        return after;
    }

    List<Line> lines(Story story) {
        List<Line> found = stories.get(story);
        if (found == null) {
            throw new EditRefusedException("The paper has no " + story + ".");
        }
        return found;
    }

    /** The line of a paragraph, wherever it stands by now. */
    Line line(ParagraphAddress address) {
        List<Line> lines = lines(address.story());
        return lines.get(indexOf(lines, address));
    }

    static int indexOf(List<Line> lines, ParagraphAddress address) {
        int guess = address.index();
        if (guess < lines.size() && lines.get(guess).address.equals(address)) {
            return guess;
        }
        // Most have moved up, by as many as went before them.
        for (int i = Math.min(guess, lines.size()) - 1; i >= 0; i--) {
            WorkLimits.goOn();
            if (lines.get(i).address.equals(address)) {
                return i;
            }
        }
        for (int i = guess; i < lines.size(); i++) {
            WorkLimits.goOn();
            if (lines.get(i).address.equals(address)) {
                return i;
            }
        }
        throw new EditRefusedException("The paper has no paragraph " + address + ".");
    }

    void replace(ParagraphAddress address, Line line) {
        List<Line> lines = lines(address.story());
        lines.set(indexOf(lines, address), line);
    }

    void write(Story story, List<Line> lines) {
        stories.put(story, lines);
    }

    List<SectionHeads> sections() {
        return sections;
    }

    /** Lets go for good what tracked changes deleted in a paragraph. */
    void settle(ParagraphAddress paragraph) {
        deleted.remove(paragraph);
    }

    void setEvenPagesDiffer(boolean differ) {
        evenPagesDiffer = differ;
    }

    String newNote(Story note) {
        return signOf(note);
    }

    // ---- comparing

    /** The words of the text in order; a paragraph each, those without words left out. */
    private List<String> text() {
        return lines(stories.getOrDefault(Story.TEXT, List.of()));
    }

    private List<String> lines(List<Line> lines) {
        return lines.stream()
                .map(line -> words(line.letters))
                .filter(words -> !words.isEmpty())
                .toList();
    }

    /** White space made single, notes written out where they are called. */
    private String words(CharSequence letters) {
        StringBuilder out = new StringBuilder(letters.length());
        int at = 0;
        while (at < letters.length()) {
            int from = at;
            while (at < letters.length() && standsForItself(letters.charAt(at))) {
                at++;
            }
            out.append(letters, from, at);
            if (at == letters.length()) {
                break;
            }
            Story note = noteAt(letters.charAt(at));
            if (note != null) {
                List<Line> inside = stories.get(note);
                out.append(NOTE_OPENS)
                        .append(inside == null ? "" : String.join(" ", lines(inside)))
                        .append(NOTE_CLOSES);
            } else if (!out.isEmpty() && out.charAt(out.length() - 1) != ' ') {
                out.append(' ');
            }
            at++;
        }
        int end = out.length();
        return end > 0 && out.charAt(end - 1) == ' ' ? out.substring(0, end - 1) : out.toString();
    }

    private boolean standsForItself(char c) {
        return c > ' ' && (c <= '~' || !isSpace(c) && noteAt(c) == null);
    }

    /** The note that a character stands for, or null. */
    private @Nullable Story noteAt(char c) {
        int note = c - FIRST_NOTE;
        return note >= 0 && note < MOST_NOTES && note < notes.size() ? notes.get(note) : null;
    }

    private static boolean isSpace(char c) {
        return c <= ' ' || c > '~' && (Character.isWhitespace(c) || Character.isSpaceChar(c) || c == '\u200B');
    }

    /** What headers and footers say in each section. */
    private MarginalWords marginals() {
        List<MarginalWords.Said> out = new ArrayList<>();
        Map<Story.Kind, Map<Marginals.Variant, Story>> shown = new EnumMap<>(Story.Kind.class);
        for (SectionHeads heads : sections) {
            Map<MarginalWords.Place, String> said = new LinkedHashMap<>();
            boolean declares = out.isEmpty() || heads.firstPageDiffers;
            for (Story.Kind kind : List.of(Story.Kind.HEADER, Story.Kind.FOOTER)) {
                Map<Marginals.Variant, Story> of =
                        shown.computeIfAbsent(kind, key -> new EnumMap<>(Marginals.Variant.class));
                of.putAll(heads.own(kind));
                declares |= !heads.own(kind).isEmpty();
                for (Marginals.Variant variant : Marginals.Variant.values()) {
                    boolean counts = switch (variant) {
                        case DEFAULT -> true;
                        case FIRST -> heads.firstPageDiffers;
                        case EVEN -> evenPagesDiffer;
                    };
                    Story story = of.get(counts ? variant : Marginals.Variant.DEFAULT);
                    List<Line> lines = story == null ? null : stories.get(story);
                    said.put(
                            new MarginalWords.Place(kind, variant),
                            lines == null ? "" : String.join(" / ", lines(lines)));
                }
            }
            out.add(new MarginalWords.Said(said, !declares));
        }
        return new MarginalWords(out);
    }

    /** Whether the two hold the same words at the same places. */
    public boolean isSameAs(WordLedger other) {
        return hasSameTextAs(other)
                && marginals().changes(other.marginals()).isEmpty()
                && sortedDeleted().equals(other.sortedDeleted());
    }

    /** What tracked changes have deleted goes with its paragraph, so that its order says nothing. */
    private List<String> sortedDeleted() {
        return deleted.values().stream().flatMap(List::stream).sorted().toList();
    }

    /** Whether the two hold the same text, with its notes and boxes, whatever their headers say. */
    public boolean hasSameTextAs(WordLedger other) {
        List<Line> mine = withLetters();
        List<Line> theirs = other.withLetters();
        if (mine.size() != theirs.size()) {
            return false;
        }
        for (int i = 0; i < mine.size(); i++) {
            String letters = mine.get(i).letters;
            // Most lines are the same letter by letter; a sign that stands for a note may mean another note there.
            boolean same = letters.equals(theirs.get(i).letters) && !holdsNote(letters);
            if (!same && !words(letters).equals(other.words(theirs.get(i).letters))) {
                return false;
            }
        }
        return true;
    }

    /** The lines of the text that are not blank. */
    private List<Line> withLetters() {
        return stories.getOrDefault(Story.TEXT, List.of()).stream()
                .filter(line -> !line.letters.chars().allMatch(c -> isSpace((char) c)))
                .toList();
    }

    private static boolean isNote(char c) {
        return c >= FIRST_NOTE && c < FIRST_NOTE + MOST_NOTES;
    }

    private static boolean holdsNote(String letters) {
        for (int i = 0; i < letters.length(); i++) {
            if (isNote(letters.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    /** Some words at which the two differ, for a message; empty where they do not. */
    public String firstDifference(WordLedger other) {
        List<String> were = new ArrayList<>(text());
        List<String> are = new ArrayList<>(other.text());
        for (WordChange change : marginals().changes(other.marginals())) {
            were.add(change.before());
            are.add(change.after());
        }
        were.addAll(sortedDeleted());
        are.addAll(other.sortedDeleted());
        for (int i = 0; i < Math.max(were.size(), are.size()); i++) {
            String was = i < were.size() ? were.get(i) : "";
            String is = i < are.size() ? are.get(i) : "";
            if (!was.equals(is)) {
                String shown = was.isEmpty() ? is : was;
                return shown.length() <= 40 ? shown : shown.substring(0, 40) + "…";
            }
        }
        return "";
    }

    /** What edits that were made to the words of this ledger changed in them. */
    public List<WordChange> changes(List<Edit> edits) {
        if (edits.stream().noneMatch(WordEditor::touchesWords)) {
            return List.of();
        }
        return changes(edits, after(edits));
    }

    /** What edits that were made to the words of this ledger changed in them, those after them being known. */
    public List<WordChange> changes(List<Edit> edits, WordLedger after) {
        List<WordChange> out = new ArrayList<>();
        Set<ParagraphAddress> touched = WordEditor.touched(edits);
        Map<ParagraphAddress, List<Line>> standing = after.linesBesides(touched);
        addMoves(edits, out);
        for (ParagraphAddress address : touched) {
            if (address.story().kind() != Story.Kind.HEADER && address.story().kind() != Story.Kind.FOOTER) {
                addChange(line(address), standing.getOrDefault(address, List.of()), after, out);
            }
        }
        addSettled(edits, out);
        out.addAll(marginalChanges(after));
        return out;
    }

    /** What tracked changes deleted, and goes for good. */
    private void addSettled(List<Edit> edits, List<WordChange> out) {
        for (Edit edit : edits) {
            if (edit instanceof Edit.SettleChanges settle) {
                for (String gone : deleted.getOrDefault(settle.paragraph(), List.of())) {
                    if (!words(gone).isEmpty()) {
                        WordChange.Where where = WordChange.Where.of(settle.paragraph());
                        out.add(new WordChange(WordChange.Kind.CHANGED, where, words(gone), ""));
                    }
                }
            }
        }
    }

    /** What has changed in headers and footers as they are seen, by pages of each kind. */
    public List<WordChange> marginalChanges(WordLedger after) {
        return marginals().changes(after.marginals());
    }

    private void addMoves(List<Edit> edits, List<WordChange> out) {
        for (Edit edit : edits) {
            if (edit instanceof Edit.MoveParagraphs move) {
                List<Line> lines = lines(move.first().story());
                int from = indexOf(lines, move.first());
                for (Line line : lines.subList(from, from + move.count())) {
                    String words = words(line.letters);
                    if (!words.isEmpty()) {
                        out.add(new WordChange(WordChange.Kind.MOVED, WordChange.Where.of(line.address), words, words));
                    }
                }
            }
        }
    }

    /** What stands where some paragraphs stood, or was made beside them. */
    private Map<ParagraphAddress, List<Line>> linesBesides(Set<ParagraphAddress> paragraphs) {
        Map<ParagraphAddress, List<Line>> out = new HashMap<>();
        for (List<Line> lines : stories.values()) {
            for (Line line : lines) {
                ParagraphAddress origin = paragraphs.contains(line.address) ? line.address : line.from;
                if (origin != null && paragraphs.contains(origin)) {
                    out.computeIfAbsent(origin, key -> new ArrayList<>(1)).add(line);
                }
            }
        }
        return out;
    }

    /** The change to one paragraph; what comes in after it, and what it is joined with, is told with it. */
    private void addChange(Line before, List<Line> standing, WordLedger after, List<WordChange> out) {
        if (standing.size() == 1 && differOnlyInSpace(before.letters, standing.get(0).letters)) {
            return;
        }
        String was = words(before.letters);
        String is = String.join(" ¶ ", after.lines(standing));
        if (!was.equals(is)) {
            out.add(new WordChange(WordChange.Kind.CHANGED, WordChange.Where.of(before.address), was, is));
        }
    }

    /** Whether two texts without notes are the same words: what most edits of space leave. */
    private static boolean differOnlyInSpace(String one, String other) {
        int at = 0;
        int there = 0;
        while (true) {
            int from = at;
            int thereFrom = there;
            while (at < one.length() && isSpace(one.charAt(at))) {
                at++;
            }
            while (there < other.length() && isSpace(other.charAt(there))) {
                there++;
            }
            if (at == one.length() || there == other.length()) {
                return at == one.length() && there == other.length();
            }
            char c = one.charAt(at);
            boolean parted = from == 0 || at > from == there > thereFrom;
            if (!parted || c != other.charAt(there) || isNote(c)) {
                return false;
            }
            at++;
            there++;
        }
    }

    /**
     * A paragraph's characters.
     *
     * @param from the paragraph a new one was made beside; null for one of the paper
     */
    record Line(
            ParagraphAddress address,
            String letters,
            @Nullable ParagraphAddress from) {
        Line(ParagraphAddress address, String letters) {
            this(address, letters, null);
        }

        Line with(String other) {
            return new Line(address, other, from);
        }
    }

    /** Which headers and footers a section has of its own, and whether its first page differs. */
    static final class SectionHeads {
        private final Map<Story.Kind, Map<Marginals.Variant, Story>> own = new HashMap<>();
        boolean firstPageDiffers;

        SectionHeads(boolean firstPageDiffers) {
            this.firstPageDiffers = firstPageDiffers;
        }

        Map<Marginals.Variant, Story> own(Story.Kind kind) {
            return own.computeIfAbsent(kind, key -> new EnumMap<>(Marginals.Variant.class));
        }

        SectionHeads copy() {
            SectionHeads copy = new SectionHeads(firstPageDiffers);
            own.forEach((kind, stories) -> copy.own(kind).putAll(stories));
            return copy;
        }
    }
}
