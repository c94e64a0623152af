package grintel.server.paper;

import grintel.core.appendix.AppendixContent;
import grintel.core.appendix.AppendixOrder;
import grintel.core.check.Report;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Quotes;
import grintel.server.appendix.AppendixViews.AppendixOrderView;
import grintel.server.appendix.AppendixViews.MentionedView;
import java.util.List;

/** The order of mention as the page shows it. */
final class AppendixOrders {
    private AppendixOrders() {}

    static AppendixOrderView view(Report report, List<AppendixContent> appendices) {
        return new AppendixOrderView(AppendixOrder.of(report.examination(), appendices).stream()
                .map(each -> new MentionedView(
                        each.index(),
                        appendices.get(each.index()).title(),
                        page(report, each),
                        Quotes.plain(each.sentence())))
                .toList());
    }

    private static int page(Report report, AppendixOrder.Mentioned mentioned) {
        Paragraph at = mentioned.at();
        return at == null ? 0 : Math.max(1, report.proof().pageOf(at.address()));
    }
}
