package itomichi.server.archive;

import itomichi.server.platform.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The whole workshop over HTTP. */
@RestController
class ArchiveController {

    /** A workshop on its way; whoever sends more slowly is not waited for. */
    private static final long PATIENCE = TimeUnit.MINUTES.toNanos(10);

    private static final MediaType ZIP = MediaType.valueOf("application/zip");

    private final ArchiveService archive;
    private final Clock clock;

    ArchiveController(ArchiveService archive, Clock clock) {
        this.archive = archive;
        this.clock = clock;
    }

    /** Written whole before any of it is sent: half an archive is none. */
    @GetMapping(value = "/api/workshop", produces = "application/zip")
    ResponseEntity<InputStreamResource> take() throws IOException {
        return sent("workshop " + LocalDate.now(clock) + ".zip", archive::write);
    }

    /** A book with all that is kept of it, its text and its pictures too, to be laid in as a workshop is. */
    @GetMapping(value = "/api/books/{book}/archive", produces = "application/zip")
    ResponseEntity<InputStreamResource> takeBook(@PathVariable UUID book) throws IOException {
        return sent(archive.name(book) + ".book.zip", out -> archive.write(book, out));
    }

    private interface Written {
        void to(OutputStream out) throws IOException;
    }

    private static ResponseEntity<InputStreamResource> sent(String name, Written written) throws IOException {
        Path file = Files.createTempFile("workshop", ".zip");
        long length;
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
                written.to(out);
            }
            length = Files.size(file);
        } catch (IOException full) {
            Files.deleteIfExists(file);
            throw noRoom();
        } catch (RuntimeException unread) {
            Files.deleteIfExists(file);
            throw unread;
        }
        InputStream in = Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE);
        return ResponseEntity.ok()
                .contentType(ZIP)
                .contentLength(length)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new InputStreamResource(in));
    }

    /**
     * Looks at an archive, or lays in what is new of it.
     *
     * @param take whether it is laid in
     * @param over whether what is there and otherwise gives way
     */
    @PostMapping(value = "/api/workshop", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ArchiveReport layIn(
            @RequestParam(defaultValue = "false") boolean take,
            @RequestParam(defaultValue = "false") boolean over,
            HttpServletRequest request)
            throws IOException {
        Path file = Files.createTempFile("workshop", ".zip");
        try {
            receive(request.getInputStream(), file);
            return archive.read(file, take, over);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static ProblemException noRoom() {
        return new ProblemException(
                HttpStatus.SERVICE_UNAVAILABLE, "There is no room for the archive on this disk just now.");
    }

    private static void write(OutputStream out, byte[] some, int length) {
        try {
            out.write(some, 0, length);
        } catch (IOException full) {
            throw noRoom();
        }
    }

    private static void receive(InputStream in, Path file) throws IOException {
        long end = System.nanoTime() + PATIENCE;
        byte[] some = new byte[64 * 1024];
        long all = 0;
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                write(out, some, read);
                all += read;
                if (System.nanoTime() > end) {
                    throw new ProblemException(
                            HttpStatus.REQUEST_TIMEOUT,
                            "The archive did not come to its end within 10 minutes: %,d bytes came.".formatted(all));
                }
            }
        }
    }
}
