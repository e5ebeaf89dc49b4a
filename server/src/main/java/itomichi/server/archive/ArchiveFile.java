package itomichi.server.archive;

import itomichi.server.archive.Manifest.Listed;
import java.io.IOException;
import java.io.InputStream;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * An archive that was opened and found whole: it holds the files that its manifest lists and no other, each as long as it says and with the
 * sum it says. Whatever else it claims, no more is read of it than that.
 */
final class ArchiveFile implements AutoCloseable {

    private static final Pattern NAMES = Pattern.compile("manifest\\.json|"
            + Arrays.stream(ArchiveTable.values())
                    .map(table -> Pattern.quote(table.file()))
                    .collect(Collectors.joining("|"))
            + "|pictures/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}(-small)?\\.jpg");
    /** With more files than this a zip is of another kind. */
    private static final int MOST_FILES = 60_000;

    private static final long MOST_BYTES = 8_000_000_000L;
    private static final long LARGEST_TABLE = 2_000_000_000L;
    private static final long LARGEST_PICTURE = 20_000_000L;
    private static final long LARGEST_MANIFEST = 20_000_000L;

    /** A zip ends with this record; behind it a remark of at most 65,535 bytes (PKWARE's note on the format, 4.3.16, from memory). */
    private static final int END = 0x06054b50;

    private static final int END_BYTES = 22;
    private static final int MOST_REMARK = 65_535;

    private final ZipFile zip;
    private final Manifest manifest;

