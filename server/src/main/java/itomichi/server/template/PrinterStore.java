package itomichi.server.template;

import static itomichi.db.generated.Tables.PRINTER;
import static org.jooq.impl.DSL.currentOffsetDateTime;

import itomichi.documents.sheets.PrinterCorrection;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The correction of the printer at this bench. */
@Repository
class PrinterStore {

    private static final int THIS_PRINTER = 1;

    private final DSLContext database;

    PrinterStore(DSLContext database) {
        this.database = database;
    }

    PrinterCorrection correction() {
        return database.selectFrom(PRINTER)
                .where(PRINTER.ID.eq(THIS_PRINTER))
                .fetchOptional(row -> new PrinterCorrection(row.getAcross(), row.getAlong()))
                .orElse(PrinterCorrection.NONE);
    }

    void keep(PrinterCorrection correction) {
        database.insertInto(PRINTER, PRINTER.ID, PRINTER.ACROSS, PRINTER.ALONG)
                .values(THIS_PRINTER, correction.across(), correction.along())
                .onConflict(PRINTER.ID)
                .doUpdate()
                .set(PRINTER.ACROSS, correction.across())
                .set(PRINTER.ALONG, correction.along())
                .set(PRINTER.CHANGED_AT, currentOffsetDateTime())
                .execute();
    }
}
