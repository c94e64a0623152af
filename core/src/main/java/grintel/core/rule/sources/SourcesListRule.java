package grintel.core.rule.sources;

import grintel.core.guide.Ask;
import grintel.core.paper.Paper;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Part;
import grintel.core.structure.PartKind;
import java.util.List;

/** A paper that cites has a list of sources. */
public final class SourcesListRule implements Rule {
    /** One bracket that looks like a citation may be none. */
    private static final int FEWEST_CITATIONS = 2;

    @Override
    public String id() {
        return "sources.list";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean listed = !Entries.start(exam).isEmpty();
        return exam.whole()
                .filter(paper -> listed || cites(exam, paper))
                .check(id(), "list")
                .measure(paper -> Measure.word(listed ? "a-list" : "no-list"))
                .asks(Measure.word("a-list"))
                .readings();
    }

    private static boolean cites(Examination exam, Paper paper) {
        List<Part> citations = exam.parts().root().all(PartKind.CITATION);
        return citations.size() + paper.notes().size() >= FEWEST_CITATIONS
                && (!paper.notes().isEmpty()
                        || citations.stream().anyMatch(part -> Citations.namesSomeone(exam, part)));
    }
}
