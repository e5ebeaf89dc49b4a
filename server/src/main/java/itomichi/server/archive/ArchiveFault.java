package itomichi.server.archive;

/** An archive that is not taken, in one line. */
final class ArchiveFault extends RuntimeException {

    /** @param line what was read, and what is wanted */
    ArchiveFault(String line) {
        super(line);
    }
}
