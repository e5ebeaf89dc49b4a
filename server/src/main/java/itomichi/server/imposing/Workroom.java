package itomichi.server.imposing;

import itomichi.server.imposing.TextStore.KeptText;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Files on the disk while something is done with them. All of them can be made again from the database; what an earlier run left is cleared away. */
@Component
class Workroom {

    /** As much as is sent in one go; a body of a request may be a little larger. */
    static final int PART = 1_000_000;

    private final Path room;
    private final TextStore store;
    private final ReentrantLock bringing = new ReentrantLock();

    Workroom(@Value("${itomichi.work:}") String room, TextStore store) throws IOException {
        this.store = store;
        this.room = room.isEmpty()
                ? Files.createTempDirectory("itomichi-work")
                // a folder of its own within: what else lies there is not touched
                : Path.of(room).toAbsolutePath().resolve("texts");
        leave();
        Files.createDirectories(this.room);
    }

    /** Leaves nothing behind. */
    @PreDestroy
    void leave() throws IOException {
        clear(room);
    }

    /** Where everything lies. */
    Path folder() {
        return room;
    }

    /** The folder of a text. */
    Path folder(UUID text) {
        try {
            return Files.createDirectories(room.resolve(text.toString()));
        } catch (IOException full) {
            throw new UncheckedIOException("The folder of a text could not be made", full);
        }
    }

    /** The file of a text, brought from the database when it does not lie here. */
    Path source(KeptText text) throws IOException {
        Path file = folder(text.id()).resolve("source.pdf");
        bringing.lock();
        try {
            if (!Files.exists(file)) {
                Path part = file.resolveSibling("source.part");
                try (OutputStream out = Files.newOutputStream(part)) {
                    int parts = parts(text.bytes());
                    for (int i = 0; i < parts; i++) {
                        out.write(store.part(text.id(), i).orElseThrow());
                    }
                }
                Files.move(part, file);
            }
        } finally {
            bringing.unlock();
        }
        return file;
    }

    /** How many parts so many bytes come in. */
    static int parts(long bytes) {
        return (int) ((bytes + PART - 1) / PART);
    }

    /** How large a part is. */
    static int size(long bytes, int number) {
        return (int) Math.min(PART, bytes - (long) number * PART);
    }

    /** An opened file lies here from now on in place of the one that came. */
    void take(KeptText text, Path opened) throws IOException {
        Files.move(opened, folder(text.id()).resolve("source.pdf"), StandardCopyOption.REPLACE_EXISTING);
    }

    /** Clears away all that belongs to a text. */
    void clear(UUID text) {
        try {
            clear(room.resolve(text.toString()));
        } catch (IOException left) {
            throw new UncheckedIOException("The folder of a text could not be cleared", left);
        }
    }

    static void clear(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            List<Path> deepest = all.sorted(Comparator.reverseOrder()).toList();
            for (Path one : deepest) {
                Files.deleteIfExists(one);
            }
        }
    }
}
