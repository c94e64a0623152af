package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One space after a sentence. */
public final class SpacingSentenceGapRule implements Rule {
    private static final Quantity ONE = Quantity.count(1, "space");
    private static final Pattern GAP = Pattern.compile("[.!?][\"'\u201D\u2019)\\]]*( {2,})(?=\\S)");
    private static final Set<Role> JUDGED =
            EnumSet.of(Role.TEXT, Role.ABSTRACT, Role.BLOCK_QUOTATION, Role.LIST_ITEM, Role.APPENDIX_TEXT);

    @Override
    public String id() {
        return "spacing.sentence-gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> judged = exam.paragraphs(JUDGED);
        if (judged.isEmpty()) {
            return List.of();
        }
        List<Place> places = new ArrayList<>();
        List<Edit> edits = new ArrayList<>();
        int widest = 0;
        for (Paragraph paragraph : judged) {
            Visible visible = Visible.of(paragraph);
            Matcher gap = GAP.matcher(visible.text());
            while (gap.find()) {
                places.add(exam.place(paragraph, visible.around(gap.start(1), gap.end(1))));
                widest = Math.max(widest, gap.end(1) - gap.start(1));
                visible.remove(gap.start(1) + 1, gap.end(1), edits);
            }
        }
        if (places.isEmpty()) {
            return List.of(Reading.met(id(), "gap", ONE, ONE));
        }
        return List.of(Reading.off(id(), "gap", Quantity.count(widest, "spaces"), ONE, places, edits));
    }

    /** The characters of a paragraph with the runs they stand in. */
    private record Visible(Paragraph paragraph, String text, List<Inline.Text> sources, List<Integer> starts) {
        static Visible of(Paragraph paragraph) {
            StringBuilder text = new StringBuilder();
            List<Inline.Text> sources = new ArrayList<>();
            List<Integer> starts = new ArrayList<>();
            for (Inline inline : paragraph.inlines()) {
                if (inline instanceof Inline.Text run && !run.hidden() && run.run() >= 0) {
                    sources.add(run);
                    starts.add(text.length());
                    text.append(run.text());
                } else {
                    text.append(Paragraph.OBJECT);
                }
            }
            return new Visible(paragraph, text.toString(), sources, starts);
        }

        /** The words on both sides of a gap. */
        String around(int from, int to) {
            int start = Math.max(text.lastIndexOf(' ', from - 1), text.lastIndexOf(Paragraph.OBJECT, from - 1)) + 1;
            int end = to;
            while (end < text.length() && text.charAt(end) != ' ' && text.charAt(end) != Paragraph.OBJECT) {
                end++;
            }
            return text.substring(start, end);
        }

        /** Adds the edits that take away the characters between two places. */
        void remove(int from, int to, List<Edit> edits) {
            for (int i = 0; i < sources.size(); i++) {
                int start = starts.get(i);
                int end = start + sources.get(i).text().length();
                int first = Math.max(from, start);
                int last = Math.min(to, end);
                if (first < last) {
                    Inline.Text run = sources.get(i);
                    edits.add(new Edit.ReplaceSpace(
                            paragraph.address(),
                            run.run(),
                            run.offset() + first - start,
                            run.offset() + last - start,
                            ""));
                }
            }
        }
    }
}
