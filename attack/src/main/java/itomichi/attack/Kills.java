package itomichi.attack;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/** Ends the application or its database in the middle of saves, and counts afterwards what was acknowledged and is not there. */
final class Kills {

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
        Saving saving = new Saving(target, start);
        tally.dying(true);
        for (int kill = 0; kill < kills; kill++) {
            saving.during(() -> {
                // a program that has just been started is slow: some saves must have come through, and another be on
                // its way
                saving.more(1 + random.nextInt(8));
                TimeUnit.MILLISECONDS.sleep(random.nextInt(60));
                kill(pid);
            });
            run(startAgain);
            target.awaitHealth();
        }
        tally.dying(false);
        return new Result(kills, saving.acknowledged(), saving.lost());
    }

    /** Ends the process whose number stands in a file, as a loss of power would. */
    static void kill(Path pid) throws IOException {
        long process = Long.parseLong(Files.readAllLines(pid).get(0).strip());
        ProcessHandle.of(process).ifPresent(ProcessHandle::destroyForcibly);
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
}
