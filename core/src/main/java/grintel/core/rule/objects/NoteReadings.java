package grintel.core.rule.objects;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Stand;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Stretch;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What a guide asks of the notes under tables, or under figures: how they open, and in which order they stand. */
public final class NoteReadings {
    private static final Measure NO_WORD = Measure.word("no-such-word");
    private static final Pattern NOTE =
            Pattern.compile("\\s*(?<word>(?i:notes?))\\s?(?<mark>[.:–—-]?)(?=\\s|$).*", Pattern.DOTALL);
    private static final Pattern SOURCE =
            Pattern.compile("\\s*(?<word>(?i:sources?))\\s?(?<mark>[.:–—-]?)(?=\\s|$).*", Pattern.DOTALL);

    private final String rule;
    private final Examination exam;
    private final CaptionForm form;
    private final List<Captioned> all;

    public NoteReadings(String rule, Examination exam, PartKind kind, CaptionForm form) {
        this.rule = rule;
        this.exam = exam;
        this.form = form;
        this.all = Captioned.all(exam, kind).stream()
                .filter(each -> !each.notes().isEmpty())
                .toList();
    }

    public List<Reading> readings() {
        List<Opening> openings = new ArrayList<>();
        for (Captioned each : all) {
            each.notes().stream()
                    .map(this::opening)
                    .filter(found -> found != null)
                    .forEach(openings::add);
        }
        List<Reading> out = new ArrayList<>(exam.whole()
                .each(
                        paper -> openings,
                        each -> exam.place(each.stretch.paragraph()),
                        each -> exam.identity(each.stretch.paragraph()))
                .check(rule, "words")
                .measure(Opening::is)
                .asks(new Measure.Quote(form.words()))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .map(each -> each.saying(form.words()))
                                .toList())
                .readings());
        List<Stretch> words = openings.stream()
                .map(each -> each.stretch)
                .filter(word -> word.from() < word.to())
                .toList();
        out.addAll(new LineForm(Stand.INDENTED, form.bold(), form.slant(), false)
                .readings(rule, exam, exam.stretches(words)));
        out.addAll(order());
        return out;
    }

    // ---- how a note opens

    /** How a note opens that should open as the guide says; null for one of another kind. */
    private @Nullable Opening opening(Paragraph paragraph) {
        if (Order.of(paragraph) != Order.GENERAL) {
            return null;
        }
        boolean wantsNote = NOTE.matcher(form.words()).matches();
        VisibleText visible = VisibleText.of(paragraph);
        Matcher opening = (wantsNote ? NOTE : SOURCE).matcher(visible.text());
        if (opening.matches()) {
            return new Opening(Stretch.of(paragraph, visible.range(opening.start("word"), opening.end("mark"))));
        }
        return wantsNote ? new Opening(new Stretch(paragraph, 0, 0)) : null;
    }

    /**
     * @param stretch the word a note opens with, empty where it opens with none
     */
    private record Opening(Stretch stretch) {
        Measure is() {
            return stretch.from() == stretch.to() ? NO_WORD : new Measure.Quote(stretch.characters());
        }

        Edit saying(String words) {
            boolean none = stretch.from() == stretch.to();
            return Edit.ReplaceText.words(
                    new TextRange(stretch.paragraph().address(), stretch.from(), stretch.to()),
                    none ? words + " " : words);
        }
    }

    // ---- in which order notes stand

    private List<Reading> order() {
        return Captioned.subjects(exam, all)
                .filter(each -> each.notes().size() > 1)
                .check(rule, "order")
                .measure(each -> said(each.notes()))
                .asksOf(each -> said(sorted(each)))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .flatMap(each -> moved(each).stream())
                                .toList())
                .fixable(each -> areTogether(each.notes()))
                .readings();
    }

    private static Measure said(List<Paragraph> notes) {
        List<String> kinds = notes.stream().map(note -> Order.of(note).id()).toList();
        Set<String> seen = new LinkedHashSet<>(kinds);
        // A kind that comes back after another has no name of its own.
        boolean again = IntStream.range(1, kinds.size())
                .anyMatch(i -> !kinds.get(i).equals(kinds.get(i - 1)) && kinds.indexOf(kinds.get(i)) < i);
        return Measure.word(
                again || seen.size() == 3 && !isSorted(notes) ? "notes-mixed" : "notes-" + String.join("-", seen));
    }

    private static boolean isSorted(List<Paragraph> notes) {
        return notes.equals(
                notes.stream().sorted(Comparator.comparing(Order::of)).toList());
    }

    private static List<Paragraph> sorted(Captioned object) {
        return object.notes().stream().sorted(Comparator.comparing(Order::of)).toList();
    }

    /** The notes that stand too early, moved one after the other behind those they follow. */
    private static List<Edit> moved(Captioned object) {
        List<Paragraph> notes = object.notes();
        for (int i = 0; i + 1 < notes.size(); i++) {
            if (Order.of(notes.get(i)).compareTo(Order.of(notes.get(i + 1))) > 0) {
                return List.of(new Edit.MoveParagraphs(
                        notes.get(i + 1).address(),
                        1,
                        Position.before(notes.get(i).address())));
            }
        }
        return List.of();
    }

    private static boolean areTogether(List<Paragraph> notes) {
        int first = notes.get(0).address().index();
        int last = notes.get(notes.size() - 1).address().index();
        return last - first == notes.size() - 1 && notes.stream().noneMatch(Paragraph::endsSection);
    }

    /** The kinds of notes, in the order in which they stand. */
    private enum Order {
        GENERAL,
        /** About one cell or column, called by a raised letter. */
        SPECIFIC,
        /** What the asterisks mean. */
        PROBABILITY;

        private static final Pattern ASTERISK = Pattern.compile("\\s*[*†‡].*", Pattern.DOTALL);

        static Order of(Paragraph note) {
            if (ASTERISK.matcher(note.text()).matches()) {
                return PROBABILITY;
            }
            for (Inline inline : note.inlines()) {
                if (inline instanceof Inline.Text text && !text.text().isBlank()) {
                    boolean raised =
                            text.format().get(CharacterProperties.VERTICAL_POSITION) == VerticalPosition.SUPERSCRIPT;
                    return raised ? SPECIFIC : GENERAL;
                }
            }
            return GENERAL;
        }

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
