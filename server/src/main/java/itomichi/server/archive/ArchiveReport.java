package itomichi.server.archive;

import java.util.List;

/**
 * What an archive brings, held against what is there.
 *
 * @param things each kind of thing
 * @param differing what is there already and is otherwise in the archive, by name; the first few
 * @param taken whether it was laid in, or only looked at
 */
record ArchiveReport(List<ArchiveCount> things, List<String> differing, boolean taken) {

    /**
     * A kind of thing.
     *
     * @param kind what it is called
     * @param fresh not there yet
     * @param same there already, just so
     * @param other there already, and otherwise
     */
    record ArchiveCount(String kind, int fresh, int same, int other) {}

    /** What is otherwise there. */
    int other() {
        return things.stream().mapToInt(ArchiveCount::other).sum();
    }
}
