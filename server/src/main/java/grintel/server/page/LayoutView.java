package grintel.server.page;

import grintel.core.check.Report;
import grintel.core.paper.Paper;
import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.Fill;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.PlacedPicture;
import grintel.core.typeset.PlacedTable;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import grintel.server.problem.Problem;
import java.util.AbstractList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Some pages for the screen, one after the other. Points from the sheet's top left corner.
 *
 * @param state the same for all answers about one state of the paper
 * @param pageCount how many pages there are in all
 * @param faces the faces the paper asks for and what each is set in
 * @param remarks what could not be honoured
 * @param oddities what of the file was not understood
 */
public record LayoutView(
        String state,
        int pageCount,
        List<PageView> pages,
        List<FaceView> faces,
        List<String> remarks,
        List<String> oddities) {
    private static final int MOST_PAGES = 100;
    private static final int MOST_LINES = 10_000;

    /**
     * As many pages as one answer holds.
     *
     * @param from number of the first page, from 1
     * @param most how many at most
     */
    public static LayoutView of(Report report, String state, int from, int most) {
        Proof proof = report.proof();
        return new LayoutView(
                state,
                proof.pages().size(),
                new PageViews(some(proof.pages(), from, most), report.paper()),
                proof.faces().entrySet().stream()
                        .map(entry -> new FaceView(
                                entry.getKey(),
                                FaceCatalogue.shipped().name(entry.getValue().family()),
                                entry.getValue().exact()))
                        .toList(),
                proof.remarks(),
                report.paper().oddities());
    }

    /** As many pages as one answer holds. */
    public static LayoutView of(Report report, String state, int from) {
        return of(report, state, from, MOST_PAGES);
    }

    private static List<ProofPage> some(List<ProofPage> pages, int from, int most) {
        int start = from - 1;
        if (start < 0 || start >= Math.max(1, pages.size())) {
            throw Problem.notFound("There is no such page.");
        }
        int last = start + Math.min(Math.max(1, most), MOST_PAGES);
        int end = start;
        int lines = 0;
        while (end < pages.size() && end < last && lines < MOST_LINES) {
            lines += pages.get(end).lines().size();
            end++;
        }
        return pages.subList(start, end);
    }

    /** The views of pages, each made when it is written out, so that those of a long paper are never there all at once. */
    private static final class PageViews extends AbstractList<PageView> {
        private final List<ProofPage> pages;
        private final Paper paper;

        PageViews(List<ProofPage> pages, Paper paper) {
            this.pages = pages;
            this.paper = paper;
        }

        @Override
        public PageView get(int index) {
            return PageView.of(pages.get(index), paper);
        }

        @Override
        public int size() {
            return pages.size();
        }
    }

    /**
     * A face.
     *
     * @param asked as the paper names it
     * @param set the shipped face it is set in
     * @param exact whether the two have the same widths
     */
    public record FaceView(String asked, String set, boolean exact) {}

    /** A page; {@code left} to {@code bottom} are the edges of its text area. */
    public record PageView(
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
            List<PictureView> pictures,
            List<FillView> fills,
            List<TableView> tables) {
        static PageView of(ProofPage page, Paper paper) {
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
                    page.lines().stream().map(line -> LineView.of(line, paper)).toList(),
                    page.pictures().stream().map(PictureView::of).toList(),
                    page.fills().stream().map(FillView::of).toList(),
                    page.tables().stream().map(TableView::of).toList());
        }
    }

    /**
     * A line.
     *
     * @param part header, text, note, box or footer
     * @param paragraph index within the part
     * @param number of the line in its paragraph, from 0
     * @param y the baseline
     * @param left edge of the column or cell it is set in
     * @param right edge of the same
     */
    public record LineView(
            String part,
            int paragraph,
            int number,
            double x,
            double y,
            double width,
            double top,
            double height,
            double left,
            double right,
            List<RunView> runs) {
        static LineView of(ProofLine line, Paper paper) {
            return new LineView(
                    PagePart.of(line.paragraph().story()).name().toLowerCase(Locale.ROOT),
                    paper.placeIndex(line.paragraph()),
                    line.lineInParagraph(),
                    points(line.x()),
                    points(line.y()),
                    points(line.width()),
                    points(line.top()),
                    points(line.height()),
                    points(line.columnLeft()),
                    points(line.columnRight()),
                    line.runs().stream().map(RunView::of).toList());
        }
    }

    /**
     * Characters of one type.
     *
     * @param face name of the face's file
     * @param size points
     * @param rise points above the baseline
     * @param spacing points after each character
     * @param scale per cent of the face's own width
     * @param colour six hexadecimal digits, missing for black
     * @param leader whether it only leads over a tab
     */
    public record RunView(
            String text,
            double x,
            double width,
            String face,
            double size,

            @Nullable Double rise,

            @Nullable Double spacing,

            @Nullable Integer scale,

            @Nullable String colour,

            @Nullable Boolean underlined,

            @Nullable Boolean struck,

            @Nullable Boolean highlighted,

            @Nullable Boolean leader) {
        static RunView of(GlyphRun run) {
            return new RunView(
                    run.text(),
                    points(run.x()),
                    points(run.width()),
                    run.type().face().file(),
                    run.type().points(),
                    run.type().rise() == 0 ? null : points(run.type().rise()),
                    run.type().spacing() == 0 ? null : points(run.type().spacing()),
                    run.type().scale() == 100 ? null : run.type().scale(),
                    run.type().colour().isAuto() ? null : run.type().colour().hex(),
                    run.type().underlined() ? true : null,
                    run.type().struck() ? true : null,
                    run.type().highlighted() ? true : null,
                    run.leader() ? true : null);
        }
    }

    /**
     * A picture.
     *
     * @param part names it in the file
     * @param label what is said in a box in its place where it is not drawn, missing where it is
     */
    public record PictureView(
            double x,
            double y,
            double width,
            double height,
            String part,
            String alternative,

            @Nullable LabelView label) {
        static PictureView of(PlacedPicture picture) {
            return new PictureView(
                    points(picture.x()),
                    points(picture.y()),
                    points(picture.width()),
                    points(picture.height()),
                    picture.target(),
                    picture.alternative(),
                    picture.isDrawn() ? null : LabelView.of(picture));
        }
    }

    /**
     * The words in a box that stands for a picture.
     *
     * @param run missing where there is no room for them
     * @param y the baseline
     */
    public record LabelView(String text, double y, @Nullable RunView run) {
        static LabelView of(PlacedPicture picture) {
            GlyphRun run = picture.label();
            return new LabelView(
                    picture.standIn(), points(picture.labelBaseline()), run == null ? null : RunView.of(run));
        }
    }

    /** A line of a table, the ground of a cell or the line above the notes. */
    public record FillView(
            double x,
            double y,
            double width,
            double height,

            @Nullable String colour) {
        static FillView of(Fill fill) {
            return new FillView(
                    points(fill.x()),
                    points(fill.y()),
                    points(fill.width()),
                    points(fill.height()),
                    fill.colour().isAuto() ? null : fill.colour().hex());
        }
    }

    /**
     * What of a table stands on the page.
     *
     * @param edges its columns' edges from left to right
     */
    public record TableView(int number, List<Double> edges, double top, double bottom) {
        static TableView of(PlacedTable table) {
            return new TableView(
                    table.number(),
                    table.edges().stream().map(LayoutView::points).toList(),
                    points(table.top()),
                    points(table.bottom()));
        }
    }

    private static double points(int millipoints) {
        return Millipoints.toPoints(millipoints);
    }
}
