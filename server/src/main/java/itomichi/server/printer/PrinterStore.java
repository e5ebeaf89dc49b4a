package itomichi.server.printer;

import static itomichi.db.generated.Tables.PRINTER;
import static org.jooq.impl.DSL.currentOffsetDateTime;
import static org.jooq.impl.DSL.lower;
import static org.jooq.impl.DSL.val;

import itomichi.db.generated.tables.records.PrinterRecord;
import itomichi.documents.sheets.PrinterCorrection;
import itomichi.imposition.Turning;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Printers in the database. */
@Repository
class PrinterStore {

    private final DSLContext database;

    PrinterStore(DSLContext database) {
        this.database = database;
    }

    /** A printer, what drawings for it are stretched by, and what it does to a stack that is laid in again. */
    record Kept(UUID id, String name, boolean simulated, PrinterCorrection correction, Optional<Turning> turning) {}

    /** All, the simulated one last. */
    List<Kept> all() {
        return database.selectFrom(PRINTER)
                .orderBy(PRINTER.SIMULATED, lower(PRINTER.NAME))
                .fetch(PrinterStore::kept);
    }

    Optional<Kept> get(UUID id) {
        return database.selectFrom(PRINTER).where(PRINTER.ID.eq(id)).fetchOptional(PrinterStore::kept);
    }

    /** The printer, which nobody else changes until this transaction ends. */
    Optional<Kept> held(UUID id) {
        return database.selectFrom(PRINTER).where(PRINTER.ID.eq(id)).forUpdate().fetchOptional(PrinterStore::kept);
    }

    boolean named(String name) {
        return database.fetchExists(PRINTER, lower(PRINTER.NAME).eq(lower(val(name))));
    }

    void add(UUID id, String name) {
        database.insertInto(PRINTER, PRINTER.ID, PRINTER.NAME).values(id, name).execute();
    }

    void remove(UUID id) {
        database.deleteFrom(PRINTER).where(PRINTER.ID.eq(id)).execute();
    }

    void keep(UUID id, PrinterCorrection correction) {
        database.update(PRINTER)
                .set(PRINTER.ACROSS, correction.across())
                .set(PRINTER.ALONG, correction.along())
                .set(PRINTER.CHANGED_AT, currentOffsetDateTime())
                .where(PRINTER.ID.eq(id))
                .execute();
    }

    void keep(UUID id, Turning turning) {
        database.update(PRINTER)
                .set(PRINTER.BACKS_REVERSED, turning.backsReversed())
                .set(PRINTER.BACKS_UPSIDE_DOWN, turning.backsUpsideDown())
                .set(PRINTER.CHANGED_AT, currentOffsetDateTime())
                .where(PRINTER.ID.eq(id))
                .execute();
    }

    private static Kept kept(PrinterRecord row) {
        return new Kept(
                row.getId(),
                row.getName(),
                row.getSimulated(),
                new PrinterCorrection(row.getAcross(), row.getAlong()),
                row.getBacksReversed() == null || row.getBacksUpsideDown() == null
                        ? Optional.empty()
                        : Optional.of(new Turning(row.getBacksReversed(), row.getBacksUpsideDown())));
    }
}
