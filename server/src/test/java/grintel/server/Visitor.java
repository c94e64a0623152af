package grintel.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at a browser of their own: keeps cookies and sends the token that forms need. */
final class Visitor {
    private static final String BOUNDARY = "----grintel-test";

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;

    Visitor(int port) {
        base = "http://127.0.0.1:" + port;
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

    Answer postWithoutToken(String path, String json) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Sends a form with a file. */
    Answer upload(String path, byte[] file, Map<String, String> fields) {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        fields.forEach((name, value) -> body.writeBytes(
                ("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"" + name + "\"\r\n\r\n" + value + "\r\n")
                        .getBytes(StandardCharsets.UTF_8)));
        body.writeBytes(
                ("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"essay.docx\"\r\n"
                                + "Content-Type: application/octet-stream\r\n\r\n")
                        .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(withToken(path)
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /** Starts work and waits until it is finished. */
    JsonNode finish(Answer started) {
        JsonNode work = started.json();
        while (work.has("finished") && !work.get("finished").booleanValue()) {
            work = get("/api/work/" + work.get("id").stringValue()).json();
        }
        return work;
    }

    private HttpRequest.Builder withToken(String path) {
        if (token().isEmpty()) {
            get("/api/session");
        }
        return HttpRequest.newBuilder(URI.create(base + path)).header("X-XSRF-TOKEN", token());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private Answer send(HttpRequest.Builder request) {
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
