package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import org.junit.jupiter.api.Test;

class HeadingsCaseRuleTest {
    private static final String RULE = "headings.case";

    private static Draft apa(String words) {
        return Draft.mla().guide("apa-7-student").headingStyles().heading("H1", Alignment.CENTRE, words, Draft.BOLD);
    }

    @Test
    void met() {
        apa("The Weather and the Price of Oil").rule(RULE).isMet();
    }

    @Test
    void smallWordsAreAskedAbout() {
        apa("The weather and the price Of oil")
                .rule(RULE)
                .isOff("“The weather and the price Of oil”", "“The Weather and the Price of Oil”")
                .isAsked()
                .putRight();
    }

    @Test
    void sentenceCaseLowersWhatThePaperWritesSmallAndKeepsNames() {
        PropertySet plain = PropertySet.empty();
        Draft.mla()
                .guide("chicago-notes")
                .headingStyles()
                .heading("H1", Alignment.CENTRE, "The Weather", Draft.BOLD)
                .heading("H2", Alignment.CENTRE, "The Price", plain)
                .heading("H3", Alignment.LEFT, "The Oil", Draft.BOLD)
                .add(b -> b.style("H4", "heading 4", Style.Kind.PARAGRAPH, "Normal", plain, plain))
                .heading("H4", Alignment.LEFT, "The Weather in Arden", plain)
                .rule(RULE)
                .isOff("“The Weather in Arden”", "“The weather in Arden”")
                .putRight();
    }

    @Test
    void absentWithoutHeadings() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
