package grintel.core.rule.objects;

import grintel.core.edit.Edit;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Which number each table, or each figure, should bear: counted where they stand, anew in each appendix. */
final class Numbering {
    private static final Pattern LETTERED =
            Pattern.compile("(?i:appendix)\\s+(?<letter>[A-Za-z])\\b.*", Pattern.DOTALL);

    private final Examination exam;
    private final PartKind kind;
    private final List<Captioned> judged = new ArrayList<>();
    private final Map<ParagraphAddress, ObjectNumber> asked = new HashMap<>();

    Numbering(Examination exam, PartKind kind, List<Captioned> all) {
        this.exam = exam;
        this.kind = kind;
        Map<String, Integer> counts = new HashMap<>();
        boolean lettered = exam.ask("appendices.label").isAsked()
                && exam.ask("appendices.label").get(ClosingDemands.LETTERED_OBJECTS);
        for (Captioned each : all) {
            int index = each.index();
            boolean appended = exam.parts().isInAppendix(index);
            // In an appendix a grid may well be a page of questions.
            if (each.caption() == null && (appended || !each.needsNumber()) || appended && !lettered) {
                continue;
            }
            String letter = appended ? letter(index) : "";
            judged.add(each);
            asked.put(each.anchor().address(), new ObjectNumber(letter, counts.merge(letter, 1, Integer::sum)));
        }
    }

    /** The letter of the appendix a paragraph stands in; the only one, without a letter, counts as the first. */
    private String letter(int index) {
        String letter = "A";
        for (Paragraph label : exam.parts().paragraphs(PartKind.APPENDIX_LABEL)) {
            if (label.address().index() > index) {
                break;
            }
            Matcher lettered = LETTERED.matcher(label.text().strip());
            letter = lettered.matches() ? lettered.group("letter").toUpperCase(Locale.ROOT) : "A";
        }
        return letter;
    }

    /** The number one should bear, null where the guide does not say. */
    @Nullable
    ObjectNumber asked(Captioned object) {
        return asked.get(object.anchor().address());
    }

    boolean isRight(Captioned object) {
        ObjectNumber should = asked.get(object.anchor().address());
        return should == null
                || object.caption() == null
                || should.equals(object.caption().number());
    }

    /** Whether no two bear the same number, so that it is plain which of them the text means. */
    boolean isPlain() {
        Set<ObjectNumber> seen = new HashSet<>();
        for (Captioned each : judged) {
            ObjectNumber number = each.caption() == null ? null : each.caption().number();
            if (number != null && !seen.add(number)) {
                return false;
            }
        }
        return true;
    }

    /** Whether every number that is another than it should be can be set right. */
    boolean isWithinReach() {
        return judged.stream().allMatch(each -> isRight(each) || !each.isBoxed());
    }

    /** Numbers set right, and with them wherever the text names one that nothing else bears. */
    List<Edit> edits() {
        Map<ObjectNumber, ObjectNumber> moved = new HashMap<>();
        Set<ObjectNumber> twice = new HashSet<>();
        List<Edit> out = new ArrayList<>();
        for (Captioned object : judged) {
            ObjectNumber should = asked(object);
            ObjectNumber is = object.caption() == null ? null : object.caption().number();
            if (is != null && should != null) {
                if (moved.put(is, should) != null) {
                    twice.add(is);
                }
                if (!is.equals(should)) {
                    out.add(Edit.ReplaceText.words(object.said().figure(), should.shown()));
                }
            }
        }
        moved.keySet().removeAll(twice);
        for (Mentions.Mention mention : Mentions.of(exam, kind)) {
            ObjectNumber should = moved.get(mention.number());
            if (should != null
                    && !should.equals(mention.number())
                    && mention.figure().from() < mention.figure().to()) {
                out.add(Edit.ReplaceText.words(mention.figure(), should.shown()));
            }
        }
        return out;
    }
}
