package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.TableProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/** A table has no vertical rules and no ground of colour or grey. */
public final class TablesVerticalsRule implements Rule {
    @Override
    public String id() {
        return "tables.verticals";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        DataTables tables = DataTables.of(exam);
        Subjects<Paragraph> all = exam.paragraphs(tables.firsts());
        List<Reading> out = new ArrayList<>(readings(
                all,
                "lines",
                "vertical-rule",
                first -> tables.of(first).grid().verticals(),
                first -> bare(tables.of(first))));
        out.addAll(readings(
                all,
                "shading",
                "shaded-cell",
                first -> shaded(tables.of(first)).size(),
                first -> plain(tables.of(first))));
        return out;
    }

    private List<Reading> readings(
            Subjects<Paragraph> all,
            String quantity,
            String things,
            ToIntFunction<Paragraph> number,
            Function<Paragraph, List<Edit>> edits) {
        Subjects<Paragraph> some = all.filter(first -> number.applyAsInt(first) > 0);
        return some.check(id(), quantity)
                .none(things, number)
                .metIfNone(!all.isEmpty())
                .fix((off, cause) -> off.stream()
                        .flatMap(first -> edits.apply(first).stream())
                        .toList())
                .readings();
    }

    private static List<Edit> bare(DataTables.DataTable table) {
        Target whole = new Target.OfTable(table.table().address());
        List<Edit> out = new ArrayList<>(List.of(
                new Edit.SetProperty(whole, TableProperties.BORDER_LEFT, Border.NONE),
                new Edit.SetProperty(whole, TableProperties.BORDER_RIGHT, Border.NONE),
                new Edit.SetProperty(whole, TableProperties.BORDER_INSIDE_DOWN, Border.NONE)));
        for (CellGrid.Place place : table.grid().all()) {
            Target cell = cell(table, place);
            if (place.cell().borders().left().isVisible()) {
                out.add(new Edit.SetProperty(cell, CellProperties.BORDER_LEFT, Border.NONE));
            }
            if (place.cell().borders().right().isVisible()) {
                out.add(new Edit.SetProperty(cell, CellProperties.BORDER_RIGHT, Border.NONE));
            }
        }
        return out;
    }

    private static List<CellGrid.Place> shaded(DataTables.DataTable table) {
        return table.grid().all().stream()
                .filter(place -> !place.cell().shading().readsAsWhite()
                        || place.paragraphs().stream().anyMatch(TablesVerticalsRule::isShaded))
                .toList();
    }

    private static List<Edit> plain(DataTables.DataTable table) {
        List<Edit> out = new ArrayList<>();
        for (CellGrid.Place place : shaded(table)) {
            out.add(new Edit.SetProperty(cell(table, place), CellProperties.SHADING, Colour.AUTO));
            place.paragraphs().stream()
                    .filter(TablesVerticalsRule::isShaded)
                    .forEach(paragraph -> out.add(new Edit.SetProperty(
                            new Target.OfParagraph(paragraph.address()), ParagraphProperties.SHADING, Colour.AUTO)));
        }
        return out;
    }

    private static boolean isShaded(Paragraph paragraph) {
        return !paragraph.format().get(ParagraphProperties.SHADING).readsAsWhite();
    }

    private static Target cell(DataTables.DataTable table, CellGrid.Place place) {
        return new Target.OfCell(table.table().address(), place.row(), place.at());
    }
}
