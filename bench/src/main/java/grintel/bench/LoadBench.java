package grintel.bench;

import grintel.formats.demo.UntidyEssay;
import java.io.IOException;
import java.io.PrintStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Many students at the running application at once, each doing the whole job. */
final class LoadBench {
    private static final int SOME = 10;
    private static final int MANY = 200;
    private static final String PASSWORD = "a long enough word";
    private static final int PAUSE = 300;
    private static final int LONGEST_PAUSE = 3000;

    private final String address;
    private final AtomicInteger refused = new AtomicInteger();
    private final AtomicInteger failed = new AtomicInteger();
    private final AtomicInteger mostAhead = new AtomicInteger();

    private LoadBench(String address) {
        this.address = address;
    }

    static void run(PrintStream out, String address) throws InterruptedException {
        for (int students : new int[] {SOME, MANY}) {
            new LoadBench(address).run(out, students);
        }
    }

    private void run(PrintStream out, int students) throws InterruptedException {
        ExecutorService crowd = Executors.newFixedThreadPool(students);
        List<Double> seconds = new ArrayList<>();
        int lost = 0;
        try {
            Callable<Double> whole = () -> {
                long start = System.nanoTime();
                new Student().doTheJob();
                return (System.nanoTime() - start) / 1e9;
            };
            for (Future<Double> each : crowd.invokeAll(Collections.nCopies(students, whole))) {
                try {
                    seconds.add(each.get());
                } catch (ExecutionException e) {
                    lost++;
                    out.println(e.getCause());
                }
            }
        } finally {
            crowd.shutdownNow();
        }
        Collections.sort(seconds);
        out.printf(
                Locale.ROOT,
                "%d students at once (account, bring, open, put right, download): %d done, in %.1f s (median) to %.1f s;"
                        + " %d answers of 5xx, %d of 429; %d at most waited before one%n",
                students,
                students - lost,
                seconds.isEmpty() ? 0 : seconds.get(seconds.size() / 2),
                seconds.isEmpty() ? 0 : seconds.get(seconds.size() - 1),
                failed.get(),
                refused.get(),
                mostAhead.get());
    }

    /** One of them, at a browser of their own. */
    private final class Student {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient client = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(Duration.ofSeconds(60))
                .build();
        private final JsonMapper json = JsonMapper.shared();

        void doTheJob() throws IOException, InterruptedException {
            get("api/session");
            post(
                    "api/accounts",
                    "application/json",
                    ("{\"email\":\"" + UUID.randomUUID() + "@brackwater.example\",\"password\":\"" + PASSWORD + "\"}")
                            .getBytes(StandardCharsets.UTF_8));
            JsonNode brought = finish(post(
                    "api/papers?fileName=essay.docx&guide=mla-9&surname=Solvane",
                    "application/octet-stream",
                    UntidyEssay.write()));
            String paper = "api/papers/" + brought.path("paper").asString();
            ready(paper + "/layout");
            ready(paper + "/readings");
            finish(change(paper, "/put-right", ",\"wordsConfirmed\":true"));
            ready(paper + "/layout");
            JsonNode proof = json.readTree(change(paper, "/proofs", "").body());
            byte[] file = get(paper + "/proofs/" + proof.path("number").asInt(0) + "/file")
                    .body();
            if (file[0] != 'P') {
                throw new IOException("No file came back");
            }
        }

        private HttpResponse<byte[]> change(String paper, String action, String more)
                throws IOException, InterruptedException {
            int revision = json.readTree(get(paper).body()).path("revision").asInt(0);
            return post(
                    paper + action,
                    "application/json",
                    ("{\"revision\":" + revision + more + "}").getBytes(StandardCharsets.UTF_8));
        }

        private void ready(String path) throws IOException, InterruptedException {
            HttpResponse<byte[]> answer = get(path);
            while (answer.statusCode() == 202) {
                finish(answer);
                answer = get(path);
            }
        }

        private JsonNode finish(HttpResponse<byte[]> started) throws IOException, InterruptedException {
            JsonNode work = json.readTree(started.body());
            while (!work.path("finished").asBoolean(true)) {
                int ahead = work.path("ahead").asInt(0);
                mostAhead.accumulateAndGet(ahead, Math::max);
                Thread.sleep(Math.min(LONGEST_PAUSE, PAUSE + 50L * ahead));
                work = json.readTree(
                        get("api/work/" + work.path("id").asString()).body());
            }
            return work;
        }

        private HttpResponse<byte[]> get(String path) throws IOException, InterruptedException {
            return send(request(path).GET());
        }

        private HttpResponse<byte[]> post(String path, String type, byte[] body)
                throws IOException, InterruptedException {
            return send(request(path)
                    .header("Content-Type", type)
                    .header("X-XSRF-TOKEN", token())
                    .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
        }

        private HttpRequest.Builder request(String path) {
            return HttpRequest.newBuilder(URI.create(address + path));
        }

        private String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().endsWith("grintel-token"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("");
        }

        /** As a person does who is told to wait and try again. */
        private HttpResponse<byte[]> send(HttpRequest.Builder request) throws IOException, InterruptedException {
            HttpResponse<byte[]> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            while (answer.statusCode() == 429) {
                refused.incrementAndGet();
                Thread.sleep(LONGEST_PAUSE);
                answer = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            }
            if (answer.statusCode() >= 500) {
                failed.incrementAndGet();
            }
            if (answer.statusCode() >= 400) {
                throw new IOException(answer.statusCode() + " " + answer.uri() + " "
                        + new String(answer.body(), StandardCharsets.UTF_8));
            }
            return answer;
        }
    }
}
