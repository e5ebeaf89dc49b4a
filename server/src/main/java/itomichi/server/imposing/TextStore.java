package itomichi.server.imposing;

import static itomichi.db.generated.Tables.BOOK_TEXT;
import static itomichi.db.generated.Tables.BOOK_TEXT_PART;
import static itomichi.db.generated.Tables.PRINT_WISH;
import static org.jooq.impl.DSL.count;

import itomichi.db.generated.tables.records.BookTextRecord;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Texts of books in the database, in parts. */
@Repository
class TextStore {

    private final DSLContext database;

    TextStore(DSLContext database) {
        this.database = database;
    }

    /**
     * A text.
     *
     * @param sizes of its pages as they are kept; nothing until it was read
     */
    record KeptText(UUID id, UUID book, String name, long bytes, Optional<String> sizes) {}

    /** The text of a book that was read. */
    Optional<KeptText> read(UUID book) {
        return database.selectFrom(BOOK_TEXT)
                .where(BOOK_TEXT.BOOK_ID.eq(book).and(BOOK_TEXT.SIZES.isNotNull()))
                .fetchOptional(TextStore::kept);
    }

    /** The one that is on its way. */
    Optional<KeptText> arriving(UUID book) {
        return database.selectFrom(BOOK_TEXT)
                .where(BOOK_TEXT.BOOK_ID.eq(book).and(BOOK_TEXT.SIZES.isNull()))
                .orderBy(BOOK_TEXT.ADDED_AT.desc(), BOOK_TEXT.ID)
                .limit(1)
                .fetchOptional(TextStore::kept);
    }

    Optional<KeptText> get(UUID text) {
        return database.selectFrom(BOOK_TEXT).where(BOOK_TEXT.ID.eq(text)).fetchOptional(TextStore::kept);
    }

    private static KeptText kept(BookTextRecord row) {
        return new KeptText(
                row.getId(),
                row.getBookId(),
                row.getName(),
                row.getBytes(),
                Optional.ofNullable(row.getSizes()).map(JSONB::data));
    }

    /** Begins to take one in; what else was on its way to that book is let go. */
    @Transactional
    void begin(KeptText text) {
        database.deleteFrom(BOOK_TEXT)
                .where(BOOK_TEXT.BOOK_ID.eq(text.book()).and(BOOK_TEXT.SIZES.isNull()))
                .execute();
        database.insertInto(BOOK_TEXT)
                .set(BOOK_TEXT.ID, text.id())
                .set(BOOK_TEXT.BOOK_ID, text.book())
                .set(BOOK_TEXT.NAME, text.name())
                .set(BOOK_TEXT.BYTES, text.bytes())
                .execute();
    }

    /** Keeps a part; one that came before is kept as it was. */
    void part(KeptText text, int number, byte[] content) {
        database.insertInto(BOOK_TEXT_PART)
                .set(BOOK_TEXT_PART.TEXT_ID, text.id())
                .set(BOOK_TEXT_PART.BOOK_ID, text.book())
                .set(BOOK_TEXT_PART.NUMBER, number)
                .set(BOOK_TEXT_PART.CONTENT, content)
                .onDuplicateKeyIgnore()
                .execute();
    }

    /** Keeps a whole file in parts. */
    void parts(KeptText text, InputStream file) throws IOException {
        int number = 0;
        for (byte[] part = file.readNBytes(Workroom.PART); part.length > 0; part = file.readNBytes(Workroom.PART)) {
            part(text, number++, part);
        }
    }

    /** How many parts came. */
    int parts(UUID text) {
        return database.select(count())
                .from(BOOK_TEXT_PART)
                .where(BOOK_TEXT_PART.TEXT_ID.eq(text))
                .fetchSingle(0, int.class);
    }

    Optional<byte[]> part(UUID text, int number) {
        return database.select(BOOK_TEXT_PART.CONTENT)
                .from(BOOK_TEXT_PART)
                .where(BOOK_TEXT_PART.TEXT_ID.eq(text).and(BOOK_TEXT_PART.NUMBER.eq(number)))
                .fetchOptional(BOOK_TEXT_PART.CONTENT);
    }

    /** A text was read: it is the book's now, and the one before is let go. */
    @Transactional
    void settle(KeptText text, String sizes) {
        settle(text, sizes, text.bytes());
    }

    /**
     * The same of a text that was locked: the file that was opened takes the place of what came.
     *
     * @throws IOException if the opened file cannot be read; nothing is changed then
     */
    @Transactional(rollbackFor = IOException.class)
    void settleOpened(KeptText text, String sizes, Path opened) throws IOException {
        database.deleteFrom(BOOK_TEXT_PART)
                .where(BOOK_TEXT_PART.TEXT_ID.eq(text.id()))
                .execute();
        try (InputStream in = Files.newInputStream(opened)) {
            parts(text, in);
        }
        settle(text, sizes, Files.size(opened));
    }

    private void settle(KeptText text, String sizes, long bytes) {
        database.deleteFrom(BOOK_TEXT)
                .where(BOOK_TEXT.BOOK_ID.eq(text.book()).and(BOOK_TEXT.ID.ne(text.id())))
                .execute();
        database.update(BOOK_TEXT)
                .set(BOOK_TEXT.SIZES, JSONB.valueOf(sizes))
                .set(BOOK_TEXT.BYTES, bytes)
                .where(BOOK_TEXT.ID.eq(text.id()))
                .execute();
    }

    void remove(UUID text) {
        database.deleteFrom(BOOK_TEXT).where(BOOK_TEXT.ID.eq(text)).execute();
    }

    boolean removeAll(UUID book) {
        return database.deleteFrom(BOOK_TEXT).where(BOOK_TEXT.BOOK_ID.eq(book)).execute() > 0;
    }

    Optional<String> wish(UUID book) {
        return database.select(PRINT_WISH.WISH)
                .from(PRINT_WISH)
                .where(PRINT_WISH.BOOK_ID.eq(book))
                .fetchOptional(row -> row.value1().data());
    }

    void keepWish(UUID book, String wish) {
        database.insertInto(PRINT_WISH)
                .set(PRINT_WISH.BOOK_ID, book)
                .set(PRINT_WISH.WISH, JSONB.valueOf(wish))
                .onDuplicateKeyUpdate()
                .set(PRINT_WISH.WISH, JSONB.valueOf(wish))
                .execute();
    }
}
