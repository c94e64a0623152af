package grintel.server.paper;

import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PlacedPicture;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The pages for the screen. Points from the sheet's top left corner.
 *
 * @param approximate faces set in a stand-in of other widths
 * @param remarks what could not be honoured
 */
record LayoutView(List<PageView> pages, List<String> approximate, List<String> remarks) {
    static LayoutView of(Proof proof) {
        return new LayoutView(
                proof.pages().stream().map(PageView::of).toList(), List.copyOf(proof.approximate()), proof.remarks());
    }

    /** A page; {@code left} to {@code bottom} are the edges of its text area. */
    record PageView(
            int number,
            String printed,
            double width,
            double height,
            double left,
            double top,
            double right,
            double bottom,
            double headerDistance,
            List<LineView> lines,
            List<PictureView> pictures) {
        static PageView of(ProofPage page) {
            return new PageView(
                    page.number(),
                    page.printedNumber(),
                    points(page.width()),
                    points(page.height()),
                    points(page.frame().left()),
                    points(page.frame().top()),
                    points(page.frame().right()),
                    points(page.frame().bottom()),
                    points(page.headerDistance()),
                    page.lines().stream().map(LineView::of).toList(),
                    page.pictures().stream().map(PictureView::of).toList());
        }
    }

    /**
     * A line.
     *
     * @param part header, text, note, box or footer
     * @param paragraph index within the part
     * @param number of the line in its paragraph, from 0
     * @param y the baseline
     */
    record LineView(
            String part,
            int paragraph,
            int number,
            double x,
            double y,
            double width,
            double top,
            double height,
            double left,
            List<RunView> runs) {
        static LineView of(ProofLine line) {
            return new LineView(
                    line.part().name().toLowerCase(Locale.ROOT),
                    line.paragraph().index(),
                    line.lineInParagraph(),
                    points(line.x()),
                    points(line.y()),
                    points(line.width()),
                    points(line.top()),
                    points(line.height()),
                    points(line.columnLeft()),
                    line.runs().stream().map(RunView::of).toList());
        }
    }

    /**
     * Characters of one type.
     *
     * @param face name of the face's file
     * @param size points
     * @param rise points above the baseline
     * @param colour six hexadecimal digits, missing for black
     */
    record RunView(
            String text,
            double x,
            double width,
            String face,
            double size,

            @Nullable Double rise,

            @Nullable String colour,

            @Nullable Boolean underlined,

            @Nullable Boolean struck,

            @Nullable Boolean highlighted) {
        static RunView of(GlyphRun run) {
            return new RunView(
                    run.text(),
                    points(run.x()),
                    points(run.width()),
                    run.type().face().file(),
                    run.type().points(),
                    run.type().rise() == 0 ? null : points(run.type().rise()),
                    run.type().colour().isAuto() ? null : run.type().colour().hex(),
                    run.type().underlined() ? true : null,
                    run.type().struck() ? true : null,
                    run.type().highlighted() ? true : null);
        }
    }

    /** A picture; {@code part} names it in the file. */
    record PictureView(double x, double y, double width, double height, String part, String alternative) {
        static PictureView of(PlacedPicture picture) {
            return new PictureView(
                    points(picture.x()),
                    points(picture.y()),
                    points(picture.width()),
                    points(picture.height()),
                    picture.target(),
                    picture.alternative());
        }
    }

    private static double points(int millipoints) {
        return Millipoints.toPoints(millipoints);
    }
}
