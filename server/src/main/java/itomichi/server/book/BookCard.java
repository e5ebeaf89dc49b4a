package itomichi.server.book;

import itomichi.finding.Stage;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.LooksView;
import java.util.List;
import java.util.UUID;

/**
 * A book as it lies or stands on the bench: what it is called, how it looks, and what to do next.
 *
 * @param size its leaf and how thick it is
 * @param done stages done
 */
public record BookCard(
        UUID id,
        long version,
        String name,
        String purpose,
        boolean onShelf,
        InUnits size,
        LooksView looks,
        Stage stage,
        boolean finished,
        List<Stage> done,
        InUnits next) {}
