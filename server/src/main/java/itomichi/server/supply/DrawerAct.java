package itomichi.server.supply;

import itomichi.finding.Stage;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that was done to the drawers, and can be undone.
 *
 * @param stage the stage that was done, of an act that came of one
 * @param thing what was cut or bought, of an act that was that
 * @param books whose it was; nobody's where something was bought
 * @param moved what was taken out, less than nothing where it was laid in
 * @param undone whether it is undone
 */
record DrawerAct(
        UUID id,
        Kind kind,
        @Nullable Stage stage,
        @Nullable UUID thing,
        List<UUID> books,
        List<Moved> moved,
        OffsetDateTime doneAt,
        boolean undone) {

    /** What it came of. */
    enum Kind {
        STAGE,
        CUT,
        BOUGHT,
        /** Taken anew for copies that were spoilt. */
        ANEW,
        /** Taken for the kits of a class. */
        CLASS
    }

    /** How much of a thing was taken out. */
    record Moved(UUID thing, double number) {}
}
