package grintel.core.rule;

import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.TableDemands;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Correct papers with one table, into which a test lays its faults. Symbols in its heads and notes are italic. */
final class Tabled {
    private static final Border RULE = new Border(4, 1, Colour.AUTO);
    private static final PropertySet ITALIC = PropertySet.of(CharacterProperties.ITALIC, true);
    private static final PropertySet PLAIN = PropertySet.empty();

    private final Specimen specimen;
    private final List<List<String>> rows = new ArrayList<>();
    private List<String> heads = List.of("Quay", "n", "M");
    private List<Consumer<PaperBuilder>> captions;
    private List<Consumer<ParagraphBuilder>> notes;
    private String mention = "They are counted in Table 1.";
    private boolean symbolsSlant = true;
    private Alignment numbers = Alignment.CENTRE;
    private Alignment headings = Alignment.CENTRE;
    private Border inside = Border.NONE;
    private Border sides = Border.NONE;
    private Border outer = RULE;
    private Border underHeads = RULE;
    private Colour ground = Colour.AUTO;
    private Consumer<PaperBuilder> after = paper -> {};
    private boolean tableThere = true;
    private int column;

    private Tabled(Specimen specimen) {
        this.specimen = specimen;
        CaptionForm number = specimen.guide().ask("tables.number").find(TableDemands.NUMBER);
        String label = number == null ? "Table 1" : number.words().replace("#", "1");
        captions = captions(label, look(number));
        CaptionForm note = specimen.guide().ask("tables.note").find(TableDemands.NOTE);
        notes = List.of(line ->
                line.text(note == null ? "Source:" : note.words(), look(note)).text(" By hand."));
    }

    private List<Consumer<PaperBuilder>> captions(String label, PropertySet look) {
        CaptionForm title = specimen.guide().ask("tables.title").find(TableDemands.TITLE);
        return title != null && title.line() == CaptionForm.Line.SAME
                ? List.of(
                        paper -> paper.paragraph(line -> line.text(label, look).text(" Lamps and Sums")))
                : List.of(
                        paper -> paper.paragraph(line -> line.text(label, look)),
                        paper -> paper.paragraph(line -> line.text("Lamps and Sums", look(title))));
    }

    /** The look a guide asks for, plain where it asks for none. */
    static PropertySet look(@Nullable CaptionForm form) {
        PropertySet look = PLAIN;
        if (form == null) {
            return look;
        }
        if (form.bold() == Boldness.BOLD) {
            look = look.with(CharacterProperties.BOLD, true);
        }
        return form.slant() == Slant.ITALIC ? look.with(CharacterProperties.ITALIC, true) : look;
    }

    static Tabled apa() {
        return of("apa-7-student");
    }

    static Tabled of(String guide) {
        return in(Specimen.of(guide, Content.NOTHING));
    }

    /** A table for a specimen that has nothing else between its paragraphs. */
    static Tabled in(Specimen specimen) {
        return new Tabled(specimen);
    }

    /** Another number over the table, upright and plain; the title stays. */
    Tabled label(String words) {
        captions = captions(words, PLAIN);
        return this;
    }

    /** The width of each column in twips, which holds whatever stands in it. */
    Tabled columns(int twips) {
        column = twips;
        return this;
    }

    Tabled heads(String... words) {
        heads = List.of(words);
        return this;
    }

    Tabled row(String... cells) {
        rows.add(List.of(cells));
        return this;
    }

    /** Other lines over the table. */
    @SafeVarargs
    final Tabled captions(Consumer<ParagraphBuilder>... lines) {
        captions = new ArrayList<>();
        for (Consumer<ParagraphBuilder> line : lines) {
            captions.add(paper -> paper.paragraph(line));
        }
        return this;
    }

    /** Other lines under the table. */
    @SafeVarargs
    final Tabled notes(Consumer<ParagraphBuilder>... lines) {
        notes = new ArrayList<>();
        for (Consumer<ParagraphBuilder> line : lines) {
            notes.add(line);
        }
        return this;
    }

    Tabled mention(String words) {
        mention = words;
        return this;
    }

    Tabled uprightSymbols() {
        symbolsSlant = false;
        return this;
    }

    Tabled numbers(Alignment alignment) {
        numbers = alignment;
        return this;
    }

    Tabled headings(Alignment alignment) {
        headings = alignment;
        return this;
    }

    /** Lines between rows and at the sides. */
    Tabled boxed() {
        inside = RULE;
        sides = RULE;
        return this;
    }

    Tabled withoutRuleUnderHeads() {
        underHeads = Border.NONE;
        return this;
    }

    Tabled withoutRulesAround() {
        outer = Border.NONE;
        return this;
    }

    Tabled unruled() {
        outer = Border.NONE;
        underHeads = Border.NONE;
        return this;
    }

    Tabled ground(int rgb) {
        ground = new Colour(rgb);
        return this;
    }

    /** What stands in the place of the table. */
    Tabled instead(Consumer<PaperBuilder> other) {
        tableThere = false;
        after = other;
        return this;
    }

    /** Blocks after the table. */
    Tabled after(Consumer<PaperBuilder> more) {
        after = more;
        return this;
    }

    RuleCase rule(String rule) {
        lay();
        return new RuleCase(rule, specimen.brief(), specimen.build());
    }

    /** Lays the table and the paragraph that mentions it between the paragraphs of its specimen. */
    void lay() {
        specimen.between = this::add;
    }

    private void add(PaperBuilder paper) {
        paper.paragraph(
                line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(mention + " " + Specimen.PROSE));
        captions.forEach(caption -> caption.accept(paper));
        if (tableThere) {
            table(paper);
            notes.forEach(paper::paragraph);
        }
        after.accept(paper);
    }

    void table(PaperBuilder paper) {
        if (rows.isEmpty()) {
            row("North", "14", "2.31").row("South", "12", "3.04");
        }
        int width = column > 0 ? column : 8000 / heads.size();
        paper.table(table -> {
            table.columns(Collections.nCopies(heads.size(), width))
                    .set(TableProperties.FIXED, column > 0)
                    .set(TableProperties.BORDER_TOP, outer)
                    .set(TableProperties.BORDER_BOTTOM, outer)
                    .set(TableProperties.BORDER_INSIDE_ACROSS, inside)
                    .set(TableProperties.BORDER_INSIDE_DOWN, sides)
                    .set(TableProperties.BORDER_LEFT, sides)
                    .set(TableProperties.BORDER_RIGHT, sides);
            table.row(row -> {
                for (String head : heads) {
                    boolean stub = row.isEmpty();
                    row.cell(
                            format -> format.set(CellProperties.WIDTH, Width.twips(width))
                                    .set(CellProperties.SHADING, ground)
                                    .set(CellProperties.BORDER_BOTTOM, underHeads),
                            blocks -> blocks.paragraph(
                                    line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                                            .set(ParagraphProperties.ALIGNMENT, stub ? Alignment.LEFT : headings)
                                            .text(head, !stub && symbolsSlant ? ITALIC : PLAIN)));
                }
            });
            for (List<String> cells : rows) {
                table.row(row -> {
                    for (String cell : cells) {
                        boolean stub = row.isEmpty();
                        row.cell(
                                format -> format.set(CellProperties.WIDTH, Width.twips(width)),
                                blocks -> blocks.paragraph(
                                        line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                                                .set(ParagraphProperties.ALIGNMENT, stub ? Alignment.LEFT : numbers)
                                                .text(cell)));
                    }
                });
            }
        });
    }
}
