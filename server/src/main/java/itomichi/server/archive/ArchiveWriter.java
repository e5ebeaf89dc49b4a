package itomichi.server.archive;

import itomichi.server.archive.Manifest.Listed;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Writes the whole workshop, or one book of it, as it is at one moment. The same workshop gives the same bytes, but for when the file was made. */
@Component
class ArchiveWriter {

    /** The day that every file in it has, for the time of writing says nothing. */
    private static final LocalDateTime NO_DAY = LocalDateTime.of(1980, 1, 1, 0, 0);

    private final ArchiveStore store;
    private final JsonMapper json;
    private final Clock clock;

    ArchiveWriter(ArchiveStore store, JsonMapper json, Clock clock) {
        this.store = store;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Writes it.
     *
     * @param book the only book that is written, with all that is kept of it and nothing else; nothing where all is
     * @throws IOException if it cannot be written there
     */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    void write(Optional<UUID> book, OutputStream to) throws IOException {
        List<Listed> files = new ArrayList<>();
        try (ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            for (ArchiveTable table : ArchiveTable.values()) {
                files.add(file(zip, table.file(), out -> rows(out, table, book)));
            }
            for (UUID picture : store.pictures(book)) {
                for (boolean small : new boolean[] {false, true}) {
                    files.add(file(
                            zip, PictureFiles.name(picture, small), out -> out.write(store.picture(picture, small))));
                }
            }
            String made = OffsetDateTime.now(clock)
                    .withOffsetSameInstant(ZoneOffset.UTC)
                    .truncatedTo(ChronoUnit.SECONDS)
                    .toString();
            byte[] manifest = json.writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(new Manifest(Manifest.FORMAT, Manifest.VERSION, made, files));
            file(zip, Manifest.FILE, out -> out.write(manifest));
        }
    }

    private void rows(OutputStream out, ArchiveTable table, Optional<UUID> book) throws IOException {
        out.write('[');
        boolean[] first = {true};
        try {
            store.rows(table, book, row -> {
                try {
                    out.write((first[0] ? "\n" : ",\n").getBytes(StandardCharsets.UTF_8));
                    out.write(row.getBytes(StandardCharsets.UTF_8));
                    first[0] = false;
                } catch (IOException unwritten) {
                    throw new UncheckedIOException(unwritten);
                }
            });
        } catch (UncheckedIOException unwritten) {
            throw unwritten.getCause();
        }
        out.write("\n]\n".getBytes(StandardCharsets.UTF_8));
    }

    private interface Filling {
        void fill(OutputStream out) throws IOException;
    }

    private static Listed file(ZipOutputStream zip, String path, Filling filling) throws IOException {
        ZipEntry entry = new ZipEntry(path);
        entry.setTimeLocal(NO_DAY);
        zip.putNextEntry(entry);
        Summed summed = new Summed(zip);
        filling.fill(summed);
        zip.closeEntry();
        return new Listed(path, summed.bytes, HexFormat.of().formatHex(summed.sum.digest()));
    }

    static MessageDigest sum() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java platform has SHA-256", impossible);
        }
    }

    /** Counts and sums what goes through it. */
    private static final class Summed extends FilterOutputStream {
        private final MessageDigest sum = sum();
        private long bytes;

        Summed(OutputStream out) {
            super(out);
        }

        @Override
        public void write(int one) throws IOException {
            write(new byte[] {(byte) one}, 0, 1);
        }

        @Override
        public void write(byte[] some, int from, int length) throws IOException {
            out.write(some, from, length);
            sum.update(some, from, length);
            bytes += length;
        }
    }
}
