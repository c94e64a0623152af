package grintel.core.rule.headings;

import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A heading of the text or of an appendix.
 *
 * @param line its characters, the whole paragraph but where text runs on from it
 * @param level from 1
 * @param runIn whether the text goes on in its line, also from a paragraph whose mark is hidden
 */
record Heading(Stretch line, int level, boolean runIn) {
    /** All headings in order. */
    static List<Heading> all(Examination exam) {
        List<Heading> out = new ArrayList<>();
        for (Paragraph paragraph : exam.parts().paragraphs(PartKind.HEADING)) {
            int index = paragraph.address().index();
            if (exam.parts().isInText(index)) {
                out.add(new Heading(Stretch.of(paragraph), exam.parts().headingLevel(index), paragraph.runsOn()));
            }
        }
        for (Paragraph paragraph : exam.parts().paragraphs(PartKind.PARAGRAPH)) {
            TextRange range = exam.parts().runInHeading(paragraph.address().index());
            if (range != null) {
                int level = exam.parts().runInLevel(paragraph.address().index());
                out.add(new Heading(Stretch.of(paragraph, range), level, true));
            }
        }
        out.sort(
                Comparator.comparingInt(heading -> heading.paragraph().address().index()));
        return out;
    }

    static Subjects<Heading> subjects(Examination exam, List<Heading> headings) {
        return exam.whole()
                .each(
                        paper -> headings,
                        heading -> exam.place(heading.paragraph(), heading.words()),
                        heading -> exam.identity(heading.paragraph()));
    }

    /** The form the guide asks of a level; null where it asks for none so deep. */
    static @Nullable HeadingForm form(Examination exam, int level) {
        if (!exam.ask("headings.form").isAsked()) {
            return null;
        }
        List<HeadingForm> levels = exam.ask("headings.form").get(HeadingDemands.LEVELS);
        return level <= levels.size() ? levels.get(level - 1) : null;
    }

    Paragraph paragraph() {
        return line.paragraph();
    }

    int index() {
        return paragraph().address().index();
    }

    String words() {
        return line.characters().strip();
    }
}
