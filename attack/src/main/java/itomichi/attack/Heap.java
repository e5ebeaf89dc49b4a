package itomichi.attack;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How much the application keeps in its heap after everything that can go has gone. */
final class Heap {

    private static final Pattern USED = Pattern.compile("used (\\d+)K");

    private final Path pid;

    Heap(Path home) {
        this.pid = home.resolve("app.pid");
    }

    /** Megabytes, by the JDK's own tool. */
    double usedMb() throws IOException, InterruptedException {
        jcmd("GC.run");
        Matcher used = USED.matcher("");
        double sum = 0;
        String info = jcmd("GC.heap_info");
        for (String line : info.lines().toList()) {
            used.reset(line);
            if (!line.contains("etaspace") && !line.contains("class space") && used.find()) {
                sum += Double.parseDouble(used.group(1));
            }
        }
        return sum / 1024;
    }

    private String jcmd(String command) throws IOException, InterruptedException {
        String process = Files.readAllLines(pid).get(0).strip();
        Process jcmd = new ProcessBuilder("jcmd", process, command)
                .redirectErrorStream(true)
                .start();
        String said = new String(jcmd.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        jcmd.waitFor();
        return said;
    }
}
