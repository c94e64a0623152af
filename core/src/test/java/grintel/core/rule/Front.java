package grintel.core.rule;

import grintel.core.guide.Facts;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.specimen.Specimen;
import java.util.function.Consumer;

/** The opening of a correct paper with a title page, for rules of openings, to be changed line by line. */
final class Front {
    private Consumer<PaperBuilder> opening = out -> {};
    private final String guide;
    private Facts facts = Facts.of("Solvane", "Lamps");

    private Front(String guide) {
        this.guide = guide;
    }

    /** A paper of a guide whose text, sources and header are right, and that has no opening yet. */
    static Front of(String guide) {
        return new Front(guide);
    }

    /** An MLA paper with its heading lines. */
    static Front mla() {
        return of("mla-9")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Literature 214")
                .left("9 October 2026");
    }

    Front facts(String yaml) {
        facts = Facts.parse("facts", yaml);
        return this;
    }

    /** A line in the middle. */
    Front line(String words) {
        return line(words, line -> {});
    }

    Front line(String words, Consumer<ParagraphBuilder> change) {
        return block(out -> out.paragraph(line -> {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            change.accept(line);
            line.text(words);
        }));
    }

    /** A bold line in the middle, as APA has its title, with room above and below. */
    Front title(String words) {
        return title(
                words,
                line -> line.set(ParagraphProperties.SPACE_BEFORE, 1656).set(ParagraphProperties.SPACE_AFTER, 552));
    }

    Front title(String words, Consumer<ParagraphBuilder> change) {
        return block(out -> out.paragraph(line -> {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            change.accept(line);
            line.text(words, Draft.BOLD);
        }));
    }

    /** The bold title over the text, on a page of its own. */
    Front over(String words) {
        return title(words, line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true));
    }

    /** A line at the margin. */
    Front left(String words) {
        return block(out -> out.paragraph(words));
    }

    Front block(Consumer<PaperBuilder> more) {
        opening = opening.andThen(more);
        return this;
    }

    /** The lines an APA student paper has under its title. */
    Front student() {
        return line("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .line("LIT 214: Novels of the Canals")
                .line("Dr. Ilse Tamberg")
                .line("October 9, 2026");
    }

    Paper build() {
        Specimen specimen = Specimen.of(guide, Specimen.Content.NOTHING);
        specimen.opening = opening;
        return specimen.build();
    }

    RuleCase rule(String id) {
        return new RuleCase(id, guide, facts, build());
    }
}
