package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import grintel.core.edit.Edit;
import grintel.core.edit.PaperEditor;
import grintel.core.edit.WordLedger;
import grintel.core.paper.Paper;
import grintel.core.random.Dump;
import grintel.core.random.RandomEdits;
import grintel.core.random.RandomPaper;
import grintel.formats.archive.Archive;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of edits of every kind: the file comes to hold just what the edited paper holds, and words are as declared. */
class EditsPropertyTest {
    private static final int SEEDS = 12;

    static Stream<Arguments> kindsAndSeeds() {
        return RandomEdits.kinds().stream()
                .flatMap(kind -> LongStream.rangeClosed(1, SEEDS)
                        .mapToObj(seed -> Arguments.of(kind.getSimpleName(), kind, seed)));
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(100, 140);
    }

    private static DocxFile file(long seed) {
        return DocxFile.read(DocxWriter.write(RandomPaper.of(seed), Map.of(RandomPaper.IMAGE, DocxWriterTest.IMAGE)));
    }

    @ParameterizedTest(name = "{0}, seed {2}")
    @MethodSource("kindsAndSeeds")
    void theFileHoldsWhatTheEditedPaperHolds(String name, Class<?> kind, long seed) {
        DocxFile file = file(seed);
        holds(file, List.of(RandomEdits.of(kind, file.paper(), new Random(seed), 5)));
    }

    /** Edits of all kinds, in goes one after the other. */
    @ParameterizedTest
    @MethodSource("seeds")
    void andSoItDoesAfterSeveralGoes(long seed) {
        Random random = new Random(seed);
        DocxFile file = file(seed);
        Paper at = file.paper();
        List<List<Edit>> passes = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            Class<?> kind =
                    RandomEdits.kinds().get(random.nextInt(RandomEdits.kinds().size()));
            List<Edit> edits = RandomEdits.of(kind, at, random, 3);
            passes.add(edits);
            at = PaperEditor.apply(at, edits);
        }
        holds(file, passes);
    }

    private static void holds(DocxFile file, List<List<Edit>> passes) {
        Paper expected = file.paper();
        for (List<Edit> edits : passes) {
            WordLedger declared = WordLedger.of(expected).after(edits);
            expected = PaperEditor.apply(expected, edits);
            assertThat(declared.firstDifference(WordLedger.of(expected)))
                    .as("words after %s", edits)
                    .isEmpty();
        }
        DocxFile edited = file.with(passes);
        assertThat(Dump.of(edited.paper())).as("%s", passes).isEqualTo(Dump.of(expected));
        if (passes.stream().allMatch(List::isEmpty)) {
            return;
        }
        boolean comments = passes.stream().flatMap(List::stream).anyMatch(Edit.RemoveComment.class::isInstance);
        partsNoEditNamesAreTheSameBytes(file.bytes(), edited.bytes(), comments);
        assertThatCode(() -> new XWPFDocument(new ByteArrayInputStream(edited.bytes())).close())
                .doesNotThrowAnyException();
    }

    private static void partsNoEditNamesAreTheSameBytes(byte[] before, byte[] after, boolean comments) {
        try (Archive was = Archive.open(before);
                Archive is = Archive.open(after)) {
            for (String name : was.names()) {
                if (name.startsWith("word/media")
                        || name.contains("comments") && !comments
                        || name.equals("_rels/.rels")) {
                    assertThat(is.get(name)).as(name).isEqualTo(was.get(name));
                }
            }
        }
    }
}
