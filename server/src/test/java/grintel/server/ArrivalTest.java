package grintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.formats.demo.UntidyEssay;
import grintel.server.Visitor.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** How bodies come in: slowly, too large, from nobody. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"grintel.arrival.other-within=3s", "grintel.arrival.most-file=1MB"})
class ArrivalTest {
    private static final Map<String, String> FACTS = Map.of("guide", "mla-9", "surname", "Solvane");

    @LocalServerPort
    private int port;

    /** Sends the head of a request and one byte of its body. */
    private Socket slow(String type) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        String head = "POST /api/session HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: " + type
                + "\r\nContent-Length: 100\r\n\r\n{";
        socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    @Test
    void slowSendersKeepNobodyOutAndAreSentAwayInTime() throws IOException {
        List<Socket> senders = new ArrayList<>();
        try {
            for (int i = 0; i < 300; i++) {
                senders.add(slow(i % 3 == 0 ? "application/x-www-form-urlencoded" : "application/json"));
            }
            assertThat(Visitor.withAccount(port).bring(UntidyEssay.write(), FACTS))
                    .startsWith("/api/papers/");
            InputStream answer = senders.get(0).getInputStream();
            assertThat(new String(answer.readAllBytes(), StandardCharsets.UTF_8))
                    .startsWith("HTTP/1.1 408")
                    .contains("took too long to arrive");
        } finally {
            for (Socket sender : senders) {
                sender.close();
            }
        }
    }

    @Test
    void aFileThatIsTooLargeIsToldSoWhetherOrNotItsSizeIsSaid() {
        Visitor marit = Visitor.withAccount(port);
        byte[] large = new byte[2 << 20];
        for (Answer answer :
                List.of(marit.upload("/api/papers", large, FACTS), marit.stream("/api/papers", large, FACTS))) {
            assertThat(answer.status()).isEqualTo(413);
            assertThat(answer.json().get("detail").stringValue()).contains("larger than 1 MB");
        }
    }

    @Test
    void theFileOfNobodyIsNotKept() throws IOException {
        Set<String> before = filesOnTheDisk();
        assertThat(new Visitor(port)
                        .upload("/api/papers", UntidyEssay.write(), FACTS)
                        .status())
                .isEqualTo(401);
        Visitor marit = Visitor.withAccount(port);
        assertThat(marit.upload("/api/papers", new byte[0], FACTS).status()).isEqualTo(400);
        assertThat(filesOnTheDisk()).isSubsetOf(before);
    }

    @Test
    void nothingStaysOnTheDiskOfWhatCameInOrWentOut() throws IOException {
        Set<String> before = filesOnTheDisk();
        Visitor marit = Visitor.withAccount(port);
        String paper = marit.bring(UntidyEssay.write(), FACTS);
        assertThat(marit.get(paper + "/proofs/1/file").bytes()).isEqualTo(UntidyEssay.write());
        assertThat(marit.ready(paper + "/proofs/1/pdf").text()).startsWith("%PDF");
        assertThat(filesOnTheDisk()).isSubsetOf(before);
    }

    /** Files on their way in or out; other servers may have some in the same place. */
    private static Set<String> filesOnTheDisk() throws IOException {
        try (Stream<Path> files = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            return files.map(Path::toString)
                    .filter(file -> file.endsWith(".arriving") || file.endsWith(".fetched"))
                    .collect(Collectors.toSet());
        }
    }

    @Test
    void aNameTooLongToKeepIsCalledThat() {
        Answer refused = Visitor.withAccount(port)
                .upload("/api/papers", UntidyEssay.write(), Map.of("guide", "mla-9", "fileName", "n".repeat(201)));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("detail").stringValue()).contains("name of the file is longer than 200");
    }
}
