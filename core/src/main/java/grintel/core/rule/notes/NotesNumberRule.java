package grintel.core.rule.notes;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;

/** The number that calls a note: raised, after the punctuation but before a dash, and counted by the program. */
public final class NotesNumberRule implements Rule {
    private static final String MARKS = ".,;:?!”\"’»";
    private static final String DASHES = "—–";
    private static final int LONGEST = 3;
    private static final int FEWEST_TYPED = 2;
    private static final Measure RAISED = Measure.word("raised");
    private static final Measure AFTER = Measure.word("after-punctuation");
    private static final Measure COUNTED = Measure.word("counted-numbers");

    @Override
    public String id() {
        return "notes.number";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> text = exam.paragraphs(Kinds.SET_AS_TEXT);
        Subjects<Call> calls = text.each(
                NotesNumberRule::calls, call -> exam.place(call.paragraph), call -> exam.identity(call.paragraph));
        List<Reading> out = new ArrayList<>();
        out.addAll(calls.check(id(), "raised")
                .measure(call -> call.isRaised() ? RAISED : Measure.word("on-the-line"))
                .asks(RAISED)
                .fix((off, cause) -> cause.set(
                        off.stream().map(Call::holder).toList(),
                        CharacterProperties.VERTICAL_POSITION,
                        VerticalPosition.SUPERSCRIPT))
                .readings());
        out.addAll(calls.check(id(), "place")
                .measure(Call::stand)
                .asks(AFTER)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .<Edit>map(call -> new Edit.MoveText(call.range(), call.target()))
                                .toList())
                .readings());
        out.addAll(typed(exam));
        return out;
    }

    private static List<Call> calls(Paragraph paragraph) {
        List<Call> out = new ArrayList<>();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.NoteSign sign
                    && !sign.inNote()
                    && inline.run().number() >= 0) {
                out.add(new Call(paragraph, inline, at, paragraph.characters()));
            }
            at += inline.length();
        }
        return out;
    }

    /**
     * The sign that calls a note.
     *
     * @param at its place among the paragraph's characters
     */
    private record Call(Paragraph paragraph, Inline sign, int at, String characters) {
        TextRange range() {
            return new TextRange(paragraph.address(), at, at + 1);
        }

        Holder holder() {
            return new Holder(Holder.Kind.CHARACTERS, new Target.OfRange(range()), paragraph, sign.format());
        }

        boolean isRaised() {
            return sign.format().get(CharacterProperties.VERTICAL_POSITION) == VerticalPosition.SUPERSCRIPT
                    || sign.format().get(CharacterProperties.RISE) > 0;
        }

        Measure stand() {
            if (at + 1 < characters.length() && MARKS.indexOf(characters.charAt(at + 1)) >= 0) {
                return Measure.word("before-punctuation");
            }
            boolean afterDash = at > 0 && DASHES.indexOf(characters.charAt(at - 1)) >= 0;
            return afterDash ? Measure.word("after-a-dash") : AFTER;
        }

        /** Where it belongs: after the marks that follow it, else before the dash. */
        int target() {
            int to = at + 1;
            while (to < characters.length() && MARKS.indexOf(characters.charAt(to)) >= 0) {
                to++;
            }
            return to > at + 1 ? to : at - 1;
        }
    }

    // ---- typed numbers

    private List<Reading> typed(Examination exam) {
        List<Typed> found = new ArrayList<>();
        for (Paragraph paragraph : exam.parts().paragraphs(Kinds.RUNNING_TEXT)) {
            for (Inline.Text run : paragraph.texts()) {
                if (run.format().get(CharacterProperties.VERTICAL_POSITION) != VerticalPosition.SUPERSCRIPT) {
                    continue;
                }
                String words = run.text().strip();
                if (words.length() <= LONGEST && words.equals(Integer.toString(found.size() + 1))) {
                    found.add(new Typed(paragraph, words));
                }
            }
        }
        List<Typed> counted = found.size() >= FEWEST_TYPED ? found : List.of();
        return exam.whole()
                .each(
                        paper -> counted,
                        typed -> exam.place(typed.paragraph, typed.words),
                        typed -> exam.identity(typed.paragraph))
                .check(id(), "typed")
                .measure(typed -> Measure.word("typed-numbers"))
                .asks(COUNTED)
                .readings();
    }

    private record Typed(Paragraph paragraph, String words) {}
}