    private ArchiveFile(ZipFile zip, Manifest manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    /**
     * Opens an archive and reads it through once.
     *
     * @throws ArchiveFault if it is none, is damaged, or claims more than a workshop has
     */
    static ArchiveFile open(Path path, JsonMapper json) {
        @Nullable ZipFile zip = null;
        boolean whole = false;
        try {
            checkCount(path);
            zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
            ArchiveFile file = new ArchiveFile(zip, manifest(zip, json));
            file.checkFiles();
            whole = true;
            return file;
        } catch (IOException | IllegalArgumentException damaged) {
            throw new ArchiveFault("This is no archive of a workshop, or it is damaged: it cannot be read as a zip.");
        } finally {
            if (zip != null && !whole) {
                close(zip);
            }
        }
    }

    /** Before a zip is opened all its names are read: of a million it is enough to know that it is a million. */
    private static void checkCount(Path path) throws IOException {
        try (RandomAccessFile file = new RandomAccessFile(path.toFile(), "r")) {
            int length = (int) Math.min(file.length(), END_BYTES + MOST_REMARK);
            byte[] last = new byte[length];
            file.seek(file.length() - length);
            file.readFully(last);
            ByteBuffer end = ByteBuffer.wrap(last).order(ByteOrder.LITTLE_ENDIAN);
            for (int at = length - END_BYTES; at >= 0; at--) {
                if (end.getInt(at) == END) {
                    int count = Short.toUnsignedInt(end.getShort(at + 10));
                    if (count > MOST_FILES) {
                        throw new ArchiveFault("It holds more than %,d files; an archive of a workshop does not."
                                .formatted(MOST_FILES));
                    }
                    return;
                }
            }
        }
        throw new IOException("no end of a zip of " + path.toFile().length() + " bytes");
    }

    private static Manifest manifest(ZipFile zip, JsonMapper json) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.FILE);
        if (entry == null) {
            throw new ArchiveFault("This is no archive of a workshop: among its " + zip.size() + " files is no "
                    + Manifest.FILE + ".");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) LARGEST_MANIFEST + 1);
            if (bytes.length > LARGEST_MANIFEST) {
                throw new ArchiveFault("Its manifest is larger than %,d bytes.".formatted(LARGEST_MANIFEST));
            }
            Manifest manifest = json.readValue(bytes, Manifest.class);
            if (!Manifest.FORMAT.equals(manifest.format()) || manifest.files() == null) {
                throw new ArchiveFault("This is no archive of a workshop: its manifest, version " + manifest.version()
                        + " of its form, says nothing of “" + Manifest.FORMAT + "”.");
            }
            if (manifest.version() < 1 || manifest.version() > Manifest.VERSION) {
                throw new ArchiveFault("It is an archive of version " + manifest.version() + "; versions 1 to "
                        + Manifest.VERSION + " are read here.");
            }
            return manifest;
        } catch (JacksonException unread) {
            throw new ArchiveFault("Its manifest of " + entry.getSize() + " bytes cannot be read.");
        }
    }

    private void checkFiles() throws IOException {
        Map<String, Listed> listed = new HashMap<>();
        long all = 0;
        for (Listed file : manifest.files()) {
            if (file == null
                    || file.path() == null
                    || file.sha256() == null
                    || !NAMES.matcher(file.path()).matches()) {
                throw new ArchiveFault(
                        "Its manifest lists a file that no workshop has, at place " + (listed.size() + 1) + ".");
            }
            if (file.bytes() < 0 || file.bytes() > most(file.path()) || listed.put(file.path(), file) != null) {
                throw new ArchiveFault("Its manifest lists “" + file.path() + "” twice or too large.");
            }
            all += file.bytes();
        }
        if (all > MOST_BYTES) {
            throw new ArchiveFault("It holds %,d bytes; at most %,d are taken.".formatted(all, MOST_BYTES));
        }
        Set<String> seen = new HashSet<>();
        for (ZipEntry entry : Collections.list(zip.entries())) {
            String name = entry.getName();
            if (!NAMES.matcher(name).matches() || !seen.add(name)) {
                throw new ArchiveFault(
                        "It holds a file that no workshop has, or one twice, at place " + (seen.size() + 1) + ".");
            }
            if (!name.equals(Manifest.FILE)) {
                Listed file = listed.remove(name);
                if (file == null) {
                    throw new ArchiveFault("It holds “" + name + "”, which its manifest does not list.");
                }
                check(entry, file);
            }
        }
        if (!listed.isEmpty()) {
            throw new ArchiveFault("It lacks “" + listed.keySet().iterator().next() + "”, which its manifest lists.");
        }
        for (ArchiveTable table : ArchiveTable.values()) {
            if (table.since() <= manifest.version() && !seen.contains(table.file())) {
                throw new ArchiveFault("It lacks “" + table.file() + "”.");
            }
        }
    }

    private static long most(String path) {
        return path.startsWith("tables/") ? LARGEST_TABLE : LARGEST_PICTURE;
    }

    private void check(ZipEntry entry, Listed file) throws IOException {
        MessageDigest sum = ArchiveWriter.sum();
        byte[] some = new byte[64 * 1024];
        long bytes = 0;
        try (InputStream in = zip.getInputStream(entry)) {
            for (int read = in.read(some); read >= 0 && bytes <= file.bytes(); read = in.read(some)) {
                sum.update(some, 0, read);
                bytes += read;
            }
        }
        if (bytes != file.bytes() || !HexFormat.of().formatHex(sum.digest()).equals(file.sha256())) {
            throw new ArchiveFault("It is damaged: “" + file.path() + "” is not as its manifest says.");
        }
    }

    /** What is in a table's file. */
    InputStream open(ArchiveTable table) throws IOException {
        return opened(table.file());
    }

    /** What is in a picture's file. */
    byte[] picture(UUID id, boolean small) throws IOException {
        try (InputStream in = opened(PictureFiles.name(id, small))) {
            return in.readAllBytes();
        }
    }

    private InputStream opened(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new ArchiveFault("It lacks “" + name + "”.");
        }
        return zip.getInputStream(entry);
    }

    /** The version of its form. */
    int version() {
        return manifest.version();
    }

    /** How many files of pictures it holds. */
    long pictureFiles() {
        return manifest.files().stream()
                .filter(file -> file.path().startsWith("pictures/"))
                .count();
    }

    @Override
    public void close() {
        close(zip);
    }

    private static void close(ZipFile zip) {
        try {
            zip.close();
        } catch (IOException unclosed) {
            throw new IllegalStateException("A zip that was only read could not be closed", unclosed);
        }
    }
}
