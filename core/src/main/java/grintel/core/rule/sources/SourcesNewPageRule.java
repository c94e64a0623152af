package grintel.core.rule.sources;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.PageStart;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** The list of sources starts a page by a break. */
public final class SourcesNewPageRule implements Rule {
    @Override
    public String id() {
        return "sources.new-page";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return PageStart.readings(id(), exam, exam.paragraphs(Entries.start(exam)));
    }
}
