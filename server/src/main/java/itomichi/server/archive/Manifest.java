package itomichi.server.archive;

import java.util.List;

/**
 * What is in an archive.
 *
 * @param format what it is
 * @param version of the form
 * @param made when, as {@code 2026-11-27T21:05:00Z}
 * @param files all other files in it
 */
record Manifest(String format, int version, String made, List<Listed> files) {

    static final String FORMAT = "itomichi-workshop";
    static final int VERSION = 5;
    static final String FILE = "manifest.json";

    /** A file in an archive: its length, and the SHA-256 of what is in it. */
    record Listed(String path, long bytes, String sha256) {}
}
