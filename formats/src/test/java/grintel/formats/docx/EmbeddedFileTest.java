package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EmbeddedFileTest {
    private static List<String> read(String name, String content) {
        return EmbeddedFile.paragraphs(name, content.getBytes(StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<p>One</p><p>Two</p>|One/Two",
                "One<br>Two<br/>Three|One/Two/Three",
                "<div>One <i>and</i>   two</div>|One and two",
                "<table><tr><td>a</td><td>b</td></tr></table>|a/b",
                "<ol><li>first<ul><li>inner</li></ul></li></ol>|first/inner",
                "<h2>Head</h2>loose words<p>text</p>|Head/loose words/text",
                "<p>Fish &amp; chips &#8212; &quot;so&quot;</p>|Fish & chips — \"so\"",
                "<p>not closed<p>next|not closed/next",
                "<script>no()</script><style>p{}</style><p>only this</p>|only this",
                "<p> </p><p>&nbsp;</p><p>x</p>|\u00A0/x",
            })
    void blocksOfAPageAreParagraphs(String html, String paragraphs) {
        assertThat(String.join("/", read("word/a.html", html))).isEqualTo(paragraphs);
    }

    @Test
    void theEncodingAPageDeclaresIsItsOwn() {
        byte[] page = "<html><head><meta charset='windows-1252'></head><body><p>caf\u00e9</p></body></html>"
                .getBytes(StandardCharsets.ISO_8859_1);
        assertThat(EmbeddedFile.paragraphs("word/a.htm", page)).containsExactly("caf\u00e9");
    }

    @Test
    void plainTextIsALineAParagraph() {
        assertThat(read("word/a.txt", "one\ntwo\r\n\nthree")).containsExactly("one", "two", "", "three");
    }

    @Test
    void aWebArchiveInBase64() {
        String archive =
                "MIME-Version: 1.0\nContent-Type: multipart/related; boundary=x\n\n--x\nContent-Type: image/png\n\n"
                        + "PNG\n--x\nContent-Type: text/html; charset=utf-8\nContent-Transfer-Encoding: base64\n\n"
                        + "PHA+QmVsbHM8L3A+\n--x--\n";
        assertThat(read("word/a.mht", archive)).containsExactly("Bells");
    }

    @ParameterizedTest
    @ValueSource(strings = {"word/a.rtf", "word/a.docx", "word/a", ""})
    void otherKindsAreNotRead(String name) {
        assertThat(read(name, "words")).isNull();
    }

    @Test
    void whatIsMissingTooLargeOrNoArchiveIsNotRead() {
        assertThat(EmbeddedFile.paragraphs("word/a.html", null)).isNull();
        assertThat(EmbeddedFile.paragraphs("word/a.html", new byte[6 << 20])).isNull();
        assertThat(read("word/a.mht", "no archive at all")).isNull();
    }

    @Test
    void deepNestingIsNoTrouble() {
        assertThat(read("word/a.html", "<div>".repeat(20_000) + "deep")).containsExactly("deep");
    }
}
