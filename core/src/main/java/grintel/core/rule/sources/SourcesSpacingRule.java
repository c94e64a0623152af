package grintel.core.rule.sources;

import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Gap;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.paper.Paragraph;
import grintel.core.rule.BlockGap;
import grintel.core.rule.Examination;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.function.Predicate;

/** Line spacing inside entries and what stands between them, blank paragraphs included. */
public final class SourcesSpacingRule implements Rule {
    @Override
    public String id() {
        return "sources.spacing";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Predicate<Holder> welcome = holder -> exam.kind(holder.paragraph()) == PartKind.ENTRY;
        double multiple = ask.get(SourceDemands.MULTIPLE);
        Gap gap = ask.get(SourceDemands.GAP);
        List<Reading> out = new ArrayList<>(LinePitch.readings(id(), Entries.paragraphs(exam), multiple, welcome));
        Subjects<Paragraph> spaced = gap == Gap.NONE
                ? exam.paragraphs(EnumSet.of(PartKind.SOURCES_LABEL, PartKind.ENTRY))
                : Entries.paragraphs(exam);
        out.addAll(BlockGap.readings(id(), exam, spaced, PartKind.ENTRY, gap, welcome));
        return out;
    }
}
