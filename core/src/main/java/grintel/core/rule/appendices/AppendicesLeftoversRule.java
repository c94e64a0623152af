package grintel.core.rule.appendices;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.language.ExportTraces;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Nothing a survey tool wrote for itself stays in a questionnaire. Whether it is such a trace the writer is asked. */
public final class AppendicesLeftoversRule implements Rule {
    private static final Measure NONE = Measure.word("none");

    @Override
    public String id() {
        return "appendices.leftovers";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> appended = Appended.paragraphs(exam);
        List<VisibleText> visible = appended.stream().map(VisibleText::of).toList();
        List<Left> all = ExportTraces.in(visible.stream().map(VisibleText::text).toList()).stream()
                .map(trace -> new Left(appended.get(trace.line()), visible.get(trace.line()), trace))
                .toList();
        return exam.whole()
                .each(
                        paper -> all,
                        left -> exam.place(left.paragraph, left.words()),
                        left -> exam.identity(left.paragraph))
                .check(id(), "traces")
                .measure(left -> Measure.word(left.trace.kind().id()))
                .asks(NONE)
                .metIfNone(!appended.isEmpty())
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream().map(Left::takenOut).toList())
                .readings();
    }

    private record Left(Paragraph paragraph, VisibleText visible, ExportTraces.Trace trace) {
        String words() {
            return visible.text().substring(trace.from(), trace.to()).strip();
        }

        Edit takenOut() {
            boolean whole = trace.from() == 0 && trace.to() == visible.text().length();
            boolean plain = !paragraph.inTable()
                    && !paragraph.endsSection()
                    && paragraph.inlines().stream()
                            .allMatch(inline -> inline instanceof Inline.Text || inline.length() == 0);
            return whole && plain
                    ? new Edit.RemoveParagraph(paragraph.address())
                    : Edit.ReplaceText.words(visible.range(trace.from(), trace.to()), "");
        }
    }
}
