package itomichi.attack;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * Attacks the application of a test ground and says in one table what came of it. Everything follows from a seed that is printed. It ends
 * by itself, loads nothing but loopback, and ends with 1 where something was lost, failed, or was told in words of a program.
 */
public final class Attack {

    /** How much of everything: some minutes, or the short form that every test run has. */
    private record Size(
            int requests,
            int slow,
            int slowSeconds,
            int books,
            int bodies,
            int clients,
            int seconds,
            int kills,
            int bench) {}

    private static final Size LONG = new Size(100_000, 100, 15, 16, 4, 64, 60, 200, 2_000);
    private static final Size SHORT = new Size(2_000, 100, 5, 4, 1, 16, 4, 1, 80);

    private Attack() {}

    /**
     * Runs the parts that are asked for.
     *
     * @param arguments address, home, launcher, openapi.json, {@code long} or {@code short}, seed; and, if wanted, which parts of
     *     {@code hostile,slow,load,bench,largest,kills}
     */
    public static void main(String[] arguments) throws Exception {
        Path home = Path.of(arguments[1]);
        // the short form ends every test run, on a machine that may be busy with other things: it tells times and
        // judges none
        boolean timed = arguments[4].equals("long");
        Size size = timed ? LONG : SHORT;
        long seed = Long.parseLong(arguments[5]);
        String parts = arguments.length > 6 ? arguments[6] : "hostile,slow,load,bench,largest,kills";
        Tally tally = new Tally();
        Target target = new Target(arguments[0], tally);
        JsonNode start = target.get("/api/books/new?unit=MM").tree();
        Heap heap = new Heap(home);
        StringBuilder table = new StringBuilder();
        Tally.row(table, "Seed", String.valueOf(seed));
        boolean well = true;

        double before = heap.usedMb();
        if (parts.contains("hostile")) {
            JsonNode description = Target.JSON.readTree(Files.readString(Path.of(arguments[3])));
            List<String> ids = new ArrayList<>(List.of("00000000-0000-0000-0000-00000000000a"));
            target.get("/api/books")
                    .tree()
                    .path("books")
                    .forEach(book -> ids.add(book.get("id").asString()));
            Hostile hostile = new Hostile(target, new Operations(description, start).all(), ids, seed);
            // what is made once, on first use, is no leak
            hostile.send(0, size.requests() / 20);
            before = heap.usedMb();
            hostile.send(size.requests() / 20, size.requests());
        }
        if (parts.contains("slow")) {
            double slowest = new Slow(target).halfSent(size.slow(), size.slowSeconds());
            Tally.row(table, "%d half-sent bodies: slowest".formatted(size.slow()), "%.0f ms".formatted(slowest));
        }
        if (parts.contains("load")) {
            Load.Result load = new Load(target, start).bench(73, 64, Math.max(5, size.seconds() / 4));
            Tally.row(
                    table,
                    "64 at a bench of %d books".formatted(load.books()),
                    "%.0f a second, p95 %.0f ms, %d refused".formatted(load.perSecond(), load.p95Ms(), load.refused()));
        }
        if (parts.contains("bench")) {
            double ms = new Load(target, start).firstPart(size.bench(), 21);
            Tally.row(table, "First part of %,d books".formatted(size.bench()), "%.0f ms".formatted(ms));
        }
        if (parts.contains("largest")) {
            Largest.Health health =
                    new Largest(target, start).worst(size.books(), size.bodies(), size.clients(), size.seconds());
            Tally.row(
                    table,
                    "Worst mix: how it is, asked " + health.asked(),
                    "slowest %.0f ms, %d without answer".formatted(health.slowestMs(), health.without()));
            well = !timed || (health.without() == 0 && health.slowestMs() < 1000);
        }
        Tally.row(table, "Heap before and after", "%.0f MB, %.0f MB".formatted(before, heap.usedMb()));
        if (parts.contains("kills")) {
            Kills kills = new Kills(target, tally, start, new Random(seed), home, arguments[2]);
            well &= told(table, "application", kills.application(size.kills()));
            well &= told(table, "database", kills.database(size.kills()));
        }
        System.out.println();
        System.out.print(tally.table());
        System.out.print(table);
        System.exit(well && tally.clean(timed) ? 0 : 1);
    }

    private static boolean told(StringBuilder table, String what, Kills.Result result) {
        Tally.row(
                table,
                "%d kills of the %s".formatted(result.kills(), what),
                "%d changes acknowledged, %d lost".formatted(result.acknowledged(), result.lost()));
        return result.lost() == 0;
    }
}
