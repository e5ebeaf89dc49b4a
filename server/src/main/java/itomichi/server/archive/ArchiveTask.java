package itomichi.server.archive;

import itomichi.server.archive.ArchiveReport.ArchiveCount;
import itomichi.server.platform.ProblemException;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.stereotype.Component;

/** Writes or reads an archive when that is what the program was started for; says in a few lines what came of it. */
@Component
class ArchiveTask implements ApplicationRunner, ExitCodeGenerator {

    private final ArchiveService archive;
    private final String task;
    private final String file;
    private final boolean over;
    private int code;

    ArchiveTask(
            ArchiveService archive,
            @Value("${itomichi.task:}") String task,
            @Value("${itomichi.file:}") String file,
            @Value("${itomichi.over:false}") boolean over) {
        this.archive = archive;
        this.task = task;
        this.file = file;
        this.over = over;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        try {
            switch (task) {
                case "backup" -> write(Path.of(file).toAbsolutePath());
                case "restore" -> read(Path.of(file));
                default -> {
                    // started to serve, or for something else
                }
            }
        } catch (ProblemException refused) {
            say(String.valueOf(refused.getMessage()));
            code = 1;
        } catch (IOException unwritten) {
            say("“" + file + "” could not be written or read.");
            code = 1;
        }
    }

    /** Beside it first: an archive that is there is replaced by a whole one or not at all. */
    private void write(Path path) throws IOException {
        Path beside = Files.createTempFile(path.getParent(), path.getFileName().toString(), ".part");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(beside))) {
                archive.write(out);
            }
            Files.move(beside, path, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(beside);
        }
        say("The workshop is kept in " + path + ", %,d bytes.".formatted(Files.size(path)));
    }

    private void read(Path path) throws IOException {
        if (!Files.isReadable(path)) {
            throw new IOException("there is no file " + path);
        }
        ArchiveReport report = archive.read(path, true, over);
        for (ArchiveCount one : report.things()) {
            if (one.fresh() + one.same() + one.other() > 0) {
                say("%s: %d new, %d there already, %d there and otherwise%s"
                        .formatted(
                                one.kind(),
                                one.fresh(),
                                one.same(),
                                one.other(),
                                over && one.other() > 0 ? ", replaced" : ""));
            }
        }
        if (report.other() > 0 && !over) {
            say("What is there and otherwise was left as it is: " + String.join(", ", report.differing()) + ".");
        }
    }

    /** For the terminal; the log goes elsewhere. */
    private static void say(String line) {
        PrintStream terminal = System.out;
        terminal.println("itomichi: " + line);
    }

    @Override
    public int getExitCode() {
        return code;
    }
}
