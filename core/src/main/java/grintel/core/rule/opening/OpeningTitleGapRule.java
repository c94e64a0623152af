package grintel.core.rule.opening;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The one blank double-spaced line between the title and the author, however it is made. */
public final class OpeningTitleGapRule implements Rule {
    private static final Measure ONE = Measure.word("one-double-line");
    private static final double LEAST = 0.7;
    private static final double MOST = 1.3;

    @Override
    public String id() {
        return "opening.title-gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> title = Titles.onTitlePage(exam);
        return exam.paragraphs(title.isEmpty() ? List.of() : title.subList(title.size() - 1, title.size()))
                .filter(paragraph -> below(exam, paragraph) != null)
                .check(id(), "gap")
                .measure(paragraph -> new Measure.Lines(gap(exam, paragraph)))
                .asks(ONE)
                .metWhen((paragraph, is) -> gap(exam, paragraph) >= LEAST && gap(exam, paragraph) <= MOST)
                .fix((off, cause) -> off.stream()
                        .flatMap(paragraph -> spaced(exam, paragraph, cause).stream())
                        .toList())
                .readings();
    }

    /** The author's line below the title, blank lines left out; null where something else comes there. */
    private static @Nullable Paragraph below(Examination exam, Paragraph title) {
        List<Paragraph> all = exam.paper().paragraphs();
        int at = title.address().index() + 1;
        while (at < all.size() && exam.parts().kind(at) == PartKind.BLANK) {
            at++;
        }
        boolean author = at < all.size()
                && exam.parts().kind(at) == PartKind.AUTHOR
                && exam.parts().isOnTitlePage(at);
        return author ? all.get(at) : null;
    }

    /** White between the two as laid out, in double lines of the type the text should have. */
    private static double gap(Examination exam, Paragraph title) {
        Paragraph author = below(exam, title);
        List<Proof.Placed> above = exam.proof().lines(title.address());
        List<Proof.Placed> under = author == null ? List.of() : exam.proof().lines(author.address());
        if (above.isEmpty() || under.isEmpty()) {
            return 0;
        }
        Proof.Placed last = above.get(above.size() - 1);
        int white = under.get(0).line().top() - last.line().top() - last.line().height();
        return white / (LinePitch.doubleLine(exam.bodyType()) * Millipoints.PER_TWIP);
    }

    private static List<Edit> spaced(Examination exam, Paragraph title, Cause cause) {
        List<Edit> edits = new ArrayList<>();
        Paragraph author = below(exam, title);
        int end = author == null ? 0 : author.address().index();
        for (Paragraph blank : exam.paper().paragraphs().subList(title.address().index() + 1, end)) {
            edits.add(new Edit.RemoveParagraph(blank.address()));
        }
        int line = (int) Math.round(LinePitch.doubleLine(exam.bodyType()));
        edits.addAll(cause.alone().set(Cause.paragraphs(List.of(title)), ParagraphProperties.SPACE_AFTER_AUTO, false));
        edits.addAll(
                cause.alone().set(Cause.paragraphs(List.of(title)), ParagraphProperties.SAME_STYLE_SUPPRESSION, false));
        edits.addAll(cause.alone().set(Cause.paragraphs(List.of(title)), ParagraphProperties.SPACE_AFTER, line));
        return edits;
    }
}
