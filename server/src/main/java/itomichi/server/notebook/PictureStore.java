package itomichi.server.notebook;

import static itomichi.db.generated.Tables.PICTURE;

import itomichi.server.notebook.PageView.PictureView;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Pictures of books in the database. */
@Repository
class PictureStore {

    private final DSLContext database;

    PictureStore(DSLContext database) {
        this.database = database;
    }

    /** The pictures of a book, in the order in which they came. */
    List<PictureView> of(UUID book) {
        return database.select(PICTURE.ID, PICTURE.CAPTION, PICTURE.WIDTH, PICTURE.HEIGHT)
                .from(PICTURE)
                .where(PICTURE.BOOK_ID.eq(book))
                .orderBy(PICTURE.ADDED_AT, PICTURE.ID)
                .fetch(row -> new PictureView(row.value1(), row.value2(), row.value3(), row.value4()));
    }

    int count(UUID book) {
        return database.fetchCount(PICTURE, PICTURE.BOOK_ID.eq(book));
    }

    void insert(UUID id, UUID book, String caption, TakenPicture taken) {
        database.insertInto(PICTURE)
                .set(PICTURE.ID, id)
                .set(PICTURE.BOOK_ID, book)
                .set(PICTURE.CAPTION, caption)
                .set(PICTURE.WIDTH, taken.width())
                .set(PICTURE.HEIGHT, taken.height())
                .set(PICTURE.JPEG, taken.jpeg(TakenPicture.LARGEST))
                .set(PICTURE.THUMB, taken.jpeg(TakenPicture.THUMB))
                .execute();
    }

    Optional<byte[]> file(UUID id, boolean small) {
        var file = small ? PICTURE.THUMB : PICTURE.JPEG;
        return database.select(file).from(PICTURE).where(PICTURE.ID.eq(id)).fetchOptional(file);
    }

    boolean caption(UUID id, String caption) {
        return database.update(PICTURE)
                        .set(PICTURE.CAPTION, caption)
                        .where(PICTURE.ID.eq(id))
                        .execute()
                == 1;
    }

    boolean remove(UUID id) {
        return database.deleteFrom(PICTURE).where(PICTURE.ID.eq(id)).execute() == 1;
    }
}
