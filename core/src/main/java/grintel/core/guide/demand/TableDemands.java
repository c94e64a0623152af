package grintel.core.guide.demand;

import grintel.core.guide.value.Value;
import java.util.List;

/** What is asked of tables. */
public final class TableDemands {
    public static final Value<CaptionForm> NUMBER =
            Value.needed("label", CaptionForm.TYPE, "the form of a table's number");
    public static final Value<CaptionForm> TITLE =
            Value.needed("title", CaptionForm.TYPE, "the form of a table's title");
    public static final Value<CaptionForm> NOTE = Value.needed("note", CaptionForm.TYPE, "how a table's note opens");

    static final List<Demand> ALL = List.of(
            Demand.apparatus("tables.number", NUMBER),
            Demand.looks("tables.title", TITLE),
            Demand.looks("tables.rules"),
            Demand.looks("tables.verticals"),
            Demand.looks("tables.width"),
            Demand.looks("tables.alignment"),
            Demand.asks("tables.decimals"),
            Demand.apparatus("tables.leading-zero"),
            Demand.apparatus("tables.symbols"),
            Demand.apparatus("tables.p-values"),
            Demand.apparatus("tables.note", NOTE),
            Demand.own("tables.mention"),
            Demand.own("tables.picture"),
            Demand.looks("tables.split"));

    private TableDemands() {}
}
