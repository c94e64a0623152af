package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.specimen.Fault;
import grintel.core.specimen.Specimen;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** Faults of tables, figures and appendices, each of which stands alone in a specimen that is correct but for it. */
public final class ObjectFaults {
    private static final String IN_APPENDIX = "They are in the Appendix.";

    private ObjectFaults() {}

    /** A fault of each rule of these stations at least. */
    public static List<Fault> all() {
        List<Fault> out = new ArrayList<>();
        tables(out);
        figures(out);
        appendices(out);
        return out;
    }

    /** A table and a figure with nothing wrong. */
    public static Map<String, Consumer<Specimen>> none() {
        return Map.of(
                "a table",
                specimen -> Tabled.in(specimen).lay(),
                "a figure",
                specimen -> Figured.in(specimen).lay());
    }

    // ---- tables

    private static void tables(List<Fault> out) {
        out.add(table("a number in Roman letters", "tables.number", t -> t.label("TABLE I.")));
        out.add(table("a table that nothing says the number of", "tables.number", Tabled::captions));
        out.add(table("a number without a title", "tables.title", t -> t.captions(line -> line.text("Table 1"))));
        out.add(table(
                "another word before the note",
                "tables.note",
                t -> t.notes(line -> line.text("NOTES - By hand."), line -> line.text("SOURCES - The ledgers."))));
        out.add(table("no rule anywhere", "tables.rules", Tabled::unruled));
        out.add(table("a box round each cell", "tables.verticals", Tabled::boxed));
        out.add(table("a table beyond the margins", "tables.width", t -> t.columns(4500)));
        out.add(table(
                "a table that only a sheet on its side has room for",
                "tables.width",
                t -> t.columns(1400)
                        .heads(
                                "Quay",
                                "January",
                                "February",
                                "September",
                                "October",
                                "November",
                                "December",
                                "Together",
                                "Measured")
                        .row("North", "14", "12", "11", "9", "14", "12", "11", "9")));
        out.add(table("heads at the left", "tables.alignment", t -> t.headings(Alignment.LEFT)));
        out.add(table(
                "numbers out of line",
                "tables.alignment",
                t -> t.row("North", "4", "12.31").row("South", "1,204", "3.04")));
        out.add(table(
                "more decimals in one cell",
                "tables.decimals",
                t -> t.row("North", "14", "2.31").row("South", "12", "3.047").row("West", "11", "1.98")));
        out.add(table(
                "zeros before the point",
                "tables.leading-zero",
                t -> t.heads("Quay", "r", "p").row("North", "0.31", "0.024").row("South", "0.28", "0.041")));
        out.add(table(
                "a probability of nothing",
                "tables.p-values",
                t -> t.heads("Quay", "M", "p").row("North", "2.31", ".000").row("South", "3.04", ".024")));
        out.add(table("upright symbols", "tables.symbols", Tabled::uprightSymbols));
        out.add(table("a long table with its heads on one page", "tables.split", t -> {
            for (int i = 1; i <= 90; i++) {
                t.row("Quay " + i, "14", "2.31");
            }
            return t;
        }));
        out.add(table("a table no sentence speaks of", "tables.mention", t -> t.mention("They are counted.")));
        out.add(table(
                "a table set with tabs",
                "tables.picture",
                t -> t.instead(
                        paper -> paper.paragraph(line -> line.text("Quay").tab().text("Lamps"))
                                .paragraph(line -> line.text("North").tab().text("14"))
                                .paragraph(line -> line.text("South").tab().text("12")))));
    }

    private static Fault table(String name, String rule, UnaryOperator<Tabled> change) {
        return new Fault(
                name, rule, specimen -> change.apply(Tabled.in(specimen)).lay());
    }

    // ---- figures

    private static void figures(List<Fault> out) {
        out.add(figure("a number in capitals", "figures.number", f -> f.label("FIGURE 1:")));
        out.add(figure("a picture that nothing says the number of", "figures.number", Figured::captions));
        out.add(figure("a number without a title", "figures.title", f -> f.captions(line -> line.text("Figure 1"))));
        out.add(figure(
                "another word before the note", "figures.note", f -> f.note(line -> line.text("NOTES - By hand."))));
        out.add(figure("a caption on the other side", "figures.place", Figured::onTheOtherSide));
        out.add(figure("a picture of few dots", "figures.sharpness", f -> f.pixels(300, 100)));
        out.add(figure("a picture beyond the margins", "figures.width", f -> f.width(7.5)));
        out.add(figure("a picture that nothing describes", "figures.alternative", f -> f.alternative("")));
        out.add(figure("a figure no sentence speaks of", "figures.mention", f -> f.mention("It is drawn.")));
    }

    private static Fault figure(String name, String rule, UnaryOperator<Figured> change) {
        return new Fault(
                name, rule, specimen -> change.apply(Figured.in(specimen)).lay());
    }

    // ---- appendices

    private static void appendices(List<Fault> out) {
        out.add(new Fault("a label in capitals", "appendices.label", s -> Appended.in(s, IN_APPENDIX, "APPENDIX")));
        out.add(new Fault(
                "two labels without letters",
                "appendices.label",
                s -> Appended.in(s, "They are in the appendices.", "Appendix", "Appendix")));
        out.add(new Fault(
                "no title under a label",
                "appendices.title",
                s -> Appended.in(s, IN_APPENDIX, "Appendix").withoutTitles()));
        out.add(new Fault(
                "an appendix that follows the list",
                "appendices.new-page",
                s -> Appended.in(s, IN_APPENDIX, "Appendix").runOn()));
        out.add(new Fault(
                "an appendix no sentence speaks of",
                "appendices.mention",
                s -> Appended.in(s, "They are elsewhere.", "Appendix")));
        out.add(new Fault(
                "traces of an export",
                "appendices.leftovers",
                s -> Appended.in(s, IN_APPENDIX, "Appendix")
                        .with(paper -> paper.paragraph("Start of Block: Lamps")
                                .paragraph("How often do you trim the lamp?")
                                .paragraph("○ Never (1)")
                                .paragraph("End of Block: Lamps"))));
        out.add(new Fault(
                "reversed items that nothing explains",
                "appendices.reverse-items",
                s -> Appended.in(s, IN_APPENDIX, "Appendix")
                        .with(paper -> paper.paragraph("1. I sleep well. (R)").paragraph("2. The bell wakes me."))));
    }
}
