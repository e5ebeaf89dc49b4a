package itomichi.attack;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Ends the application or its database in the middle of saves, and counts afterwards what was acknowledged and is not there. */
final class Kills {

    private static final int CLIENTS = 4;

    private final Target target;
    private final Tally tally;
    private final JsonNode start;
    private final Random random;
    private final Path home;
    private final String launcher;

    /**
     * @param home folder with {@code app.pid} and {@code database/postmaster.pid}
     * @param launcher command that starts what was ended, with {@code application-start} or {@code database-start}
     */
    Kills(Target target, Tally tally, JsonNode start, Random random, Path home, String launcher) {
        this.target = target;
        this.tally = tally;
        this.start = start;
        this.random = random;
        this.home = home;
        this.launcher = launcher;
    }

    /** What came of it. */
    record Result(int kills, int acknowledged, int lost) {}

    Result application(int kills) throws Exception {
        return ended(kills, home.resolve("app.pid"), "application-start");
    }

    Result database(int kills) throws Exception {
        return ended(kills, home.resolve("database/postmaster.pid"), "database-start");
    }

    private Result ended(int kills, Path pid, String startAgain) throws Exception {
        Map<String, Integer> acknowledged = new ConcurrentHashMap<>();
        AtomicInteger saves = new AtomicInteger();
        List<String> books = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) {
            Target.Answer kept =
                    target.send("POST", "/api/books", ((ObjectNode) start.deepCopy()).put("name", "Killed"));
            books.add(kept.tree().get("id").asString());
        }
        tally.dying(true);
        for (int kill = 0; kill < kills; kill++) {
            AtomicBoolean over = new AtomicBoolean();
            ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
            for (String book : books) {
                clients.execute(() -> save(book, over, acknowledged, saves));
            }
            // a program that has just been started is slow: some saves must have come through, and another be on its
            // way
            int wanted = saves.get() + 1 + random.nextInt(8);
            for (int waited = 0; saves.get() < wanted && waited < 1000; waited++) {
                TimeUnit.MILLISECONDS.sleep(10);
            }
            TimeUnit.MILLISECONDS.sleep(random.nextInt(60));
            long process = Long.parseLong(Files.readAllLines(pid).get(0).strip());
            ProcessHandle.of(process).ifPresent(ProcessHandle::destroyForcibly);
            over.set(true);
            clients.shutdown();
            if (!clients.awaitTermination(2, TimeUnit.MINUTES)) {
                throw new IllegalStateException("Saving did not come to its end after kill " + kill);
            }
            run(startAgain);
            healthy();
        }
        tally.dying(false);
        int lost = 0;
        for (Map.Entry<String, Integer> last : acknowledged.entrySet()) {
            JsonNode kept = target.get("/api/books/" + last.getKey()).tree();
            int there = kept.path("revision").asInt(0);
            lost += Math.max(0, last.getValue() - there);
        }
        return new Result(kills, saves.get(), lost);
    }

    /** Changes a book again and again; what was answered with a revision must be there for ever. */
    private void save(String book, AtomicBoolean over, Map<String, Integer> acknowledged, AtomicInteger saves) {
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
            }
        }
    }

    private void run(String command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(launcher, command)
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("attack-launcher.log").toFile())
                .start();
        if (!process.waitFor(2, TimeUnit.MINUTES) || process.exitValue() != 0) {
            throw new IllegalStateException(launcher + " " + command + " did not start it again");
        }
    }

    private void healthy() throws InterruptedException {
        for (int i = 0; i < 600; i++) {
            if (target.get("/api/health").status() == 200) {
                return;
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new IllegalStateException("The application does not answer a minute after its kill");
    }
}
