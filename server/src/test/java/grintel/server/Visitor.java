package grintel.server;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at a browser of their own: keeps cookies and sends the token that forms need. */
final class Visitor {
    private final CookieManager cookies;
    private final HttpClient client;
    private final Map<String, String> headers = new LinkedHashMap<>();
    private final String base;

    Visitor(int port) {
        this(port, new CookieManager());
    }

    /** The same person, whose requests all have one more header. */
    Visitor with(String header, String value) {
        headers.put(header, value);
        return this;
    }

    private Visitor(int port, CookieManager cookies) {
        this.cookies = cookies;
        this.client = HttpClient.newBuilder().cookieHandler(cookies).build();
        this.base = "http://127.0.0.1:" + port;
    }

    /** Somebody with a new account, signed in to it. */
    static Visitor withAccount(int port) {
        Visitor visitor = new Visitor(port);
        visitor.signUp(UUID.randomUUID() + "@brackwater.example", "a long enough word");
        return visitor;
    }

    /** The same person at the same browser, asking another instance. */
    Visitor at(int port) {
        return new Visitor(port, cookies);
    }

    Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)).GET());
    }

    Answer post(String path, String json) {
        return send("POST", path, json);
    }

    Answer send(String method, String path, String json) {
        return send(withToken(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Sends plain text. */
    Answer text(String path, String text) {
        return send(withToken(path)
                .header("Content-Type", "text/plain;charset=UTF-8")
                .POST(HttpRequest.BodyPublishers.ofString(text)));
    }

    /** Sends JSON as large as a file may be. */
    Answer file(String path, String json) {
        return send(withToken(path)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    Answer postWithoutToken(String path, String json) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Sends a file, and fields with it. */
    Answer upload(String path, byte[] file, Map<String, String> fields) {
        return upload(path, HttpRequest.BodyPublishers.ofByteArray(file), fields);
    }

    /** Sends a file without saying how large it is. */
    Answer stream(String path, byte[] file, Map<String, String> fields) {
        return upload(path, HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(file)), fields);
    }

    private Answer upload(String path, HttpRequest.BodyPublisher file, Map<String, String> fields) {
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.putIfAbsent("fileName", "essay.docx");
        String query = all.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return send(withToken(path + "?" + query)
                .header("Content-Type", "application/octet-stream")
                .POST(file));
    }

    /** Waits until work is finished. */
    Answer finish(Answer started) {
        Answer work = started;
        while (work.status() / 100 == 2
                && work.json().has("finished")
                && !work.json().get("finished").booleanValue()) {
            work = get("/api/work/" + work.json().get("id").stringValue());
        }
        return work;
    }

    /** Fetches what has to be examined first. */
    Answer ready(String path) {
        Answer answer = get(path);
        while (answer.status() == 202) {
            finish(answer);
            answer = get(path);
        }
        return answer;
    }

    /** Opens an account. */
    void signUp(String email, String password) {
        Answer answer = post("/api/accounts", credentials(email, password));
        if (answer.status() != 201) {
            throw new IllegalStateException("No account: " + answer.text());
        }
    }

    static String credentials(String email, String password) {
        return "{\"email\":\"" + email + "\",\"password\":\"" + password + "\"}";
    }

    /** Brings a paper; answers its path. */
    String bring(byte[] file, Map<String, String> fields) {
        return "/api/papers/"
                + finish(upload("/api/papers", file, fields))
                        .json()
                        .get("paper")
                        .stringValue();
    }

    /** What some do in the same moment, each on a thread of its own. */
    static List<Integer> atOnce(List<Callable<Integer>> presses) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(presses.size());
        try {
            List<Integer> answers = new ArrayList<>();
            for (Future<Integer> press : threads.invokeAll(presses)) {
                answers.add(press.get());
            }
            return answers;
        } finally {
            threads.shutdownNow();
        }
    }

    /** The present state of a paper. */
    int revision(String paper) {
        return get(paper).json().path("revision").asInt(0);
    }

    /** Changes a paper as it stands, and waits until that is done. */
    Answer change(String paper, String action) {
        return change(paper, action, "");
    }

    /** Changes a paper as it stands, and waits until that is done; the fields are those of a JSON object. */
    Answer change(String paper, String action, String fields) {
        return changeAt(revision(paper), paper, action, fields);
    }

    Answer changeAt(int revision, String paper, String action, String fields) {
        String more = fields.isEmpty() ? "" : "," + fields;
        return finish(post(paper + action, "{\"revision\":" + revision + more + "}"));
    }

    Answer delete(String paper) {
        return send("DELETE", paper + "?revision=" + revision(paper), "");
    }

    private HttpRequest.Builder withToken(String path) {
        if (token().isEmpty()) {
            get("/api/session");
        }
        return HttpRequest.newBuilder(URI.create(base + path)).header("X-XSRF-TOKEN", token());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().endsWith("grintel-token"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private Answer send(HttpRequest.Builder request) {
        headers.forEach(request::setHeader);
        try {
            return new Answer(client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray()));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** What came back. */
    record Answer(HttpResponse<byte[]> response) {
        int status() {
            return response.statusCode();
        }

        byte[] bytes() {
            return response.body();
        }

        String text() {
            return new String(response.body(), StandardCharsets.UTF_8);
        }

        JsonNode json() {
            return JsonMapper.shared().readTree(response.body());
        }
    }
}
