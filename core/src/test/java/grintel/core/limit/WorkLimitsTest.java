package grintel.core.limit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.check.Examiner;
import grintel.core.check.PaperFile;
import grintel.core.check.PutRight;
import grintel.core.check.PutRight.Choice;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paper;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.structure.Corrections;
import java.util.Objects;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;

class WorkLimitsTest {
    private static final WorkLimits OVER = new WorkLimits(WorkLimits.MOST_PAGES, System.nanoTime() - 1);

    /** As a loop over a stranger's paper asks. */
    private static Integer loop() {
        for (int i = 0; i < 1000; i++) {
            WorkLimits.goOn();
        }
        return 1;
    }

    @Test
    void workOutsideOfBoundsGoesOn() {
        assertThatCode(WorkLimitsTest::loop).doesNotThrowAnyException();
    }

    @Test
    void workEndsWithItsTime() {
        assertThat(WorkLimits.within(60).bound(WorkLimitsTest::loop)).isEqualTo(1);
        assertThatThrownBy(() -> OVER.bound(WorkLimitsTest::loop)).isInstanceOf(TooLargeException.class);
    }

    @Test
    void theOuterBoundsHoldAgainAfterInnerOnes() {
        WorkLimits outer = WorkLimits.within(60);
        outer.bound(() -> {
            assertThatThrownBy(() -> OVER.bound(WorkLimitsTest::loop)).isInstanceOf(TooLargeException.class);
            assertThat(WorkLimits.currentOr(1)).isSameAs(outer);
            return loop();
        });
        assertThat(WorkLimits.currentOr(1)).isNotSameAs(outer);
    }

    @Test
    void workThatNobodyWantsAnyMoreEnds() {
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> WorkLimits.within(60).bound(WorkLimitsTest::loop))
                    .isInstanceOf(CancellationException.class);
        } finally {
            assertThat(Thread.interrupted()).isTrue();
        }
    }

    @Test
    void examiningAndPuttingRightAskForTheirTime() {
        PaperBuilder out = new PaperBuilder();
        for (int i = 0; i < 200; i++) {
            out.paragraph("Fog bells were heard on the low canal in the year " + (1800 + i) + ".");
        }
        Paper paper = out.build();
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find("apa-7-student")), null, Facts.NONE);
        assertThatThrownBy(() -> Examiner.examine(paper, brief, OVER)).isInstanceOf(TooLargeException.class);
        Report before = Examiner.examine(paper, brief, WorkLimits.within(20));
        assertThatThrownBy(() -> PutRight.run(
                        new PaperFile(paper), before, Corrections.NONE, Choice.upTo(FixClass.APPARATUS), OVER))
                .isInstanceOf(TooLargeException.class);
    }
}
