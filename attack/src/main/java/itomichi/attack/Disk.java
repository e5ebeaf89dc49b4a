package itomichi.attack;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/**
 * The disk is full in the middle of saves, and while it is full the database ends. When there is room again, everything must come back by
 * itself, with all that was acknowledged. Wants a small disk, and an application that was begun with {@code bin/itomichi start}.
 */
final class Disk {

    /** A disk that is larger than this is somebody's own and is not filled. */
    private static final long LARGEST_BYTES = 1L << 30;

    private static final int REFUSALS = 20;

    private final Target target;
    private final Tally tally;
    private final JsonNode start;
    private final Path home;

    Disk(Target target, Tally tally, JsonNode start, Path home) {
        this.target = target;
        this.tally = tally;
        this.start = start;
        this.home = home;
    }

    /** What came of it. */
    record Result(int refused, int acknowledged, int lost) {}

    /** @throws IllegalStateException if the disk is not a small one, or saves are not refused for want of room */
    Result full() throws Exception {
        if (Files.getFileStore(home).getTotalSpace() > LARGEST_BYTES) {
            throw new IllegalStateException(home + " lies on a large disk, which is not filled");
        }
        Saving saving = new Saving(target, start);
        Path filler = home.resolve("filler");
        tally.dying(true);
        saving.during(() -> {
            saving.more(10);
            fill(filler);
            for (int waited = 0; saving.withoutRoom() < REFUSALS; waited++) {
                if (waited > 6000) {
                    throw new IllegalStateException("The disk is full, and no save is refused for want of room");
                }
                TimeUnit.MILLISECONDS.sleep(10);
            }
            Kills.kill(home.resolve("database/postmaster.pid"));
            TimeUnit.SECONDS.sleep(2);
        });
        Files.delete(filler);
        target.awaitHealth();
        tally.dying(false);
        int before = saving.acknowledged();
        saving.during(() -> saving.more(1));
        if (saving.acknowledged() == before) {
            throw new IllegalStateException("There is room again, and nothing can be saved");
        }
        return new Result(saving.withoutRoom(), saving.acknowledged(), saving.lost());
    }

    private static void fill(Path file) throws IOException {
        byte[] block = new byte[64 * 1024];
        try (OutputStream out = Files.newOutputStream(file)) {
            for (long written = 0; written < LARGEST_BYTES; written += block.length) {
                out.write(block);
            }
        } catch (IOException full) {
            return;
        }
        throw new IOException("The disk took " + LARGEST_BYTES + " bytes and is not full");
    }
}
