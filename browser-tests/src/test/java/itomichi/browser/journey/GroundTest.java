package itomichi.browser.journey;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.File;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The ground that {@code bin/itomichi} stands on: what is wrong with it is told in one line, and nothing is begun. */
public class GroundTest {

    private Path home;

    /** What a command printed and how it ended. */
    private record Ended(int code, String out, String err) {}

    @BeforeMethod
    void takeAnEmptyFolder() throws IOException {
        home = Files.createTempDirectory("ground");
    }

    @DataProvider
    Object[][] ports() {
        return new Object[][] {
            {"80", "a number from 1024 to 65535 is wanted"},
            {"many", "a number from 1024 to 65535 is wanted"},
            {"8383", "cannot share port"}
        };
    }

    @Test(dataProvider = "ports")
    public void aPortThatCannotBeIsTold(String port, String told) throws Exception {
        toldInOneLine(run("start", Map.of("ITOMICHI_PORT", port, "ITOMICHI_DB_PORT", "8383")), told);
    }

    @Test
    public void aTakenPortIsToldAndNamed() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            String port = Integer.toString(taken.getLocalPort());
            Ended ended = run("database-start", Map.of("ITOMICHI_DB_PORT", port, "ITOMICHI_PORT", "8399"));
            toldInOneLine(ended, "port " + port + ", meant for the database, is taken");
        }
    }

    @Test
    public void aFolderThatCannotBeMadeIsToldAndNamed() throws Exception {
        Path file = Files.writeString(home.resolve("file"), "");
        toldInOneLine(run("start", Map.of("ITOMICHI_HOME", file + "/below")), "cannot be made");
    }

    @Test
    public void anUnknownCommandIsTold() throws Exception {
        toldInOneLine(run("strat", Map.of()), "“strat” is not known");
    }

    @Test
    public void stopWithNothingRunningSaysSo() throws Exception {
        Ended ended = run("stop", Map.of());
        assertEquals(ended.code() + " " + ended.out().strip(), "0 Nothing runs.");
    }

    @Test
    public void thePasswordIsReadableByItsOwnerAlone() throws Exception {
        Path running = Path.of(System.getenv("ITOMICHI_HOME"), "password");
        assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(running)), "rw-------");
    }

    /** The addresses that the application and the database listen on, from the kernel's own table. */
    @Test
    public void nothingListensBeyondLoopback() throws Exception {
        for (String port : new String[] {System.getenv("ITOMICHI_PORT"), System.getenv("ITOMICHI_DB_PORT")}) {
            String hex = String.format(":%04X", Integer.parseInt(port));
            var listening = Files.readAllLines(Path.of("/proc/net/tcp")).stream()
                    .filter(line -> line.contains(hex + " 00000000:0000 0A"))
                    .toList();
            var listening6 = Files.readAllLines(Path.of("/proc/net/tcp6")).stream()
                    .filter(line -> line.contains(hex + " 00000000000000000000000000000000:0000 0A"))
                    .toList();
            long beyond = listening.stream()
                            .filter(line -> !line.contains("0100007F" + hex))
                            .count()
                    + listening6.stream()
                            .filter(line -> !line.contains("0000000000000000FFFF00000100007F" + hex))
                            .count();
            assertTrue(listening.size() + listening6.size() > 0 && beyond == 0, port + ": " + listening + listening6);
        }
    }

    private static void toldInOneLine(Ended ended, String told) {
        assertTrue(ended.code() != 0 && ended.err().contains(told), ended.toString());
        assertEquals(ended.err().lines().count(), 1L, ended.err());
    }

    private Ended run(String command, Map<String, String> settings) throws Exception {
        Path out = Files.createTempFile("out", "");
        Path err = Files.createTempFile("err", "");
        ProcessBuilder process = new ProcessBuilder("../bin/itomichi", command)
                .redirectInput(new File("/dev/null"))
                .redirectOutput(out.toFile())
                .redirectError(err.toFile());
        process.environment().put("ITOMICHI_HOME", home.toString());
        process.environment().put("ITOMICHI_PORT", "8397");
        process.environment().put("ITOMICHI_DB_PORT", "8398");
        process.environment().putAll(settings);
        int code = process.start().waitFor();
        return new Ended(
                code, Files.readString(out, StandardCharsets.UTF_8), Files.readString(err, StandardCharsets.UTF_8));
    }
}
