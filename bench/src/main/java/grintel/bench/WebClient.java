package grintel.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One person at a browser of their own, with an account of their own, at the running application. */
public final class WebClient {
    /** The status of who is told to wait and try again. */
    static final int TOO_MANY = 429;

    private static final String PASSWORD = "a long enough word";
    private static final int PAUSE = 300;
    private static final int LONGEST_PAUSE = 3000;

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(60))
            .build();
    private final JsonMapper json = JsonMapper.shared();
    private final String address;
    private final Watch watch;

    /** @param address of the application, with a slash at its end */
    public WebClient(String address, Watch watch) {
        this.address = address;
        this.watch = watch;
    }

    /** Told of each answer. */
    @FunctionalInterface
    public interface Watch {
        /** @param ahead how many pieces of work come before one that was asked for */
        void seen(int status, int ahead);
    }

    /** Opens an account. */
    public void signUp() throws IOException, InterruptedException {
        get("api/session");
        String email = UUID.randomUUID() + "@brackwater.example";
        post(
                "api/accounts",
                "application/json",
                bytes("{\"email\":\"" + email + "\",\"password\":\"" + PASSWORD + "\"}"));
    }

    /** Brings a paper; answers its path. */
    public String bring(byte[] file) throws IOException, InterruptedException {
        JsonNode brought = finish(
                post("api/papers?fileName=essay.docx&guide=mla-9&surname=Solvane", "application/octet-stream", file));
        return "api/papers/" + brought.path("paper").asString();
    }

    /** What an answer says. */
    public JsonNode read(String path) throws IOException, InterruptedException {
        return json.readTree(get(path).body());
    }

    /** Changes a paper as it stands, and waits until that is done. */
    public JsonNode change(String paper, String action, String more) throws IOException, InterruptedException {
        int revision = read(paper).path("revision").asInt(0);
        return finish(post(paper + action, "application/json", bytes("{\"revision\":" + revision + more + "}")));
    }

    /** Fetches what has to be examined first. */
    public void ready(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = get(path);
        while (answer.statusCode() == 202) {
            finish(answer);
            answer = get(path);
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private JsonNode finish(HttpResponse<byte[]> started) throws IOException, InterruptedException {
        JsonNode work = json.readTree(started.body());
        while (!work.path("finished").asBoolean(true)) {
            int ahead = work.path("ahead").asInt(0);
            watch.seen(started.statusCode(), ahead);
            Thread.sleep(Math.min(LONGEST_PAUSE, PAUSE + 50L * ahead));
            work = read("api/work/" + work.path("id").asString());
        }
        return work;
    }

    /** Fetches something. */
    public HttpResponse<byte[]> get(String path) throws IOException, InterruptedException {
        return send(request(path).GET());
    }

    private HttpResponse<byte[]> post(String path, String type, byte[] body) throws IOException, InterruptedException {
        return send(request(path)
                .header("Content-Type", type)
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofMinutes(3));
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
        while (answer.statusCode() == TOO_MANY) {
            watch.seen(TOO_MANY, 0);
            Thread.sleep(LONGEST_PAUSE);
            answer = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        }
        watch.seen(answer.statusCode(), 0);
        if (answer.statusCode() >= 400) {
            throw new IOException(
                    answer.statusCode() + " " + answer.uri() + " " + new String(answer.body(), StandardCharsets.UTF_8));
        }
        return answer;
    }
}
