package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.TabStops;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunningHeadPaddingRuleTest {
    private static final String RULE = "running-head.padding";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void spacesGiveWayToAnAlignment() {
        Draft.mla()
                .headerLine(h -> h.text("Solvane" + " ".repeat(120)).pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("spaces", "one line, set by its alignment or a tab stop")
                .putRight();
    }

    @Test
    void tabsOnStopsTheHeaderSetsAreFine() {
        TabStops stop =
                new TabStops(List.of(new TabStops.Stop(9360, TabStops.Kind.RIGHT, TabStops.Leader.NONE)), List.of());
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.TAB_STOPS, stop)
                        .tab()
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isMet();
    }
}
