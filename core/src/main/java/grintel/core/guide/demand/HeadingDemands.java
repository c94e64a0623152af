package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.list;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import java.util.List;

/** What is asked of headings. */
public final class HeadingDemands {
    public static final Value<List<HeadingForm>> LEVELS =
            Value.needed("levels", list(HeadingForm.TYPE), "the form of each level, the highest first");
    public static final Value<CaseStyle> CASE_STYLE =
            Value.needed("style", word(CaseStyle.class), "by whose rules title case goes");

    static final List<Demand> ALL = List.of(
            Demand.apparatus("headings.form", LEVELS),
            Demand.asks("headings.case", CASE_STYLE),
            Demand.asks("headings.skip"),
            Demand.own("headings.single"),
            Demand.looks("headings.real"),
            Demand.apparatus("headings.numbered"),
            Demand.looks("headings.stranded"),
            Demand.apparatus("headings.introduction"));

    private HeadingDemands() {}
}
