package itomichi.server.supply;

import static itomichi.db.generated.Tables.KNIFE;

import itomichi.cutting.Knife;
import itomichi.measure.Length;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What the binder cuts with, in the database. */
@Repository
class KnifeStore {

    private final DSLContext database;

    KnifeStore(DSLContext database) {
        this.database = database;
    }

    Knife knife() {
        return database.selectFrom(KNIFE)
                .fetchOptional(row -> new Knife(
                        Optional.ofNullable(row.getReachMm()).map(Length::ofMm), Length.ofMm(row.getLeastStripMm())))
                .orElse(Knife.ALONG_A_RULE);
    }

    void keep(Knife knife) {
        Double reach = knife.reach().map(Length::mm).orElse(null);
        double strip = knife.leastStrip().mm();
        database.insertInto(KNIFE)
                .set(KNIFE.ONE, true)
                .set(KNIFE.REACH_MM, reach)
                .set(KNIFE.LEAST_STRIP_MM, strip)
                .onConflict(KNIFE.ONE)
                .doUpdate()
                .set(KNIFE.REACH_MM, reach)
                .set(KNIFE.LEAST_STRIP_MM, strip)
                .execute();
    }
}
