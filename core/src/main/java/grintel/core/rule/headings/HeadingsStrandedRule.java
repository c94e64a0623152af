package grintel.core.rule.headings;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** No heading is the last line of a page. */
public final class HeadingsStrandedRule implements Rule {
    private static final Measure WITH_TEXT = Measure.word("on-the-page-of-its-text");

    @Override
    public String id() {
        return "headings.stranded";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Heading> own = Heading.all(exam).stream()
                .filter(heading -> !heading.runIn() && next(exam, heading.paragraph()) != null)
                .toList();
        return Heading.subjects(exam, own)
                .check(id(), "place")
                .measure(heading -> isStranded(exam, heading) ? Measure.word("last-on-its-page") : WITH_TEXT)
                .asks(WITH_TEXT)
                .fix((off, cause) -> off.stream()
                        .flatMap(heading -> kept(exam, heading, cause).stream())
                        .toList())
                .fixable(heading -> !kept(exam, heading, exam.cause()).isEmpty())
                .readings();
    }

    /** What stands under a heading, blank lines left out. */
    private static @Nullable Paragraph next(Examination exam, Paragraph heading) {
        List<Paragraph> all = exam.paper().paragraphs();
        int at = heading.address().index() + 1;
        while (at < all.size() && exam.parts().kind(at) == PartKind.BLANK) {
            if (all.get(at).hasPageBreak() || all.get(at).endsSection()) {
                return null;
            }
            at++;
        }
        boolean breaks = at < all.size() && all.get(at).format().get(ParagraphProperties.PAGE_BREAK_BEFORE);
        return at < all.size() && !breaks && !heading.hasPageBreak() ? all.get(at) : null;
    }

    private static boolean isStranded(Examination exam, Heading heading) {
        Paragraph next = next(exam, heading.paragraph());
        List<Proof.Placed> lines = exam.proof().lines(heading.paragraph().address());
        int below = next == null ? 0 : exam.proof().pageOf(next.address());
        return !lines.isEmpty() && below > lines.get(lines.size() - 1).page().number();
    }

    private static List<Edit> kept(Examination exam, Heading heading, Cause cause) {
        List<Paragraph> chain = new ArrayList<>(List.of(heading.paragraph()));
        Paragraph next = next(exam, heading.paragraph());
        int end = next == null ? heading.index() + 1 : next.address().index();
        chain.addAll(exam.paper().paragraphs().subList(heading.index() + 1, end));
        return cause.set(Cause.paragraphs(chain), ParagraphProperties.KEEP_WITH_NEXT, true);
    }
}
