package grintel.core.rule;

import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesRangesRuleTest {
    private static final String RULE = "sources.ranges";

    private static Draft listing(String guide, String end) {
        return Draft.mla()
                .guide(guide)
                .entries(List.of(line -> line.text("Keel, J. R. (2016). Fog bells. ")
                        .text("Coastal Notes", Draft.ITALIC)
                        .text(end)));
    }

    @Test
    void met() {
        listing("apa-7-student", ", 12(3), 4–19.").rule(RULE).isMet();
    }

    @Test
    void hyphensBecomeDashes() {
        listing("apa-7-student", ", 12(3), 4-19, 140-52.")
                .rule(RULE)
                .isOff("a hyphen", "an en dash")
                .quoting("4-19", "140-52")
                .putRight();
    }

    @Test
    void linksAndIdentifiersHoldNoRanges() {
        listing("apa-7-student", ". ISBN 978-1-4028-9462-6. https://doi.org/10.1000/12-34 Tel. 12-34.")
                .rule(RULE)
                .isAbsent();
    }

    @Test
    void mlaLetsAHyphenStand() {
        listing("mla-9", ", 12.3, 4-19.").rule(RULE).isMet();
    }
}
