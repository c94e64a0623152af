package grintel.core.rule;

import grintel.core.paper.Lengths;

/** Correct papers with a figure of one picture. */
final class Figured {
    private Figured() {}

    /** A picture two inches high, so wide and with this text alternative. */
    static Draft with(long width, String alternative) {
        return Draft.mla()
                .add(paper ->
                        paper.paragraph(line -> line.picture("lamp.png", width, Lengths.EMU_PER_INCH * 2, alternative)))
                .add(paper -> paper.paragraph("Fig. 1. The lamp on the north quay"))
                .text(line -> line.text(Draft.PROSE));
    }
}
