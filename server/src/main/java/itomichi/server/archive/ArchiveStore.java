package itomichi.server.archive;

import static org.jooq.impl.DSL.field;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.springframework.stereotype.Repository;

/**
 * The tables as they are written and read. What is read waits in tables of its own until it is known what of it is new: those live as long
 * as the transaction. Names of tables and columns come from {@link ArchiveTable} and nowhere else.
 */
@Repository
class ArchiveStore {

    /** So that a number behind it still fits into a name. */
    private static final int LONGEST = 52;

    private final DSLContext database;

    ArchiveStore(DSLContext database) {
        this.database = database;
    }

    /**
     * Rows of a table as JSON, in an order that is always the same.
     *
     * @param book the book whose rows they are; nothing where every row is meant
     */
    void rows(ArchiveTable table, Optional<UUID> book, Consumer<String> row) {
        if (book.isPresent() && !table.ofBooks()) {
            return;
        }
        // times are written in one zone, wherever the bench stands
        database.execute("set local time zone 'UTC'");
        try (Cursor<Record1<String>> rows = database.resultQuery(
                        "select row_to_json(t)::text from (select "
                                + table.columns() + " from " + table.table()
                                + (book.isPresent() ? " where " + table.whose() + " = ?" : "") + " order by "
                                + table.order() + ") t",
                        book.stream().toArray())
                .coerce(field("t", String.class))
                .fetchSize(table.atOnce())
                .fetchLazy()) {
            rows.forEach(one -> row.accept(one.value1()));
        }
    }

    /** What a book is called; nothing where it is not there, or was taken away. */
    Optional<String> name(UUID book) {
        return database.fetchOptional("select name from book where id = ? and removed_at is null", book)
                .map(row -> row.get(0, String.class));
    }

    /** Pictures of a book; of all where none is named. */
    List<UUID> pictures(Optional<UUID> book) {
        return database.fetch(
                        "select id from picture" + (book.isPresent() ? " where book_id = ?" : "") + " order by id",
                        book.stream().toArray())
                .map(row -> row.get(0, UUID.class));
    }

    byte[] picture(UUID id, boolean small) {
        return database.fetchSingle("select " + file(small) + " from picture where id = ?", id)
                .get(0, byte[].class);
    }

    private static String file(boolean small) {
        return small ? "thumb" : "jpeg";
    }

    /** Makes the tables that what is read waits in. */
    void makeRoom() {
        database.execute("set local time zone 'UTC'");
        for (ArchiveTable table : ArchiveTable.values()) {
            database.execute("create temporary table " + table.waiting() + " (like " + table.table()
                    + " including defaults) on commit drop");
        }
        // a picture's files come after its row
        database.execute("alter table read_picture alter column jpeg drop not null, alter column thumb drop not null");
    }

    /** Lets rows wait. */
    void put(ArchiveTable table, List<String> rows) {
        String insert = "insert into " + table.waiting() + " select * from json_populate_record(null::" + table.table()
                + ", cast(? as json))";
        var batch = database.batch(insert);
        for (String row : rows) {
            batch = batch.bind(row);
        }
        batch.execute();
    }

    /** The pictures that wait, with their size in points. */
    List<Waiting> waitingPictures() {
        return database.fetch("select id, width, height from read_picture order by id")
                .map(row -> new Waiting(row.get(0, UUID.class), row.get(1, Integer.class), row.get(2, Integer.class)));
    }

    /** A paper's thickness was learned by its name alone: the weight is that of the book which says it. */
    void nameThicknessesByWeight() {
        database.execute("update read_learned_out l set habit = l.habit || '/' || (select"
                + " round((r.document #>> '{paper,grammageGsm}')::numeric * 1000) from read_book b join read_revision r"
                + " on r.book_id = b.id and r.number = b.head where b.id = l.book_id) where l.habit like 'BULK:%'");
    }

    /** A picture that waits. */
    record Waiting(UUID id, int width, int height) {}

    void putPicture(UUID id, byte[] jpeg, byte[] thumb) {
        database.execute("update read_picture set jpeg = ?, thumb = ? where id = ?", jpeg, thumb, id);
    }

    /** Whether a book waits that is at a revision which does not come with it. */
    boolean headless() {
        return any(
                "select 1 from read_book b where not exists (select 1 from read_revision r where r.book_id = b.id and r.number = b.head)");
    }

