package itomichi.server.book;

import itomichi.cover.PieceStuff;
import itomichi.finding.Stage;
import itomichi.server.document.Dye;
import itomichi.server.plan.HolesView.StationView;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book as it stands on the bench: what it is called, how big it is in mm, what shows on its spine, and what to do next.
 *
 * @param spineThread thread that shows on the spine and is sewn: each piece from the left edge seen from outside and from the head, one after
 *     the other
 * @param frontThread thread that shows on the front: each piece from the spine and from the head
 * @param cover what is seen of its cover; left out where it has none, or none yet
 * @param colour of what is seen of it; left out where it is not known
 * @param spineSeen whether its sewing is seen on the spine
 * @param done stages done
 */
public record BookCard(
        UUID id,
        long version,
        String name,
        String purpose,
        boolean onShelf,
        double widthMm,
        double heightMm,
        double thicknessMm,
        InUnits size,
        List<StationView> stations,
        List<List<Double>> spineThread,
        List<List<Double>> frontThread,
        @Nullable PieceStuff cover,
        @Nullable Dye colour,
        boolean spineSeen,
        Stage stage,
        boolean finished,
        List<Stage> done,
        InUnits next) {}
