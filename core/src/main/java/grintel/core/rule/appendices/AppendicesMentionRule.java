package grintel.core.rule.appendices;

import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.MentionOrder;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.appendices.AppendixLabels.Label;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Each appendix is mentioned in the text, and they stand in the order in which they are mentioned first. */
public final class AppendicesMentionRule implements Rule {
    private static final Pattern SEVERAL = Pattern.compile("(?i)\\bappendices\\b");
    private static final Pattern ANY = Pattern.compile("(?i)\\bappendix\\b");
    private static final Measure MENTIONED = Measure.word("mentioned");

    @Override
    public String id() {
        return "appendices.mention";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        AppendixLabels labels = AppendixLabels.of(exam);
        if (labels.all().isEmpty() || !labels.arePlain()) {
            return List.of();
        }
        String text = text(exam, labels.all().get(0).paragraph());
        boolean all = SEVERAL.matcher(text).find();
        List<Paragraph> paragraphs = labels.all().stream().map(Label::paragraph).toList();
        List<Reading> out = new ArrayList<>(exam.paragraphs(paragraphs)
                .check(id(), "mention")
                .measure(label ->
                        all || first(text, labels, labels.of(label)) >= 0 ? MENTIONED : Measure.word("not-mentioned"))
                .asks(MENTIONED)
                .readings());
        if (!all) {
            out.addAll(MentionOrder.readings(
                    id(),
                    exam.paragraphs(paragraphs),
                    label -> first(text, labels, labels.of(label)),
                    Paragraph::text));
        }
        return out;
    }

    /** All that is said before the first appendix. */
    private static String text(Examination exam, Paragraph first) {
        StringBuilder out = new StringBuilder();
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            if (paragraph.address().index() >= first.address().index()) {
                break;
            }
            out.append(paragraph.text()).append('\n');
        }
        exam.paper().noteParagraphs().forEach(note -> out.append(note.text()).append('\n'));
        return out.toString();
    }

    /** Where an appendix is mentioned first, or -1. */
    private static int first(String text, AppendixLabels labels, Label label) {
        Pattern named = labels.all().size() == 1
                ? ANY
                : Pattern.compile(
                        "(?i:\\bappendix)\\s+" + (label.letter().isEmpty() ? "\\p{L}" : label.letter()) + "\\b");
        Matcher mention = named.matcher(text);
        return mention.find() ? mention.start() : -1;
    }
}
