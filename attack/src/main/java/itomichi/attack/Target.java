package itomichi.attack;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application that is attacked: on this machine, never another. */
final class Target {

    static final JsonMapper JSON = new JsonMapper();

    private static final String LOOPBACK = "http://127.0.0.1:";
    private static final Duration LONGEST = Duration.ofSeconds(60);

    /** A kept connection may be closed by its server in the very moment in which it is used again; then it is asked anew (RFC 9112, 9.3.1). */
    private static final String CLOSED_BEFORE = "header parser received no bytes";

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final String address;
    private final Tally tally;

    /**
     * @param address such as {@code http://127.0.0.1:8382}
     * @throws IllegalArgumentException if it is not on loopback
     */
    Target(String address, Tally tally) {
        if (!address.startsWith(LOOPBACK)) {
            throw new IllegalArgumentException("Only loopback is attacked; read " + address);
        }
        this.address = address;
        this.tally = tally;
    }

    int port() {
        return Integer.parseInt(address.substring(LOOPBACK.length()));
    }

    /** An answer; status 0 where there was none, and then why. */
    record Answer(int status, String text, String type, double ms) {

        JsonNode tree() {
            return JSON.readTree(text);
        }
    }

    Answer get(String path) {
        return send("GET", path, "application/json", BodyPublishers.noBody());
    }

    Answer send(String method, String path, JsonNode body) {
        return send(method, path, "application/json", BodyPublishers.ofString(JSON.writeValueAsString(body)));
    }

    /** Sends and counts what came of it; a connection that broke counts as no answer. */
    Answer send(String method, String path, String type, BodyPublisher body) {
        URI uri;
        try {
            uri = URI.create(address + path);
        } catch (IllegalArgumentException unsendable) {
            return new Answer(400, "{\"message\":\"not sendable\"}", "json", 0);
        }
        Answer answer = once(method, uri, type, body);
        if (answer.status() == 0 && answer.text().contains(CLOSED_BEFORE)) {
            answer = once(method, uri, type, body);
        }
        tally.count(method + " " + path, answer);
        return answer;
    }

    private Answer once(String method, URI uri, String type, BodyPublisher body) {
        long from = System.nanoTime();
        try {
            HttpResponse<String> got = client.send(
                    HttpRequest.newBuilder(uri)
                            .timeout(LONGEST)
                            .header("Content-Type", type)
                            .method(method, body)
                            .build(),
                    BodyHandlers.ofString(StandardCharsets.UTF_8));
            String kind = got.headers().firstValue("Content-Type").orElse("").toLowerCase(Locale.ROOT);
            return new Answer(got.statusCode(), got.body(), kind, ms(from));
        } catch (IOException broken) {
            return new Answer(0, String.valueOf(broken), "", ms(from));
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while asking " + method + " " + uri, stopped);
        }
    }

    /**
     * Waits until the application says that all is well.
     *
     * @throws IllegalStateException if it does not within a minute
     */
    void awaitHealth() throws InterruptedException {
        for (int i = 0; i < 600; i++) {
            if (get("/api/health").status() == 200) {
                return;
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new IllegalStateException("The application is not well again after a minute");
    }

    private static double ms(long from) {
        return (System.nanoTime() - from) / 1e6;
    }
}
