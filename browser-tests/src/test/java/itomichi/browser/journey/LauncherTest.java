package itomichi.browser.journey;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Starting, stopping and status on a ground of their own: one at a time, and the truth in every state. */
public class LauncherTest {

    private static final String PORT = "8395";

    private final Map<Process, Path> begun = new LinkedHashMap<>();
    private Path home;
    private Process running;

    @BeforeClass
    void startOnAnEmptyFolder() throws Exception {
        home = Files.createTempDirectory("launcher");
        running = begin("start");
        atWork("Making the database");
    }

    /** Waits until the start that stays says that it is at work: another one that begins then comes second. */
    private void atWork(String said) throws Exception {
        while (!Files.readString(begun.get(running)).contains(said)) {
            assertTrue(!running.waitFor(50, TimeUnit.MILLISECONDS), "the start that was to stay ended");
        }
    }

    @AfterClass(alwaysRun = true)
    void stopWhatRuns() throws Exception {
        ended(begin("stop"));
        for (Process process : begun.keySet()) {
            process.waitFor(1, TimeUnit.MINUTES);
        }
    }

    @Test
    public void aSecondStartWaitsForTheFirstAndLeavesItRunning() throws Exception {
        String second = ended(begin("start"));
        assertTrue(second.contains("Itomichi runs already"), second);
        assertTrue(healthy());
    }

    @Test
    public void aDatabaseThatDiesIsStartedAgain() throws Exception {
        ended(begin("start"));
        end("database/postmaster.pid");
        atWork("The database ended; starting it again");
        ended(begin("start"));
        assertTrue(healthy());
    }

    @Test
    public void anApplicationThatEndsByItselfIsStartedAgain() throws Exception {
        ended(begin("start"));
        String first = Files.readString(home.resolve("app.pid")).strip();
        end("app.pid");
        atWork("The application ended by itself");
        String again = ended(begin("start"));
        assertTrue(healthy(), again);
        assertTrue(!Files.readString(home.resolve("app.pid")).strip().equals(first));
    }

    @Test(
            dependsOnMethods = {
                "aSecondStartWaitsForTheFirstAndLeavesItRunning",
                "aDatabaseThatDiesIsStartedAgain",
                "anApplicationThatEndsByItselfIsStartedAgain"
            })
    public void aDatabaseThatDiedWithTheStartIsToldByStatusAndMendedByStart() throws Exception {
        ended(begin("start"));
        running.destroyForcibly().waitFor();
        end("database/postmaster.pid");
        String status = ended(begin("status"));
        assertTrue(status.contains("but does not answer") && status.contains("Database: does not run"), status);
        ended(begin("start"));
        assertTrue(healthy());
        assertTrue(ended(begin("status")).contains("Application: runs at"));
    }

    private void end(String pidFile) throws Exception {
        long process =
                Long.parseLong(Files.readAllLines(home.resolve(pidFile)).get(0).strip());
        ProcessHandle killed = ProcessHandle.of(process).orElseThrow();
        killed.destroyForcibly();
        killed.onExit().get(1, TimeUnit.MINUTES);
    }

    private static boolean healthy() throws Exception {
        var request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + PORT + "/api/health"))
                .build();
        return HttpClient.newHttpClient()
                        .send(request, BodyHandlers.discarding())
                        .statusCode()
                == 200;
    }

    @Test
    public void theWorkshopIsWrittenIntoAFileAndReadAgain() throws Exception {
        Path file = home.resolve("workshop.zip");
        assertTrue(ended(begin("backup", file.toString())).contains("The workshop is kept in"));
        String again = ended(begin("restore", file.toString()));
        assertTrue(again.contains("books: 0 new") && again.contains("0 there and otherwise"), again);
    }

    private Process begin(String command, String... more) throws IOException {
        Path out = Files.createTempFile(command, ".out");
        List<String> line = new ArrayList<>(List.of("../bin/itomichi", command));
        line.addAll(List.of(more));
        ProcessBuilder process = new ProcessBuilder(line)
                .redirectErrorStream(true)
                .redirectInput(new File("/dev/null"))
                .redirectOutput(out.toFile());
        process.environment().put("ITOMICHI_HOME", home.toString());
        process.environment().put("ITOMICHI_PORT", PORT);
        process.environment().put("ITOMICHI_DB_PORT", "8396");
        Process started = process.start();
        begun.put(started, out);
        return started;
    }

    /** What a command said, once it has come to its end. */
    private String ended(Process process) throws Exception {
        assertTrue(process.waitFor(3, TimeUnit.MINUTES), "a command did not come to its end");
        String said = Files.readString(begun.get(process));
        assertEquals(process.exitValue(), 0, said);
        return said;
    }
}
