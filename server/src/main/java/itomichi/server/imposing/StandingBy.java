package itomichi.server.imposing;

import itomichi.documents.imposing.ImposingProcess;
import jakarta.annotation.PreDestroy;
import java.io.File;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Processes for what is done with a file that somebody brought, each for one order. One stands by, ready, once the first was wanted: to begin
 * takes a process longer than to lay out a short text. It ends when the application does, for its input ends then.
 */
@Component
class StandingBy {

    private static final Logger LOG = LoggerFactory.getLogger(StandingBy.class);

    private final Workroom room;
    private final int rounds;
    private @Nullable Process waiting;
    private boolean ended;

    StandingBy(Workroom room, @Value("${itomichi.warm}") int rounds) {
        this.room = room;
        this.rounds = rounds;
    }

    /** The one that stands by, or a new one. */
    synchronized Process take() throws IOException {
        Process ready = waiting;
        waiting = null;
        return ready != null && ready.isAlive() ? ready : start();
    }

    /** Lets another stand by. */
    synchronized void next() {
        if (ended || (waiting != null && waiting.isAlive())) {
            return;
        }
        try {
            waiting = start();
        } catch (IOException unstarted) {
            LOG.warn("No process could be started ahead: {}", unstarted.getMessage());
        }
    }

    private Process start() throws IOException {
        File said = room.folder().resolve("said.log").toFile();
        return new ProcessBuilder(ImposingProcess.command(rounds, room.folder()))
                .redirectError(ProcessBuilder.Redirect.appendTo(said))
                .start();
    }

    @PreDestroy
    synchronized void end() {
        ended = true;
        if (waiting != null) {
            waiting.destroyForcibly();
        }
    }
}
