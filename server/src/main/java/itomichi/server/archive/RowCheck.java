package itomichi.server.archive;

import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;

/**
 * Reads a row of a table before it is laid in from a file, as it will be read when it is there.
 *
 * @param table the table
 * @param reads takes the row's columns by their names; throws if nobody could read it
 */
public record RowCheck(String table, Consumer<JsonNode> reads) {}
