package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.List;
import java.util.function.Consumer;

/** Correct papers with appendices after all else, each under a label. */
final class Appended {
    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);

    private final Specimen specimen;
    private Consumer<PaperBuilder> more = paper -> {};
    private boolean titled = true;
    private boolean broken = true;

    private Appended(Specimen specimen, String text, List<String> labels) {
        this.specimen = specimen;
        PropertySet type = specimen.guide().id().startsWith("apa-7") ? BOLD : PropertySet.empty();
        specimen.between = paper -> paper.paragraph(
                line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(text + " " + Specimen.PROSE));
        specimen.after = paper -> {
            for (String label : labels) {
                paper.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                        .set(ParagraphProperties.PAGE_BREAK_BEFORE, broken)
                        .text(label, type));
                if (titled) {
                    paper.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                            .text("Questions for Lamp Keepers", type));
                }
                paper.paragraph(line ->
                        line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(Specimen.PROSE));
                more.accept(paper);
            }
        };
    }

    /** One appendix, lettered ones, and one with a letter meet a rule; a paper without any has nothing to measure. */
    static void goodPapersMeet(String rule) {
        apa("They are in the Appendix.", "Appendix").rule(rule).isMet();
        apa("They are in Appendix A, the rest in Appendix B.", "Appendix A", "Appendix B")
                .rule(rule)
                .isMet();
        apa("They are in Appendix A.", "Appendix A").rule(rule).isMet();
        apa("Nothing of them.").rule(rule).isAbsent();
    }

    /** A student paper whose text says something, with an appendix under each of these labels. */
    static Appended apa(String text, String... labels) {
        return in(Specimen.of("apa-7-student", Content.NOTHING), text, labels);
    }

    /** The same in the sixth edition, whose labels are plain. */
    static Appended apa6(String text, String... labels) {
        return in(Specimen.of("apa-6", Content.NOTHING), text, labels);
    }

    /** Lays such a text and such appendices into a specimen that has none. */
    static Appended in(Specimen specimen, String text, String... labels) {
        return new Appended(specimen, text, List.of(labels));
    }

    /** Blocks at the end of each appendix. */
    Appended with(Consumer<PaperBuilder> blocks) {
        more = blocks;
        return this;
    }

    Appended withoutTitles() {
        titled = false;
        return this;
    }

    /** The appendices follow what stands before them on the same page. */
    Appended runOn() {
        broken = false;
        return this;
    }

    RuleCase rule(String rule) {
        return new RuleCase(rule, specimen.brief(), specimen.build());
    }
}
