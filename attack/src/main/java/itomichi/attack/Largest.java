package itomichi.attack;

import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The largest books at once, bodies without end, and many at the bench, while the application is asked how it is. */
final class Largest {

    private static final List<String> HEAVY =
            List.of("/api/plan", "/api/plan/way", "/api/plan/way/variants", "/api/plan/threads", "/api/plan/space");
    private static final List<String> SHEETS =
            List.of("/steps.pdf", "/steps", "/template.pdf", "/cutting.pdf", "/sewing/way");
    private static final long BODY = 300_000_000L;

    private final Target target;
    private final JsonNode start;

    Largest(Target target, JsonNode start) {
        this.target = target;
        this.start = start;
    }

    /** What was seen meanwhile: the slowest answer to how it is, and how often there was none. */
    record Health(int asked, int without, double slowestMs) {}

    Health worst(int books, int bodies, int clients, int seconds) throws Exception {
        List<String> ids = keptBooks(books);
        AtomicBoolean over = new AtomicBoolean();
        ExecutorService all = Executors.newCachedThreadPool();
        List<Future<?>> work = new ArrayList<>();
        for (int i = 0; i < books; i++) {
            int book = i;
            work.add(all.submit(() -> large(book, ids, over)));
        }
        for (int i = 0; i < bodies; i++) {
            work.add(all.submit(this::endless));
        }
        for (int i = 0; i < clients; i++) {
            work.add(all.submit(() -> {
                while (!over.get()) {
                    target.get("/api/books");
                }
            }));
        }
        Future<Health> health = all.submit(() -> watched(over));
        TimeUnit.SECONDS.sleep(seconds);
        over.set(true);
        for (Future<?> one : work) {
            one.get(2, TimeUnit.MINUTES);
        }
        all.shutdown();
        return health.get();
    }

    private List<String> keptBooks(int number) {
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            Target.Answer kept = target.send("POST", "/api/books", document(i));
            if (kept.status() == 201) {
                ids.add(kept.tree().get("id").asString());
            }
        }
        return ids;
    }

    private void large(int book, List<String> ids, AtomicBoolean over) {
        for (int turn = book; !over.get(); turn++) {
            target.send("POST", HEAVY.get(turn % HEAVY.size()), document(book));
            if (!ids.isEmpty()) {
                target.get("/api/books/" + ids.get(book % ids.size()) + SHEETS.get(turn % SHEETS.size()));
            }
        }
    }

    /** A link stitch of 15 signatures by up to 400 stations. */
    private JsonNode document(int number) {
        ObjectNode document = (ObjectNode) start.deepCopy();
        document.put("name", "Large " + number);
        document.put("structure", "link-stitch");
        ((ObjectNode) document.get("leaf")).put("heightMm", 1100);
        ((ObjectNode) document.get("extent")).put("number", 8 * 15);
        ((ObjectNode) document.get("gathering")).put("signatures", 15);
        ((ObjectNode) document.get("stations")).put("scheme", "EQUAL").put("count", 400 - 8 * (number % 16));
        return document;
    }

    private void endless() {
        target.send(
                "POST",
                "/api/book-file",
                "application/json",
                BodyPublishers.ofByteArrays(() -> new java.util.Iterator<>() {
                    private final byte[] some = " ".repeat(64 * 1024).getBytes(java.nio.charset.StandardCharsets.UTF_8);
                    private long sent;

                    @Override
                    public boolean hasNext() {
                        return sent < BODY;
                    }

                    @Override
                    public byte[] next() {
                        sent += some.length;
                        return some;
                    }
                }));
    }

    private Health watched(AtomicBoolean over) throws Exception {
        int asked = 0;
        int without = 0;
        double slowest = 0;
        while (!over.get()) {
            Target.Answer answer = CompletableFuture.supplyAsync(() -> target.get("/api/health"))
                    .get();
            asked++;
            without += answer.status() == 200 ? 0 : 1;
            slowest = Math.max(slowest, answer.ms());
            TimeUnit.MILLISECONDS.sleep(100);
        }
        return new Health(asked, without, slowest);
    }
}
