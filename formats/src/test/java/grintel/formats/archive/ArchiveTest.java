package grintel.formats.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.formats.UnreadableFileException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

class ArchiveTest {
    private static byte[] zip(String... namesAndTexts) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < namesAndTexts.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndTexts[i]));
                zip.write(namesAndTexts[i + 1].getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private static String text(Archive archive, String name) {
        byte[] bytes = archive.get(name);
        return bytes == null ? "nothing" : new String(bytes, StandardCharsets.UTF_8);
    }

    @Test
    void changedEntriesAreReplacedInTheirPlaceAndNewOnesComeLast() throws IOException {
        try (Archive archive = Archive.open(zip("one", "1", "two", "2", "three", "3"))) {
            byte[] after =
                    archive.with(Map.of("two", "zwei".getBytes(StandardCharsets.UTF_8), "four", new byte[] {'4'}));
            try (Archive changed = Archive.open(after)) {
                assertThat(changed.names()).containsExactly("one", "two", "three", "four");
                assertThat(text(changed, "two")).isEqualTo("zwei");
                assertThat(text(changed, "three")).isEqualTo("3");
            }
        }
    }

    @Test
    void namesDifferByMoreThanTheirCase() throws IOException {
        try (Archive archive = Archive.open(zip("Word/Document.xml", "text"))) {
            assertThat(text(archive, "word/document.xml")).isEqualTo("text");
            assertThat(text(archive, "word/other.xml")).isEqualTo("nothing");
        }
    }

    @Test
    void aFileLargerThanAllowedIsRefusedBeforeItIsOpened() {
        byte[] large = new byte[Archive.LARGEST_FILE + 1];
        assertThatThrownBy(() -> Archive.open(large))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("25 MB");
    }

    @Test
    void noiseIsRefusedInASentence() {
        byte[] noise = new byte[4000];
        new Random(5).nextBytes(noise);
        noise[0] = 'P';
        noise[1] = 'K';
        assertThatThrownBy(() -> Archive.open(noise))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("damaged");
    }
}
