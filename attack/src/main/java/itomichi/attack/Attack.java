package itomichi.attack;

import java.io.IOException;
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
    record Size(
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
     *     {@code hostile,slow,load,bench,largest,kills}; {@code disk} by itself, on a small disk
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
        List<String> ids = new ArrayList<>(List.of("00000000-0000-0000-0000-00000000000a"));
        target.get("/api/books")
                .tree()
                .path("books")
                .forEach(book -> ids.add(book.get("id").asString()));
        Hostile hostile = new Hostile(target, new Operations(description(arguments[3]), start).all(), ids, seed);
        Requests requests = new Requests(target, start, hostile, parts);
        int already = 0;
        if (timed) {
            // what is made once, on first use, is no leak
            requests.send(SHORT, 0, new StringBuilder());
            already = SHORT.requests();
        }
        double before = heap.usedMb();
        boolean well = requests.send(size, already, table) || !timed;
        Tally.row(table, "Heap before and after", "%.0f MB, %.0f MB".formatted(before, heap.usedMb()));
        if (parts.contains("kills")) {
            Kills kills = new Kills(target, tally, start, new Random(seed), home, arguments[2]);
            well &= told(table, "application", kills.application(size.kills()));
            well &= told(table, "database", kills.database(size.kills()));
        }
        if (parts.contains("disk")) {
            Disk.Result disk = new Disk(target, tally, start, home).full();
            Tally.row(
                    table,
                    "A full disk, the database killed",
                    "%d saves refused, %d changes acknowledged, %d lost"
                            .formatted(disk.refused(), disk.acknowledged(), disk.lost()));
            well &= disk.lost() == 0;
        }
        System.out.println();
        System.out.print(tally.table());
        System.out.print(table);
        System.exit(well && tally.clean(timed) ? 0 : 1);
    }

    private static JsonNode description(String file) throws IOException {
        return Target.JSON.readTree(Files.readString(Path.of(file)));
    }

    private static boolean told(StringBuilder table, String what, Kills.Result result) {
        Tally.row(
                table,
                "%d kills of the %s".formatted(result.kills(), what),
                "%d changes acknowledged, %d lost".formatted(result.acknowledged(), result.lost()));
        return result.lost() == 0;
    }
}
