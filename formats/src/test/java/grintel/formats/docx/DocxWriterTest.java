package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import grintel.core.paper.Paper;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.random.Dump;
import grintel.core.random.RandomPaper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.stream.LongStream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is written is read back, whatever a paper holds. */
class DocxWriterTest {
    static final byte[] IMAGE = {(byte) 0x89, 'P', 'N', 'G'};

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aPaperComesBackAsItWasWritten(long seed) {
        Paper paper = RandomPaper.of(seed);
        byte[] file = DocxWriter.write(paper, Map.of(RandomPaper.IMAGE, IMAGE));
        Paper read = DocxReader.read(file);
        assertThat(Dump.of(read)).isEqualTo(Dump.of(paper));
        assertThat(read).isEqualTo(paper);
        assertThat(DocxWriter.write(read, Map.of(RandomPaper.IMAGE, IMAGE))).isEqualTo(file);
        assertThatCode(() -> new XWPFDocument(new ByteArrayInputStream(file)).close())
                .doesNotThrowAnyException();
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg", "jpg", "gif"})
    void anotherReaderFindsThePictureOfEachKind(String ending) throws IOException {
        String part = "word/media/picture." + ending;
        Paper paper = new PaperBuilder()
                .paragraph(line -> line.picture(part, 9525, 9525, "A bell"))
                .build();
        byte[] file = DocxWriter.write(paper, Map.of(part, IMAGE));
        try (XWPFDocument read = new XWPFDocument(new ByteArrayInputStream(file))) {
            assertThat(read.getAllPictures()).hasSize(1).first().satisfies(picture -> {
                assertThat(picture.getData()).isEqualTo(IMAGE);
                assertThat(picture.getPackagePart().getContentType())
                        .isEqualTo("image/" + ending.replaceFirst("^jpg$", "jpeg"));
            });
        }
    }
}
