package grintel.server.paper;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.Station;
import grintel.core.limit.WorkLimits;
import grintel.core.made.MadeObject;
import grintel.core.made.ObjectPage;
import grintel.core.rule.Reading;
import grintel.core.rule.Units;
import grintel.core.rule.Wording;
import grintel.formats.docx.DocxWriter;
import grintel.server.page.LayoutView;
import grintel.server.page.StrokesView;
import grintel.server.table.TableViews.MadePageView;
import java.util.List;
import java.util.Map;

/** Made tables and figures on pages and in files of their own. */
final class MadePages {
    private static final int TIME_LIMIT = 20;
    private static final int HIGHEST_NUMBER = 999;

    private MadePages() {}

    /** It on a page, with its measures and what of it is off. */
    static MadePageView view(MadeObject made, Station station, Brief brief, int number, Units units) {
        Report report = Examiner.examine(
                ObjectPage.of(made, brief.guide(), bounded(number)), brief, WorkLimits.within(TIME_LIMIT));
        List<String> off = report.findings().stream()
                .filter(finding -> Station.of(finding.rule()) == station && !isOfThePaper(finding))
                .map(finding -> Wording.message(finding, units))
                .toList();
        return new MadePageView(
                LayoutView.of(report, station.id(), 1), StrokesView.of(report, station.id(), units), off);
    }

    /** Whether only the paper that it comes into can be right or wrong about it: its mention, and the order of numbers. */
    private static boolean isOfThePaper(Reading finding) {
        return finding.rule().endsWith(".mention") || finding.quantity().equals("order");
    }

    /** It as a file of its own. */
    static byte[] docx(MadeObject made, Brief brief, int number) {
        return docx(made, brief, number, Map.of());
    }

    /** @param images filled while it is made */
    static byte[] docx(MadeObject made, Brief brief, int number, Map<String, byte[]> images) {
        return DocxWriter.write(ObjectPage.of(made, brief.guide(), bounded(number)), images);
    }

    private static int bounded(int number) {
        return Math.max(1, Math.min(number, HIGHEST_NUMBER));
    }
}
