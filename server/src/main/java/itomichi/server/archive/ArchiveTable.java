package itomichi.server.archive;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Tables of an archive, each after those it points to. What can be worked out again, such as the cards of the bench, is in none. */
enum ArchiveTable {
    BOOK("id", "books", new Names("removed_at", null)),
    REVISION("book_id, number"),
    SEWING_PLACE("book_id"),
    PUNCHING("book_id, of_what"),
    REHEARSAL("book_id, step"),
    BOOK_DAYS("book_id"),
    STEP_LOG("book_id, step, began_at"),
    LOOK_OVER("book_id, look"),
    NOTEBOOK_PAGE("book_id"),
    LEARNED_OUT("book_id, habit"),
    BOOK_TEXT("id"),
    BOOK_TEXT_PART("text_id, number"),
    PRINT_WISH("book_id"),
    COPY_MARK("book_id, copy"),
    SPOILT_COPY("id"),
    COURSE("id"),
    PICTURE("id"),
    THING("id", "things in the drawers", new Names("put_away_at", "drawer")),
    KEPT_TEMPLATE("id", "kept templates", Names.ALL),
    OWN_PATTERN("id", "own patterns", Names.ALL),
    PRINTER("id", "printers", Names.ALL),
    BENCH_HOURS("one", "hours at the bench", null),
    KNIFE("one", "knives", null),
    DRAWER_ACT("id", "cuts and purchases", null),
    LOOK_TOLERANCE("look", "own tolerances", null);

    /**
     * Which of a table's names must differ.
     *
     * @param outOfUse the column that says since when a row is out of use, and its name free; null where none is
     * @param within the column within whose rows they must differ; null where they must everywhere
     */
    record Names(@Nullable String outOfUse, @Nullable String within) {
        static final Names ALL = new Names(null, null);
    }

    private final String order;
    private final @Nullable String kind;
    private final @Nullable Names names;

    /** Of what belongs to a book. */
    ArchiveTable(String order) {
        this(order, null, null);
    }

    ArchiveTable(String order, @Nullable String kind, @Nullable Names names) {
        this.order = order;
        this.kind = kind;
        this.names = names;
    }

    /** Its name in the database, and of its file. */
    String table() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Where what was read of it waits. */
    String waiting() {
        return "read_" + table();
    }

    /** The version of the archive since which it is in it. */
    int since() {
        return switch (this) {
            case LOOK_TOLERANCE -> 2;
            case BOOK_TEXT, BOOK_TEXT_PART, PRINT_WISH -> 3;
            case COPY_MARK, SPOILT_COPY, COURSE -> 5;
            default -> 1;
        };
    }

    String file() {
        return "tables/" + table() + ".json";
    }

    /** How many of its rows are read at once: a part of a text is large. */
    int atOnce() {
        return this == BOOK_TEXT_PART ? 2 : 200;
    }

    /** The columns that say which row it is, and in which order they are written. */
    String order() {
        return order;
    }

    /** What is written of a row; a picture's two files lie beside it. */
    String columns() {
        return this == PICTURE ? "id, book_id, caption, width, height, added_at" : "*";
    }

    /** What a binder calls its rows; nothing of what belongs to a book, and comes and goes with it. */
    Optional<String> kind() {
        return Optional.ofNullable(kind);
    }

    /** Which of its names must differ; nothing where its rows have none. */
    Optional<Names> names() {
        return Optional.ofNullable(names);
    }

    /** The column that says of which book it is; of what does not belong to one, which row it is. */
    String whose() {
        return kind == null ? "book_id" : order;
    }

    /** Whether its rows are of a book, or books themselves. */
    boolean ofBooks() {
        return this == BOOK || kind == null;
    }

    /** The tables whose rows come and go together with a row of this one. */
    List<ArchiveTable> parts() {
        return this == BOOK
                ? Arrays.stream(values()).filter(ArchiveTable::ofBooks).toList()
                : List.of(this);
    }

    /** The tables whose rows come and go by themselves. */
    static List<ArchiveTable> kinds() {
        return Arrays.stream(values()).filter(one -> one.kind != null).toList();
    }
}
