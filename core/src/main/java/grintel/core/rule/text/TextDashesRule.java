package grintel.core.rule.text;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.language.NumberRanges;
import grintel.core.paper.Glance;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Dashes in the text: not two hyphens, not a hyphen with spaces; and an en dash in ranges of numbers. */
public final class TextDashesRule implements Rule {
    private static final Set<PartKind> JUDGED = EnumSet.of(
            PartKind.PARAGRAPH,
            PartKind.CONTINUATION,
            PartKind.ABSTRACT_TEXT,
            PartKind.LIST_ITEM,
            PartKind.HEADING,
            PartKind.TITLE,
            PartKind.SUBTITLE);
    private static final Pattern DOUBLE =
            Pattern.compile("(?<=[\\p{L}\\p{N}”\"’,.)])( ?-{2,3} ?)(?=[\\p{L}\\p{N}“\"‘(])");
    private static final Pattern SPACED = Pattern.compile("(?<=[\\p{L}”\"’)])( - )(?=[\\p{L}“\"‘(])");
    private static final Measure DASH = Measure.word("a-dash");
    private static final Measure EN_DASH = Measure.word("en-dash");

    @Override
    public String id() {
        return "text.dashes";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> text = exam.paragraphs(JUDGED);
        List<Reading> out = new ArrayList<>();
        Subjects<Seen> seen = text.each(
                paragraph -> seen(exam, paragraph),
                one -> exam.place(one.paragraph),
                one -> exam.identity(one.paragraph));
        out.addAll(places(exam, seen, TextDashesRule::dashes)
                .check(id(), "dash")
                .measure(At::is)
                .asks(DASH)
                .metIfNone(!text.isEmpty())
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream().map(at -> at.replaced("—")).toList())
                .readings());
        boolean either = exam.ask("sources.ranges").get(SourceDemands.RANGES) == SourceDemands.Range.EITHER;
        out.addAll(places(exam, seen, TextDashesRule::ranges)
                .check(id(), "range")
                .measure(At::is)
                .asks(EN_DASH)
                .metWhen((at, is) -> either)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream().map(at -> at.replaced("–")).toList())
                .readings());
        return out;
    }

    private static Subjects<At> places(Examination exam, Subjects<Seen> seen, Function<Seen, List<At>> find) {
        return seen.each(find, at -> exam.place(at.paragraph, at.around()), at -> exam.identity(at.paragraph));
    }

    /** The words of a paragraph that holds any dash or hyphen. */
    private static List<Seen> seen(Examination exam, Paragraph paragraph) {
        Glance glance = exam.glance(paragraph);
        return glance.mayHoldAny(NumberRanges.MARKS)
                ? List.of(new Seen(paragraph, VisibleText.of(paragraph), glance))
                : List.of();
    }

    private record Seen(Paragraph paragraph, VisibleText visible, Glance glance) {}

    private static List<At> dashes(Seen seen) {
        if (!mayHold(seen.visible.text())) {
            return List.of();
        }
        List<At> out = new ArrayList<>();
        find(DOUBLE, "two-hyphens", seen, out);
        find(SPACED, "spaced-hyphen", seen, out);
        return out;
    }

    /** Whether a hyphen stands beside another or after a space: in most texts none does. */
    private static boolean mayHold(String text) {
        for (int at = text.indexOf('-', 1); at >= 0; at = text.indexOf('-', at + 1)) {
            if (text.charAt(at - 1) == '-' || text.charAt(at - 1) == ' ') {
                return true;
            }
        }
        return false;
    }

    private static void find(Pattern pattern, String is, Seen seen, List<At> out) {
        String text = seen.visible.text();
        Matcher matcher = pattern.matcher(text);
        while (matcher.find()) {
            if (!NumberRanges.isInLink(text, matcher.start())) {
                out.add(new At(seen.paragraph, seen.visible, matcher.start(1), matcher.end(1), Measure.word(is)));
            }
        }
    }

    private static List<At> ranges(Seen seen) {
        return !seen.glance.holdsDigit()
                ? List.of()
                : NumberRanges.in(seen.visible.text()).stream()
                        .map(found -> new At(
                                seen.paragraph,
                                seen.visible,
                                found.mark(),
                                found.markEnd(),
                                found.hyphen() ? Measure.word("hyphen") : EN_DASH))
                        .toList();
    }

    private record At(Paragraph paragraph, VisibleText visible, int from, int to, Measure is) {
        String around() {
            return visible.around(from, to);
        }

        Edit replaced(String mark) {
            return Edit.ReplaceText.words(visible.range(from, to), mark);
        }
    }
}
