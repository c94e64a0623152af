package grintel.core.rule.sheet;

import grintel.core.guide.Ask;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Text runs in one column. */
public final class SheetColumnsRule implements Rule {
    /** A page with more columns than this has something else in its columns. */
    private static final int MOST_DRAWN = 4;

    @Override
    public String id() {
        return "sheet.columns";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.sections()
                .check(id(), "columns")
                .measure(section -> new Measure.Count(Math.max(1, section.get(SectionProperties.COLUMNS)), "column"))
                .asks(new Measure.Count(1, "column"))
                .fix(SectionEdits.set(SectionProperties.COLUMNS, 1))
                .readings();
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        Set<List<Integer>> columns = new LinkedHashSet<>();
        for (ProofLine line : page.lines(PagePart.TEXT)) {
            boolean inTable =
                    page.tables().stream().anyMatch(table -> line.y() > table.top() && line.top() < table.bottom());
            if (!inTable) {
                columns.add(List.of(line.columnLeft(), line.columnRight()));
            }
        }
        List<Stroke> strokes = new ArrayList<>();
        if (columns.size() <= MOST_DRAWN) {
            for (List<Integer> column : columns) {
                strokes.add(Stroke.across(
                                "columns",
                                column.get(0),
                                column.get(1),
                                page.frame().bottom(),
                                page.height())
                        .of(readings));
            }
        }
        return strokes;
    }
}
