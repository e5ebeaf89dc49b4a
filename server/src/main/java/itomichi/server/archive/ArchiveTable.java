package itomichi.server.archive;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Tables of an archive, each after those it points to. What can be worked out again, such as the cards of the bench, is in none. */
enum ArchiveTable {
    BOOK("id", true, "*"),
    REVISION("book_id, number", true, "*"),
    SEWING_PLACE("book_id", true, "*"),
    PUNCHING("book_id", true, "*"),
    REHEARSAL("book_id, step", true, "*"),
    BOOK_DAYS("book_id", true, "*"),
    STEP_LOG("book_id, step, began_at", true, "*"),
    LOOK_OVER("book_id, look", true, "*"),
    NOTEBOOK_PAGE("book_id", true, "*"),
    LEARNED_OUT("book_id, habit", true, "*"),
    /** Its two files lie beside it. */
    PICTURE("id", true, "id, book_id, caption, width, height, added_at"),
    THING("id", false, "*"),
    KEPT_TEMPLATE("id", false, "*"),
    OWN_PATTERN("id", false, "*"),
    PRINTER("id", false, "*"),
    BENCH_HOURS("one", false, "*"),
    KNIFE("one", false, "*"),
    DRAWER_ACT("id", false, "*");

    private final String order;
    private final boolean ofBook;
    private final String columns;

    ArchiveTable(String order, boolean ofBook, String columns) {
        this.order = order;
        this.ofBook = ofBook;
        this.columns = columns;
    }

    /** Its name in the database, and of its file. */
    String table() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Where what was read of it waits. */
    String waiting() {
        return "read_" + table();
    }

    String file() {
        return "tables/" + table() + ".json";
    }

    /** The columns that say which row it is, and in which order they are written. */
    String order() {
        return order;
    }

    String columns() {
        return columns;
    }

    /** Whether its rows belong to a book, and come and go with it. */
    boolean ofBook() {
        return ofBook;
    }

    /** The column that says of which book it is; of what does not belong to one, which row it is. */
    String whose() {
        return this == BOOK || !ofBook ? order : "book_id";
    }

    static Optional<ArchiveTable> ofFile(String file) {
        return Arrays.stream(values()).filter(one -> one.file().equals(file)).findFirst();
    }

    static List<ArchiveTable> parts() {
        return Arrays.stream(values()).filter(ArchiveTable::ofBook).toList();
    }
}
