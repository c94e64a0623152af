package grintel.core.rule.sources;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.HardBreak;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;

/** An entry is one paragraph without hard breaks. Whether what stands apart is one entry, the writer must say. */
public final class SourcesEntryBreaksRule implements Rule {
    @Override
    public String id() {
        return "sources.entry-breaks";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> entries = Entries.paragraphs(exam);
        List<Reading> out = new ArrayList<>();
        out.addAll(entries.filter(paragraph -> !HardBreak.in(paragraph).isEmpty())
                .check(id(), "breaks")
                .none("line-break", paragraph -> HardBreak.in(paragraph).size())
                .metIfNone(!entries.isEmpty())
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(paragraph -> HardBreak.in(paragraph).stream())
                                .map(HardBreak::removal)
                                .toList())
                .readings());
        List<Paragraph> parts = new ArrayList<>();
        Entries.of(exam)
                .forEach(entry -> parts.addAll(
                        entry.paragraphs().subList(1, entry.paragraphs().size())));
        out.addAll(exam.paragraphs(parts)
                .check(id(), "parts")
                .none("entry-part", paragraph -> 1)
                .metIfNone(!entries.isEmpty())
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .<Edit>map(paragraph -> Edit.JoinParagraphs.spaced(exam.paper()
                                        .paragraphs()
                                        .get(paragraph.address().index() - 1)))
                                .toList())
                .readings());
        return out;
    }
}
