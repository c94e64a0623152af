package grintel.core.rule.type;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Property;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunGroup;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Underlining, capitals and whole bold paragraphs in running text. Emphasis is meaning, so each is asked about. */
public final class TypeEmphasisRule implements Rule {
    /** Fewer capital words in a row than this may be names of things. */
    private static final int SHOUTED_WORDS = 4;

    private static final Measure EMPHASIS = Measure.word("emphasis");

    @Override
    public String id() {
        return "type.emphasis";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> text = Kinds.runningText(exam);
        if (text.isEmpty()) {
            return List.of();
        }
        List<Reading> readings = new ArrayList<>();
        readings.addAll(check(
                exam,
                "underline",
                runs(exam, text, TypeEmphasisRule::isUnderlined),
                CharacterProperties.UNDERLINE,
                "none"));
        readings.addAll(check(
                exam, "capitals", runs(exam, text, TypeEmphasisRule::isShouted), CharacterProperties.CAPITALS, false));
        readings.addAll(check(
                exam,
                "bold",
                runs(exam, text, TypeEmphasisRule::isBold).filter(TypeEmphasisRule::isAllBold),
                CharacterProperties.BOLD,
                false));
        return readings;
    }

    private static Subjects<RunGroup> runs(Examination exam, Subjects<Paragraph> text, Predicate<Inline> test) {
        return RunGroup.of(exam, text, inline -> test.test(inline) ? EMPHASIS : null);
    }

    private <T> List<Reading> check(
            Examination exam, String quantity, Subjects<RunGroup> found, Property<T> property, T plain) {
        return found.check(id(), quantity)
                .none("paragraph", group -> 1)
                .metIfNone(true)
                .fix(FixClass.ASK, (groups, cause) -> edits(groups, cause, property, plain))
                .fixable(group ->
                        !edits(List.of(group), exam.cause(), property, plain).isEmpty())
                .readings();
    }

    /** What was underlined or in capitals is italic instead; capitals that were typed stay as they were typed. */
    private static <T> List<Edit> edits(List<RunGroup> groups, Cause cause, Property<T> property, T plain) {
        List<Edit> edits = new ArrayList<>(cause.set(RunGroup.holders(groups), property, plain));
        if (!edits.isEmpty() && property != CharacterProperties.BOLD) {
            edits.addAll(cause.set(RunGroup.holders(groups), CharacterProperties.ITALIC, true));
        }
        return edits;
    }

    private static boolean isUnderlined(Inline inline) {
        return !inline.format().get(CharacterProperties.UNDERLINE).equals("none")
                && !inline.run().linked()
                && RunGroup.holdsLetters(inline);
    }

    private static boolean isShouted(Inline inline) {
        if (!RunGroup.holdsLetters(inline) || !(inline instanceof Inline.Text text)) {
            return false;
        }
        String words = text.text();
        boolean capitals = text.format().get(CharacterProperties.CAPITALS) || !holdsSmallLetter(words);
        return capitals
                && Words.count(words) >= SHOUTED_WORDS
                && words.codePoints().filter(Character::isLetter).count() > words.length() / 2;
    }

    private static boolean holdsSmallLetter(String words) {
        for (int i = 0; i < words.length(); i += Character.charCount(words.codePointAt(i))) {
            if (Character.isLowerCase(words.codePointAt(i))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isBold(Inline inline) {
        return inline.format().get(CharacterProperties.BOLD) && RunGroup.holdsLetters(inline);
    }

    private static boolean isAllBold(RunGroup group) {
        return group.paragraph().texts().stream()
                .filter(text -> !text.text().isBlank())
                .allMatch(text -> text.format().get(CharacterProperties.BOLD));
    }
}
