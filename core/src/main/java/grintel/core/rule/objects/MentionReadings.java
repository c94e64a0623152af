package grintel.core.rule.objects;

import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.MentionOrder;
import grintel.core.rule.Reading;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * That the text names each table, or each figure, by its number and in their order; those of an appendix are reached by
 * what names the appendix. Only the writer can say where.
 */
public final class MentionReadings {
    private static final Measure MENTIONED = Measure.word("mentioned");
    private static final Measure BY_NUMBER = Measure.word("its-number");

    private final String rule;
    private final Examination exam;
    private final PartKind kind;
    private final List<Captioned> all;

    public MentionReadings(String rule, Examination exam, PartKind kind) {
        this.rule = rule;
        this.exam = exam;
        this.kind = kind;
        this.all = Captioned.all(exam, kind).stream()
                .filter(each -> each.caption() != null && each.said().number() != null)
                .filter(each -> !exam.parts().isInAppendix(each.index()))
                .toList();
    }

    public List<Reading> readings() {
        if (all.isEmpty()) {
            return List.of();
        }
        Map<ObjectNumber, Integer> first = new HashMap<>();
        List<Mentions.Mention> mentions = Mentions.of(exam, kind);
        for (int i = 0; i < mentions.size(); i++) {
            first.putIfAbsent(mentions.get(i).number(), i);
        }
        List<Reading> out = new ArrayList<>(Captioned.subjects(exam, all)
                .check(rule, "mention")
                .measure(each -> first.containsKey(each.said().number()) ? MENTIONED : Measure.word("not-mentioned"))
                .asks(MENTIONED)
                .readings());
        out.addAll(MentionOrder.readings(
                rule,
                Captioned.subjects(exam, all),
                each -> first.getOrDefault(each.said().number(), -1),
                each -> each.said().said()));
        out.addAll(pointing());
        return out;
    }

    /** Words that point at where it stood when they were written. */
    private List<Reading> pointing() {
        String word = kind == PartKind.TABLE ? "table" : "figure";
        Pattern pattern =
                Pattern.compile("(?i)\\bthe " + word + " (?:above|below)\\b|\\bthe (?:above|below|following|preceding) "
                        + word + "\\b|\\b" + word + " (?:above|below)(?=[.,;)])");
        return exam.paragraphs(Kinds.RUNNING_TEXT)
                .each(
                        paragraph -> pointers(pattern, paragraph),
                        each -> exam.place(each.paragraph, each.words),
                        each -> exam.identity(each.paragraph))
                .check(rule, "pointing")
                .measure(each -> new Measure.Quote(each.words))
                .asks(BY_NUMBER)
                .readings();
    }

    private static List<Pointer> pointers(Pattern pattern, Paragraph paragraph) {
        List<Pointer> out = new ArrayList<>();
        Matcher matcher = pattern.matcher(VisibleText.of(paragraph).text());
        while (matcher.find()) {
            out.add(new Pointer(paragraph, matcher.group()));
        }
        return out;
    }

    private record Pointer(Paragraph paragraph, String words) {}
}
