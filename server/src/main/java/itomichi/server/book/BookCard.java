package itomichi.server.book;

import itomichi.finding.Stage;
import itomichi.server.plan.HolesView.StationView;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.UUID;

/**
 * A book as it stands on the bench: what it is called, how big it is in mm, what shows on its spine, and what to do next.
 *
 * @param spineThread thread that shows on the spine and is sewn: each piece from the left edge seen from outside and from the head, one after
 *     the other
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
        Stage stage,
        boolean finished,
        List<Stage> done,
        InUnits next) {}
