package grintel.server.check;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.structure.Corrections;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import java.time.Clock;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ExaminationsTest {
    private static final Brief BRIEF = Brief.of(Objects.requireNonNull(Guides.find("mla-9")), null, Facts.NONE);

    @Test
    void asManyAreKeptAsHaveRoomAndTheHeaviestToo() {
        Examinations roomy = new Examinations(Clock.systemUTC(), Integer.MAX_VALUE);
        Report report = roomy.examine(DocxFile.read(UntidyEssay.write()), BRIEF, Corrections.NONE, stage -> {});
        long lines = report.proof().pages().stream()
                .mapToLong(page -> 1 + page.lines().size())
                .sum();
        Examinations narrow = new Examinations(Clock.systemUTC(), 3 * (lines + 1));
        UUID[] manuscripts = Stream.generate(UUID::randomUUID).limit(20).toArray(UUID[]::new);
        for (UUID manuscript : manuscripts) {
            narrow.keep(manuscript, Corrections.NONE, report);
        }
        assertThat(Stream.of(manuscripts).filter(each -> narrow.known(each, BRIEF, Corrections.NONE) != null))
                .hasSize(3);
        Examinations tiny = new Examinations(Clock.systemUTC(), 1);
        tiny.keep(manuscripts[0], Corrections.NONE, report);
        assertThat(tiny.known(manuscripts[0], BRIEF, Corrections.NONE)).isSameAs(report);
    }
}
