package grintel.bench.lines;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import java.util.ArrayList;
import java.util.List;

/** Where our own layout ends the lines of samples. */
final class OwnLines {
    private static final int TWIPS_PER_POINT = 20;

    private OwnLines() {}

    /** For each sample the places at which its lines but the first start. */
    static List<List<Integer>> starts(List<Sample> samples) {
        PaperBuilder paper = new PaperBuilder();
        samples.forEach(sample -> add(paper, sample));
        Proof proof = Typesetter.typeset(paper.paragraph("").build(), WorkLimits.within(120));
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
    private static void add(PaperBuilder paper, Sample sample) {
        paper.section(SectionProperties.PAGE_WIDTH, 2880 + sample.width() * TWIPS_PER_POINT)
                .section(SectionProperties.BREAK, SectionProperties.Break.CONTINUOUS)
                .paragraph(paragraph -> {
                    paragraph
                            .set(ParagraphProperties.INDENT_FIRST_LINE, sample.indent() * TWIPS_PER_POINT)
                            .mark(format(sample, new Sample.Run("", false, false)));
                    sample.runs().forEach(run -> paragraph.text(run.text(), format(sample, run)));
                })
                .endSection();
    }

    private static PropertySet format(Sample sample, Sample.Run run) {
        return new PropertySet.Builder()
                .set(CharacterProperties.FACE, sample.face())
                .set(CharacterProperties.FACE_HIGH_ANSI, sample.face())
                .set(CharacterProperties.SIZE, (int) Math.round(sample.points() * 2))
                .set(CharacterProperties.BOLD, run.bold())
                .set(CharacterProperties.ITALIC, run.italic())
                .build();
    }
}
