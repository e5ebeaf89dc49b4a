package itomichi.server.archive;

import tools.jackson.databind.JsonNode;

/** Reads a row of a table before it is laid in from a file, as it will be read when it is there. */
public interface RowCheck {

    /** The table. */
    String table();

    /**
     * Reads the row.
     *
     * @param row its columns by their names
     * @throws RuntimeException if nobody could read it
     */
    void check(JsonNode row);
}
