package itomichi.server.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes in what a request brings, before anything is done with it: not more than is wanted at its address, and not for longer than an
 * honest sender takes. What says beforehand that it is too large is refused unread. Only so many are taken in at once, so that slow
 * senders cannot keep everybody out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class BodyGate extends OncePerRequestFilter {

    /** A document is a few kilobytes; the largest pattern some sixty. */
    static final int LARGEST_DOCUMENT = 1_000_000;

    /** Lists and files that were saved. */
    static final int LARGEST_FILE = 5_000_000;

    /** Pictures as a camera takes them. */
    static final int LARGEST_PICTURE = 20_000_000;

    static final long LARGEST_ARCHIVE = 2_000_000_000L;

    private static final String ARCHIVE = "/api/workshop";
    private static final Pattern PICTURES = Pattern.compile("/api/books/[^/]+/pictures");

    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(5);
    /** How long the rest of a refused body is let run by, so that the sender comes to read why. */
    private static final long COURTESY = TimeUnit.SECONDS.toNanos(2);

    /** A picture on its way through the air of a workshop. */
    private static final long LARGE_PATIENCE = TimeUnit.SECONDS.toNanos(60);

    private static final int AT_ONCE = 64;
    private static final int LARGE_AT_ONCE = 2;

    private final Semaphore places = new Semaphore(AT_ONCE);
    private final Semaphore archive = new Semaphore(1);
    /** So few large ones at once, for they are held in memory. */
    private final Semaphore wide = new Semaphore(LARGE_AT_ONCE);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean brings = request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
        if (!brings) {
            chain.doFilter(request, response);
            return;
        }
        if (request.getRequestURI().equals(ARCHIVE)) {
            letThrough(request, response, chain);
            return;
        }
        boolean large = most(request.getRequestURI()) > LARGEST_FILE;
        Semaphore places = large ? wide : this.places;
        if (!places.tryAcquire()) {
            response.setHeader(HttpHeaders.CONNECTION, "close");
            Answers.writeBusy(response, "Too much is being sent at once just now.");
            return;
        }
        Optional<byte[]> body;
        try {
            body = taken(request, response, large ? LARGE_PATIENCE : PATIENCE);
        } finally {
            places.release();
        }
        if (body.isPresent()) {
            chain.doFilter(new TakenRequest(request, body.get()), response);
        }
    }

    /** An archive does not fit into memory: whoever wants it reads it as it comes. */
    private void letThrough(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() < 0 || request.getContentLengthLong() > LARGEST_ARCHIVE) {
            Answers.writeAndClose(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "An archive of at most %,d bytes is read here, and its length is said before."
                            .formatted(LARGEST_ARCHIVE));
            letRunBy(request);
            return;
        }
        if (!archive.tryAcquire()) {
            response.setHeader(HttpHeaders.CONNECTION, "close");
            Answers.writeBusy(response, "Another archive is being read just now.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            archive.release();
        }
    }

    /** The whole body; nothing where it was refused. */
    private Optional<byte[]> taken(HttpServletRequest request, HttpServletResponse response, long patience)
            throws IOException {
        int most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            return refusedAsTooLarge(request, response, most);
        }
        long end = System.nanoTime() + patience;
        ByteArrayOutputStream body = new ByteArrayOutputStream(Math.max(1024, request.getContentLength()));
        byte[] some = new byte[16 * 1024];
        try {
            ServletInputStream in = request.getInputStream();
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                body.write(some, 0, read);
                if (body.size() > most) {
                    return refusedAsTooLarge(request, response, most);
                }
                if (System.nanoTime() > end) {
                    return refusedAsTooSlow(response, patience);
                }
            }
        } catch (IOException stopped) {
            return refusedAsTooSlow(response, patience);
        }
        return Optional.of(body.toByteArray());
    }

    static int most(String path) {
        if (PICTURES.matcher(path).matches()) {
            return LARGEST_PICTURE;
        }
        return path.equals("/api/book-file") || (path.startsWith("/api/drawers/") && path.endsWith("/list"))
                ? LARGEST_FILE
                : LARGEST_DOCUMENT;
    }

    private Optional<byte[]> refusedAsTooLarge(HttpServletRequest request, HttpServletResponse response, int most)
            throws IOException {
        Answers.writeAndClose(
                response,
                HttpStatus.CONTENT_TOO_LARGE,
                "What was sent is too large: at most %,d bytes are read here.".formatted(most));
        letRunBy(request);
        return Optional.empty();
    }

    private static Optional<byte[]> refusedAsTooSlow(HttpServletResponse response, long patience) throws IOException {
        Answers.writeAndClose(
                response,
                HttpStatus.REQUEST_TIMEOUT,
                "What was sent did not come to its end within " + TimeUnit.NANOSECONDS.toSeconds(patience)
                        + " seconds.");
        return Optional.empty();
    }

    private void letRunBy(HttpServletRequest request) {
        long end = System.nanoTime() + COURTESY;
        byte[] some = new byte[16 * 1024];
        try {
            ServletInputStream in = request.getInputStream();
            while (System.nanoTime() < end && in.read(some) >= 0) {
                // not wanted
            }
        } catch (IOException gone) {
            logger.debug("A sender of too much did not wait for its answer");
        }
    }
}
