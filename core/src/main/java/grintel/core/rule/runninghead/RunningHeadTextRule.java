package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Piece;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.WordsPlace;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.HeadWords;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The words beside the page number: surname, short title or nothing, spelled as in the facts; and where they stand. */
public final class RunningHeadTextRule implements Rule {
    @Override
    public String id() {
        return "running-head.text";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Head> heads = exam.heads().subjects(exam.heads().judged());
        Set<String> expected = new LinkedHashSet<>();
        for (Head head : heads.all()) {
            String words = HeadWords.expected(exam, head);
            if (words != null) {
                expected.add(words);
            }
        }
        List<Reading> readings = new ArrayList<>();
        for (String words : expected) {
            Subjects<Head> these = heads.filter(head -> words.equals(HeadWords.expected(exam, head)));
            readings.addAll(words(exam, these, words));
        }
        if (ask.get(RunningHeadDemands.WORDS_PLACE) == WordsPlace.LEFT) {
            readings.addAll(place(exam, heads));
        }
        return readings;
    }

    @Override
    public boolean isSilent(Examination exam, Ask ask) {
        return exam.heads().judged().stream().allMatch(head -> HeadWords.expected(exam, head) == null);
    }

    private List<Reading> words(Examination exam, Subjects<Head> heads, String expected) {
        return heads.check(id(), "words")
                .measure(head -> head.header().wordsWithoutLabel().isEmpty()
                        ? Measure.word("no-words")
                        : new Measure.Head(head.reads(), told(head)))
                .asks(asked(heads.all(), expected))
                .metWhen((head, is) -> head.header().wordsWithoutLabel().equals(expected)
                        && !head.header().isRunTogether())
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .flatMap(head -> edits(exam, head, expected).stream())
                                .distinct()
                                .toList())
                .fixable(head -> !edits(exam, head, expected).isEmpty())
                .readings();
    }

    /** Its words; with a sign for the number that touches them, which makes them others. */
    private static String told(Head head) {
        return head.header().isRunTogether()
                ? head.header().words() + "#"
                : head.header().words();
    }

    private static Measure asked(List<Head> heads, String expected) {
        if (expected.isEmpty() || heads.isEmpty()) {
            return Measure.word("no-words");
        }
        Head first = heads.get(0);
        boolean number = first.header().hasNumber();
        return new Measure.Head(number ? expected + " " + first.printed() : expected, expected);
    }

    /** A plain header is written anew; in any other, the words alone are replaced where they stand. */
    private static List<Edit> edits(Examination exam, Head head, String expected) {
        if (HeadEdits.isRewritable(head)) {
            return HeadEdits.rewrite(exam, head, HeadEdits.labelled(head, expected));
        }
        TextRange words = head.header().wordsRange();
        return words == null || head.header().hasLabel()
                ? List.of()
                : List.of(new Edit.ReplaceText(
                        words, expected.isEmpty() ? List.of() : List.of(new Piece.Words(expected))));
    }

    private List<Reading> place(Examination exam, Subjects<Head> heads) {
        Measure atLeft = Measure.word("at-left-margin");
        return heads.filter(head -> !head.header().words().isEmpty())
                .check(id(), "words-place")
                .measure(head -> isAtLeft(head.page(exam)) ? atLeft : Measure.word("away-from-left-margin"))
                .asks(atLeft)
                .fixByWords((off, cause) -> off.stream()
                        .flatMap(head ->
                                HeadEdits.rewrite(exam, head, head.header().words()).stream())
                        .distinct()
                        .toList())
                .fixable(HeadEdits::isRewritable)
                .readings();
    }

    private static boolean isAtLeft(ProofPage page) {
        for (ProofLine line : page.lines(PagePart.HEADER)) {
            if (!line.isEmpty()) {
                return Math.abs(line.x() - page.frame().left()) <= Measure.TOLERANCE * Millipoints.PER_TWIP;
            }
        }
        return true;
    }
}
