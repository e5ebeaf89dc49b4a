package itomichi.server.archive;

import itomichi.server.platform.ProblemException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** The whole workshop, out and in again. */
@Service
class ArchiveService {

    private static final Logger LOG = LoggerFactory.getLogger(ArchiveService.class);

    private final ArchiveStore store;
    private final ArchiveWriter writer;
    private final ArchiveReader reader;
    private final JsonMapper json;

    ArchiveService(ArchiveStore store, ArchiveWriter writer, ArchiveReader reader, JsonMapper json) {
        this.store = store;
        this.writer = writer;
        this.reader = reader;
        this.json = json;
    }

    /** @throws IOException if it cannot be written there */
    void write(OutputStream to) throws IOException {
        writer.write(Optional.empty(), to);
    }

    /**
     * What a book is called.
     *
     * @throws ProblemException if there is no such book
     */
    String name(UUID book) {
        return store.name(book)
                .orElseThrow(() -> new ProblemException(HttpStatus.NOT_FOUND, "There is no such book here."));
    }

    /**
     * Writes a book with all that is kept of it: every state, its text, its pictures, its page.
     *
     * @throws IOException if it cannot be written there
     */
    void write(UUID book, OutputStream to) throws IOException {
        writer.write(Optional.of(book), to);
    }

    /**
     * Looks at an archive, or lays in what is new of it.
     *
     * @param over whether what is there and otherwise gives way
     * @throws ProblemException if it is refused; then nothing is changed
     */
    ArchiveReport read(Path path, boolean take, boolean over) {
        try (ArchiveFile file = ArchiveFile.open(path, json)) {
            return reader.read(file, take, over);
        } catch (ArchiveFault fault) {
            throw refused(String.valueOf(fault.getMessage()));
        } catch (DataAccessException | org.jooq.exception.DataAccessException failed) {
            if (!unfit(failed)) {
                throw failed;
            }
            LOG.info("An archive was refused by the database", failed);
            throw refused("What is in it does not fit together as a workshop.");
        }
    }

    /** Whether the database refused what it was given (SQL: data exceptions are of class 22, broken rules of class 23), and did not fail. */
    private static boolean unfit(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException refused
                    && refused.getSQLState() != null
                    && (refused.getSQLState().startsWith("22")
                            || refused.getSQLState().startsWith("23"))) {
                return true;
            }
        }
        return false;
    }

    private static ProblemException refused(String line) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, line + " Nothing was taken.");
    }
}
