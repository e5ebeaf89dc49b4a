package itomichi.attack;

import tools.jackson.databind.JsonNode;

/** Everything that is done to the application by asking it, and by no other means. */
final class Requests {

    private static final double LONGEST_HEALTH_MS = 1_000;
    private static final int BOOKS_AT_A_BENCH = 73;
    private static final int CLIENTS_AT_A_BENCH = 64;

    private final Target target;
    private final JsonNode start;
    private final Hostile hostile;
    private final String parts;

    /** @param parts which of {@code hostile,slow,load,bench,largest} are wanted */
    Requests(Target target, JsonNode start, Hostile hostile, String parts) {
        this.target = target;
        this.start = start;
        this.hostile = hostile;
        this.parts = parts;
    }

    /**
     * Sends all that is wanted.
     *
     * @param from which hostile request comes first; those before it are left out
     * @param table gets a line for each part
     * @return whether the application said all the time, and within a second, how it is
     */
    boolean send(Attack.Size size, int from, StringBuilder table) throws Exception {
        if (parts.contains("hostile")) {
            hostile.send(from, Math.max(from, size.requests()));
        }
        if (parts.contains("slow")) {
            double slowest = new Slow(target).halfSent(size.slow(), size.slowSeconds());
            Tally.row(table, "%d half-sent bodies: slowest".formatted(size.slow()), "%.0f ms".formatted(slowest));
        }
        if (parts.contains("load")) {
            Load.Result load = new Load(target, start)
                    .bench(BOOKS_AT_A_BENCH, CLIENTS_AT_A_BENCH, Math.max(5, size.seconds() / 4));
            Tally.row(
                    table,
                    "%d at a bench of %d books".formatted(CLIENTS_AT_A_BENCH, load.books()),
                    "%.0f a second, p95 %.0f ms, %d refused".formatted(load.perSecond(), load.p95Ms(), load.refused()));
        }
        if (parts.contains("bench")) {
            double ms = new Load(target, start).firstPart(size.bench(), 21);
            Tally.row(table, "First part of %,d books".formatted(size.bench()), "%.0f ms".formatted(ms));
        }
        if (!parts.contains("largest")) {
            return true;
        }
        Largest.Health health =
                new Largest(target, start).worst(size.books(), size.bodies(), size.clients(), size.seconds());
        Tally.row(
                table,
                "Worst mix: how it is, asked " + health.asked(),
                "slowest %.0f ms, %d without answer".formatted(health.slowestMs(), health.without()));
        return health.without() == 0 && health.slowestMs() < LONGEST_HEALTH_MS;
    }
}
