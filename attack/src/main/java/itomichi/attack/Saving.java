package itomichi.attack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Binders who change a book each, again and again; what was acknowledged to them must be there for ever. */
final class Saving {

    private static final int CLIENTS = 4;

    private final Target target;
    private final List<String> books = new ArrayList<>();
    private final Map<String, Integer> acknowledged = new ConcurrentHashMap<>();
    private final AtomicInteger saves = new AtomicInteger();
    private final AtomicInteger withoutRoom = new AtomicInteger();

    /** @param start the book that each of them begins with */
    Saving(Target target, JsonNode start) {
        this.target = target;
        for (int i = 0; i < CLIENTS; i++) {
            Target.Answer kept =
                    target.send("POST", "/api/books", ((ObjectNode) start.deepCopy()).put("name", "Killed"));
            books.add(kept.tree().get("id").asString());
        }
    }

    /** Something that is done to the application meanwhile. */
    interface Deed {
        void done() throws Exception;
    }

    /** All of them save while something is done; none is on its way when this comes back. */
    void during(Deed deed) throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
        books.forEach(book -> clients.execute(() -> save(book, over)));
        try {
            deed.done();
        } finally {
            over.set(true);
            clients.shutdown();
        }
        if (!clients.awaitTermination(2, TimeUnit.MINUTES)) {
            throw new IllegalStateException("Saving did not come to its end");
        }
    }

    /** Waits until so many more changes are acknowledged, at most ten seconds. */
    void more(int wanted) throws InterruptedException {
        int until = saves.get() + wanted;
        for (int waited = 0; saves.get() < until && waited < 1000; waited++) {
            TimeUnit.MILLISECONDS.sleep(10);
        }
    }

    int acknowledged() {
        return saves.get();
    }

    /** How often a change was refused because the disk is full. */
    int withoutRoom() {
        return withoutRoom.get();
    }

    /** Acknowledged changes that are not there any more. */
    int lost() {
        int lost = 0;
        for (Map.Entry<String, Integer> last : acknowledged.entrySet()) {
            JsonNode kept = target.get("/api/books/" + last.getKey()).tree();
            lost += Math.max(0, last.getValue() - kept.path("revision").asInt(0));
        }
        return lost;
    }

    private void save(String book, AtomicBoolean over) {
        while (!over.get()) {
            Target.Answer now = target.get("/api/books/" + book);
            if (now.status() != 200) {
                // a connection of before the last kill, or one that broke just now
                continue;
            }
            JsonNode view = now.tree();
            ObjectNode document = (ObjectNode) view.get("document");
            int pages = document.get("extent").get("number").asInt();
            ((ObjectNode) document.get("extent")).put("number", pages >= 200 ? 8 : pages + 4);
            ObjectNode change = Target.JSON.createObjectNode();
            change.put("version", view.get("version").asLong()).put("change", "pages");
            change.set("document", document);
            Target.Answer saved = target.send("PUT", "/api/books/" + book, change);
            if (saved.status() == 200) {
                acknowledged.merge(book, saved.tree().get("revision").asInt(), Math::max);
                saves.incrementAndGet();
            } else if (saved.text().contains("no room left on the disk")) {
                withoutRoom.incrementAndGet();
            }
        }
    }
}
