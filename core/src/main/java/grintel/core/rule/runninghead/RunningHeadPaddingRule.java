package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Parts of the header pushed apart by spaces, by tabs that land on no stop of its own, or over several lines. */
public final class RunningHeadPaddingRule implements Rule {
    private static final Measure NONE = Measure.word("one-line");

    @Override
    public String id() {
        return "running-head.padding";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.heads()
                .subjects(exam.heads().judged())
                .filter(head -> !head.header().isBlank())
                .check(id(), "padding")
                .measure(head -> padding(exam, head))
                .asks(NONE)
                .fixByWords((heads, cause) -> heads.stream()
                        .flatMap(head -> edits(exam, head).stream())
                        .distinct()
                        .toList())
                .fixable(head -> HeadEdits.isRewritable(head) && !isLongOfItself(exam, head))
                .readings();
    }

    /** Only blank lines too many go by themselves; any other padding goes when the line is written anew. */
    private static List<Edit> edits(Examination exam, Head head) {
        if (!padding(exam, head).equals(Measure.word("blank-line"))) {
            return HeadEdits.rewrite(exam, head, head.header().words());
        }
        List<Edit> edits = new ArrayList<>();
        head.header().blankLines().forEach(paragraph -> edits.add(new Edit.RemoveParagraph(paragraph.address())));
        return edits;
    }

    private static Measure padding(Examination exam, Head head) {
        List<Paragraph> lines = head.header().plainLines();
        if (lines.size() > 1) {
            return new Measure.Count(lines.size(), "line");
        }
        for (Paragraph paragraph : lines) {
            if (runsOver(exam, head, paragraph)) {
                return Measure.word("more-than-one-line");
            }
            Measure padding = padding(paragraph);
            if (padding != null) {
                return padding;
            }
        }
        return head.header().blankLines().isEmpty() ? NONE : Measure.word("blank-line");
    }

    /** What pads a line of a header, or null. */
    private static @Nullable Measure padding(Paragraph paragraph) {
        String text = paragraph.text().replace(Paragraph.OBJECT, '0');
        if (text.strip().contains("  ") || text.startsWith("  ")) {
            return Measure.word("spaces");
        }
        int stops =
                paragraph.format().get(ParagraphProperties.TAB_STOPS).stops().size();
        return tabs(paragraph) > stops ? Measure.word("tabs") : null;
    }

    /** Whether its one line runs over though nothing pads it: only fewer words would help. */
    private static boolean isLongOfItself(Examination exam, Head head) {
        List<Paragraph> lines = head.header().plainLines();
        return lines.size() == 1 && runsOver(exam, head, lines.get(0)) && padding(lines.get(0)) == null;
    }

    private static boolean runsOver(Examination exam, Head head, Paragraph paragraph) {
        return exam.proof().lines(paragraph.address()).stream()
                        .filter(line -> line.page().number() == head.pages().get(0))
                        .count()
                > 1;
    }

    /** Tabs that go to a stop of the paragraph; one that says its place itself needs none. */
    private static long tabs(Paragraph paragraph) {
        return paragraph.inlines().stream()
                .filter(inline -> inline instanceof Inline.Tab tab && tab.position() == null)
                .count();
    }
}
