package itomichi.server.gate;

import itomichi.server.platform.Problem;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/** Answers that are given before, or instead of, any controller: one line like every other problem. */
final class Answers {

    /** What keeps a page from being used by another; on every answer, refusals too. */
    static final Map<String, String> SAFE_HEADERS = Map.of(
            "X-Content-Type-Options", "nosniff",
            "Referrer-Policy", "no-referrer",
            "X-Frame-Options", "DENY",
            "Cross-Origin-Resource-Policy", "same-origin",
            "Content-Security-Policy",
                    "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'");

    private static final JsonMapper JSON = new JsonMapper();

    private Answers() {}

    static byte[] body(String message) {
        return JSON.writeValueAsString(new Problem(message, null)).getBytes(StandardCharsets.UTF_8);
    }

    static void write(HttpServletResponse response, HttpStatus status, String message) throws IOException {
        byte[] body = body(message);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
        response.flushBuffer();
    }

    /** Refuses what was not read to its end: the connection is of no use after it. */
    static void writeAndClose(HttpServletResponse response, HttpStatus status, String message) throws IOException {
        response.setHeader(HttpHeaders.CONNECTION, "close");
        write(response, status, message);
    }

    /** Refuses for now: the page asks again by itself. */
    static void writeBusy(HttpServletResponse response, String message) throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        write(response, HttpStatus.SERVICE_UNAVAILABLE, message);
    }
}
