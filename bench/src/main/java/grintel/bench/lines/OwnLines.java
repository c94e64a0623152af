package grintel.bench.lines;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.FormattingResolver;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.StyleSheet;
import grintel.core.typeset.LayoutLimits;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import java.util.ArrayList;
import java.util.List;

/** Where our own layout ends the lines of samples. */
final class OwnLines {
    private static final int TWIPS_PER_POINT = 20;

    private final FormattingResolver resolver = new FormattingResolver(StyleSheet.EMPTY);

    private OwnLines() {}

    /** For each sample the places at which its lines but the first start. */
    static List<List<Integer>> starts(List<Sample> samples) {
        OwnLines own = new OwnLines();
        List<Section> sections = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            sections.add(own.section(samples.get(i), i));
        }
        Proof proof = Typesetter.typeset(
                Paper.of(sections, List.of(), StyleSheet.EMPTY, PaperSettings.INITIAL), LayoutLimits.within(120));
        List<List<Integer>> out = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            List<String> lines = proof.lines(ParagraphAddress.text(i)).stream()
                    .map(placed -> placed.line().text())
                    .toList();
            out.add(starts(samples.get(i).text(), lines));
        }
        return out;
    }

    /** Finds the lines in the text, whose trailing spaces and hidden soft hyphens they leave out. */
    private static List<Integer> starts(String text, List<String> lines) {
        List<Integer> starts = new ArrayList<>();
        int at = 0;
        for (String line : lines) {
            if (at > 0) {
                starts.add(at);
            }
            for (int i = 0; i < line.length(); i++) {
                while (text.charAt(at) != line.charAt(i)) {
                    at++;
                }
                at++;
            }
            while (at < text.length() && text.charAt(at) == ' ') {
                at++;
            }
        }
        return starts;
    }

    /** A section of its own for each sample, whose sheet leaves the sample's width between the margins. */
    private Section section(Sample sample, int index) {
        PropertySet sheet = new PropertySet.Builder()
                .set(SectionProperties.PAGE_WIDTH, 2880 + sample.width() * TWIPS_PER_POINT)
                .set(SectionProperties.BREAK, SectionProperties.Break.CONTINUOUS)
                .build();
        PropertySet indent = PropertySet.of(ParagraphProperties.INDENT_FIRST_LINE, sample.indent() * TWIPS_PER_POINT);
        List<Inline> inlines = new ArrayList<>();
        for (int i = 0; i < sample.runs().size(); i++) {
            Sample.Run run = sample.runs().get(i);
            inlines.add(new Inline.Text(run.text(), i, 0, format(sample, run), ""));
        }
        Paragraph paragraph = new Paragraph(
                ParagraphAddress.text(index),
                null,
                resolver.paragraph(null, null, null, indent),
                indent,
                format(sample, new Sample.Run("", false, false)),
                null,
                inlines,
                true,
                false,
                false);
        return new Section(index, Formatting.ofSection(sheet), List.of(paragraph), Marginals.NONE, Marginals.NONE);
    }

    private Formatting format(Sample sample, Sample.Run run) {
        return resolver.characters(
                null,
                null,
                null,
                new PropertySet.Builder()
                        .set(CharacterProperties.FACE, sample.face())
                        .set(CharacterProperties.FACE_HIGH_ANSI, sample.face())
                        .set(CharacterProperties.SIZE, (int) Math.round(sample.points() * 2))
                        .set(CharacterProperties.BOLD, run.bold())
                        .set(CharacterProperties.ITALIC, run.italic())
                        .build());
    }
}
