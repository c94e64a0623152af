package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ImageFormat;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Run;
import grintel.core.paper.Story;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandInTest {
    private static final Run RUN = run();

    private static Run run() {
        Paper paper = new TestPaper().paragraph("words", PropertySet.empty()).build();
        return paper.paragraphs().get(0).inlines().get(0).run();
    }

    @ParameterizedTest
    @CsvSource({
        "IMAGE, word/media/a.png, ''",
        "IMAGE, word/media/a.JPG, ''",
        "IMAGE, word/media/a.gif, ''",
        "IMAGE, word/media/a.emf, EMF picture",
        "IMAGE, word/media/a.wmf, WMF picture",
        "IMAGE, word/media/a.unheardof, Picture",
        "IMAGE, '', Picture outside the file",
        "CHART, '', Chart",
        "DIAGRAM, '', Diagram",
        "DRAWING, '', Drawing",
        "EMBEDDED_OBJECT, '', Embedded object",
        "EMBEDDED_OBJECT, word/media/a.png, ''",
    })
    void saysWhatIsNotDrawn(Inline.Picture.Kind kind, String target, String words) {
        assertThat(StandIn.words(new Inline.Picture(kind, 1, 1, null, "", target, null, RUN)))
                .isEqualTo(words);
    }

    @Test
    void theWordsStandInTheMiddleAsLargeAsFits() {
        GlyphRun wide = StandIn.run("Chart", 10_000, 200_000, 100_000);
        assertThat(wide).isNotNull();
        assertThat(wide.type().points()).isEqualTo(9);
        assertThat(wide.x() + wide.width() / 2).isBetween(109_999, 110_001);
        GlyphRun narrow = StandIn.run("Chart", 0, 15_000, 100_000);
        assertThat(narrow).isNotNull();
        assertThat(narrow.type().points()).isLessThan(9);
        assertThat(narrow.width()).isLessThanOrEqualTo(15_000);
    }

    @Test
    void thereIsNoLabelWhereThereIsNoRoomOrThePictureIsDrawn() {
        ParagraphAddress owner = new ParagraphAddress(Story.TEXT, 0);
        assertThat(new PlacedPicture(0, 0, 3000, 100_000, "", "", "Chart", owner).label())
                .isNull();
        assertThat(new PlacedPicture(0, 0, 100_000, 3000, "", "", "Chart", owner).label())
                .isNull();
        PlacedPicture drawn = new PlacedPicture(0, 0, 100_000, 100_000, "word/media/a.png", "", "", owner);
        assertThat(drawn.isDrawn()).isTrue();
        assertThat(drawn.label()).isNull();
    }

    @Test
    void imagesAreToldByTheEndingOfTheirName() {
        assertThat(ImageFormat.of("word/media/image1.JPEG")).isEqualTo(ImageFormat.JPEG);
        assertThat(ImageFormat.of("word/media/image1.svg")).isNull();
        assertThat(ImageFormat.of("png")).isEqualTo(ImageFormat.PNG);
        assertThat(ImageFormat.PNG.mediaType()).isEqualTo("image/png");
    }
}
