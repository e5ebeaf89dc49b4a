package itomichi.server.book;

import itomichi.plan.Stage;
import itomichi.server.plan.HolesView.StationView;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView.StitchView;
import java.util.List;
import java.util.UUID;

/**
 * A book as it stands on the bench: what it is called, how big it is in mm, what shows on its spine, and what to do next.
 *
 * @param spineStitches runs on the outside that are sewn
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
        List<StitchView> spineStitches,
        Stage stage,
        boolean finished,
        List<Stage> done,
        InUnits next) {}
