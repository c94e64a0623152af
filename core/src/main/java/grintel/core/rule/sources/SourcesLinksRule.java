package grintel.core.rule.sources;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.LinkLook;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Links in entries look as the text does, or, where the guide leaves the choice, all alike. */
public final class SourcesLinksRule implements Rule {
    @Override
    public String id() {
        return "sources.links";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean alike = ask.get(SourceDemands.LOOK) == SourceDemands.Look.ANY;
        return LinkLook.readings(id(), exam, Entries.paragraphs(exam), alike);
    }
}