    /** Keys of what waits of a table and is there already. */
    List<String> there(ArchiveTable table) {
        return keys("select w." + table.whose() + "::text from " + table.waiting() + " w join " + table.table()
                + " t on t." + table.whose() + " = w." + table.whose());
    }

    /** Keys of what is there already and otherwise: of a book, if any of its rows is. */
    List<String> other(ArchiveTable table) {
        List<String> keys = new ArrayList<>();
        for (ArchiveTable part : table.parts()) {
            String here = "(select * from " + part.table() + " where " + part.whose() + " in (select " + table.whose()
                    + " from " + table.waiting() + "))";
            String waits = "(select * from " + part.waiting() + " where " + part.whose() + " in (select "
                    + table.whose() + " from " + table.table() + "))";
            keys.addAll(keys("select distinct d." + part.whose() + "::text from ((" + here + " except " + waits
                    + ") union (" + waits + " except " + here + ")) d"));
        }
        return keys.stream().distinct().sorted().toList();
    }

    private List<String> keys(String query) {
        return database.fetch(query).map(row -> row.get(0, String.class));
    }

    int waiting(ArchiveTable table) {
        return database.fetchSingle("select count(*) from " + table.waiting()).get(0, Integer.class);
    }

    /** Names of what waits, by its key. */
    Map<String, String> names(ArchiveTable table, List<String> keys) {
        return database
                .fetch(
                        "select " + table.whose() + "::text, name from " + table.waiting() + " where " + table.whose()
                                + "::text = any(?)",
                        (Object) keys.toArray(String[]::new))
                .stream()
                .collect(Collectors.toMap(row -> row.get(0, String.class), row -> row.get(1, String.class)));
    }

    /** Takes out what is there and otherwise, so that what waits comes in its place. */
    void makeWay(ArchiveTable table, List<String> keys) {
        database.execute("delete from " + table.table() + " where " + table.whose() + "::text = any(?)", (Object)
                keys.toArray(String[]::new));
    }

    /** Lets what is there already wait no more. */
    void leaveOut(ArchiveTable table, List<String> keys) {
        for (ArchiveTable part : table.parts()) {
            database.execute("delete from " + part.waiting() + " where " + part.whose() + "::text = any(?)", (Object)
                    keys.toArray(String[]::new));
        }
    }

    /** What waits under a name that something else has here gets a number behind it. */
    void giveNames(ArchiveTable table, ArchiveTable.Names names) {
        String use = names.outOfUse() == null
                ? ""
                : " and w." + names.outOfUse() + " is null and t." + names.outOfUse() + " is null";
        String within = names.within() == null ? "" : " and t." + names.within() + " = w." + names.within();
        for (var taken : database.fetch("select w.id, w.name from " + table.waiting()
                + " w where exists (select 1 from " + table.table() + " t where lower(t.name) = lower(w.name)" + use
                + within + ")")) {
            UUID id = taken.get(0, UUID.class);
            String name = taken.get(1, String.class);
            String wanted = name.length() > LONGEST ? name.substring(0, LONGEST).strip() : name;
            int number = 2;
            while (any(
                    "select 1 from " + table.table() + " where lower(name) = lower(?) union select 1 from "
                            + table.waiting() + " where lower(name) = lower(?)",
                    wanted + ", " + number,
                    wanted + ", " + number)) {
                number++;
            }
            database.execute("update " + table.waiting() + " set name = ? where id = ?", wanted + ", " + number, id);
        }
    }

    /** Lays in what waits. */
    void layIn(ArchiveTable table) {
        database.execute("insert into " + table.table() + " select * from " + table.waiting());
    }

    /** A template whose book is not here stands alone. */
    void freeTemplates() {
        database.execute("update read_kept_template set book_id = null where book_id is not null and not exists"
                + " (select 1 from book where id = read_kept_template.book_id)");
    }

    /** Whether nobody has worked here yet: what came with the tables gives way. */
    boolean empty() {
        return !any("select 1 from book union all select 1 from thing"
                + " union all select 1 from kept_template union all select 1 from own_pattern");
    }

    private boolean any(String query, Object... values) {
        return !database.fetch(query, values).isEmpty();
    }
}
