package itomichi.server.drawer;

import java.util.List;

/** Rows of a file that could not be read; nothing of the file was laid in. */
final class WrongRowsException extends RuntimeException {

    private final transient List<WrongRow> rows;

    /**
     * A wrong row.
     *
     * @param row its number, the heading being 1
     * @param column the heading of its column, or empty
     * @param message one line
     */
    record WrongRow(int row, String column, String message) {}

    WrongRowsException(List<WrongRow> rows) {
        super("Nothing was laid in: " + rows.size() + (rows.size() == 1 ? " row is" : " rows are") + " wrong.");
        this.rows = List.copyOf(rows);
    }

    List<WrongRow> rows() {
        return rows;
    }
}
