package grintel.core.rule.tables;

import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.Captioned;
import grintel.core.structure.PartKind;
import java.util.List;

/** A table is one: not a picture of it, not lines of text whose columns tabs hold in place. Only the writer can make it. */
public final class TablesPictureRule implements Rule {
    private static final Measure TABLE = Measure.word("a-real-table");

    @Override
    public String id() {
        return "tables.picture";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Captioned> filled = Captioned.all(exam, PartKind.TABLE).stream()
                .filter(each -> !each.body().isEmpty())
                .toList();
        return Captioned.subjects(exam, filled)
                .check(id(), "made")
                .measure(TablesPictureRule::made)
                .asks(TABLE)
                .readings();
    }

    private static Measure made(Captioned table) {
        if (table.body().stream().anyMatch(Paragraph::inTable)) {
            return TABLE;
        }
        return Measure.word(table.holdsPicture() ? "a-picture-of-one" : "columns-by-tabs");
    }
}
