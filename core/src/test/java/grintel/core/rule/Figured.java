package grintel.core.rule;

import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Correct papers with a figure of one picture, into which a test lays its faults. */
final class Figured {
    private static final Inline.Picture.Pixels SHARP = new Inline.Picture.Pixels(1800, 600);

    private final Specimen specimen;
    private List<Consumer<ParagraphBuilder>> captions;
    private List<Consumer<ParagraphBuilder>> notes = List.of();
    private boolean above;
    private String mention = "It is drawn in Figure 1.";
    private Inline.Picture.Pixels pixels = SHARP;
    private int pictures = 1;
    private double width = 6;
    private String alternative = "a lamp on a quay";

    private Figured(Specimen specimen) {
        this.specimen = specimen;
        CaptionForm number = specimen.guide().ask("figures.number").find(FigureDemands.NUMBER);
        above = specimen.guide().ask("figures.place").find(FigureDemands.CAPTION) == FigureDemands.Side.ABOVE;
        captions = captions(number == null ? "Figure 1" : number.words().replace("#", "1"), Tabled.look(number));
    }

    private List<Consumer<ParagraphBuilder>> captions(String label, PropertySet look) {
        CaptionForm title = specimen.guide().ask("figures.title").find(FigureDemands.TITLE);
        return title == null || title.line() == CaptionForm.Line.SAME
                ? List.of(line -> line.text(label, look).text(" The lamp on the north quay"))
                : List.of(
                        line -> line.text(label, look),
                        line -> line.text("The Lamp on the North Quay", Tabled.look(title)));
    }

    /** A picture two inches high, so wide and with this text alternative. */
    static Draft with(long width, String alternative) {
        return Draft.mla()
                .add(paper ->
                        paper.paragraph(line -> line.picture("lamp.png", width, Lengths.EMU_PER_INCH * 2, alternative)))
                .add(paper -> paper.paragraph("Fig. 1. The lamp on the north quay"))
                .text(line -> line.text("It stands in fig. 1. " + Draft.PROSE));
    }

    static Figured of(String guide) {
        return in(Specimen.of(guide, Content.NOTHING));
    }

    /** A figure for a specimen that has nothing else between its paragraphs. */
    static Figured in(Specimen specimen) {
        return new Figured(specimen);
    }

    /** Another number, upright and plain; the title stays. */
    Figured label(String words) {
        captions = captions(words, PropertySet.empty());
        return this;
    }

    /** How wide the picture is, in inches. */
    Figured width(double inches) {
        width = inches;
        return this;
    }

    Figured alternative(String words) {
        alternative = words;
        return this;
    }

    static Figured apa() {
        return of("apa-7-student");
    }

    /** Other lines for its caption. */
    @SafeVarargs
    final Figured captions(Consumer<ParagraphBuilder>... lines) {
        captions = new ArrayList<>();
        for (Consumer<ParagraphBuilder> line : lines) {
            captions.add(line);
        }
        return this;
    }

    Figured note(Consumer<ParagraphBuilder> line) {
        notes = List.of(line);
        return this;
    }

    Figured onTheOtherSide() {
        above = !above;
        return this;
    }

    Figured mention(String words) {
        mention = words;
        return this;
    }

    Figured pixels(int width, int height) {
        pixels = new Inline.Picture.Pixels(width, height);
        return this;
    }

    Figured pictures(int count) {
        pictures = count;
        return this;
    }

    RuleCase rule(String rule) {
        lay();
        return new RuleCase(rule, specimen.brief(), specimen.build());
    }

    /** Lays the figure and the paragraph that mentions it between the paragraphs of its specimen. */
    void lay() {
        specimen.between = paper -> {
            paper.paragraph(
                    line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(mention + " " + Specimen.PROSE));
            if (above) {
                captions.forEach(paper::paragraph);
            }
            for (int i = 0; i < pictures; i++) {
                paper.paragraph(line -> line.picture(
                        "word/media/lamp.png",
                        Math.round(Lengths.EMU_PER_INCH * width),
                        Lengths.EMU_PER_INCH * 2,
                        null,
                        alternative,
                        pixels));
            }
            if (!above) {
                captions.forEach(paper::paragraph);
            }
            notes.forEach(paper::paragraph);
        };
    }
}
