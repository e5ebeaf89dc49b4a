package itomichi.attack;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Many at the bench at once. */
final class Load {

    private final Target target;
    private final JsonNode start;

    Load(Target target, JsonNode start) {
        this.target = target;
        this.start = start;
    }

    /** What came of it. */
    record Result(int books, double perSecond, double p95Ms, int refused) {}

    Result bench(int books, int clients, int seconds) throws InterruptedException {
        fill(books);
        target.get("/api/books");
        List<Double> times = Collections.synchronizedList(new ArrayList<>());
        List<Integer> refused = Collections.synchronizedList(new ArrayList<>());
        ExecutorService all = Executors.newFixedThreadPool(clients);
        long from = System.nanoTime();
        long end = from + TimeUnit.SECONDS.toNanos(seconds);
        for (int i = 0; i < clients; i++) {
            all.execute(() -> {
                while (System.nanoTime() < end) {
                    Target.Answer answer = target.get("/api/books");
                    times.add(answer.ms());
                    if (answer.status() != 200) {
                        refused.add(answer.status());
                    }
                }
            });
        }
        all.shutdown();
        if (!all.awaitTermination(seconds + 60L, TimeUnit.SECONDS)) {
            throw new IllegalStateException(clients + " clients did not come to their end");
        }
        double took = (System.nanoTime() - from) / 1e9;
        List<Double> sorted = times.stream().sorted().toList();
        return new Result(all(), sorted.size() / took, sorted.get(sorted.size() * 95 / 100), refused.size());
    }

    /** Middle of the milliseconds until the first part of a bench of so many books is there. */
    double firstPart(int books, int times) {
        fill(books);
        return java.util.stream.IntStream.range(0, times)
                .mapToDouble(i -> target.get("/api/books").ms())
                .sorted()
                .skip(times / 2)
                .findFirst()
                .orElseThrow();
    }

    private void fill(int books) {
        for (int have = all(); have < books; have++) {
            target.send("POST", "/api/books", ((ObjectNode) start.deepCopy()).put("name", "Load " + have));
        }
    }

    private int all() {
        return target.get("/api/books").tree().path("all").asInt(0);
    }
}
