package itomichi.server.imposing;

import itomichi.documents.imposing.ImposingProcess;
import itomichi.server.platform.ProblemException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.IntConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Does work with files that somebody brought in a process of its own, with its own memory and time. */
@Component
class ImposingProcesses {

    private static final Logger LOG = LoggerFactory.getLogger(ImposingProcesses.class);

    private final StandingBy standingBy;

    ImposingProcesses(StandingBy standingBy) {
        this.standingBy = standingBy;
    }

    /**
     * What is to be done.
     *
     * @param words as the process takes them
     * @param password that a file is locked with
     * @param limit when it is ended, however far it is
     */
    record Order(List<String> words, String password, Duration limit) {}

    /** A hand that may end the work before it is done. */
    static final class Hand {
        private final AtomicBoolean stopped = new AtomicBoolean();
        private volatile @org.jspecify.annotations.Nullable Process process;

        void stop() {
            stopped.set(true);
            Process running = process;
            if (running != null) {
                running.destroyForcibly();
            }
        }

        boolean stopped() {
            return stopped.get();
        }
    }

    /**
     * Has it done.
     *
     * @param done told how many pages are done
     * @param hand may stop it
     * @return what it said besides
     * @throws LockedTextException in one line, if a password is wanted
     * @throws ProblemException in one line, if it cannot be done
     * @throws CancellationException if it was stopped
     */
    List<String> run(Order order, IntConsumer done, Hand hand) {
        try {
            Process process = standingBy.take();
            hand.process = process;
            try {
                return watched(process, order, done, hand);
            } finally {
                standingBy.next();
            }
        } catch (IOException unstarted) {
            throw new UncheckedIOException("The process could not be started", unstarted);
        }
    }

    private static List<String> watched(Process process, Order order, IntConsumer done, Hand hand) {
        // whoever waits for its lines does not see the time
        Thread clock = new Thread(() -> end(process, order.limit()), "imposing-limit");
        clock.setDaemon(true);
        clock.start();
        List<String> said = new ArrayList<>();
        try {
            if (heard(process, order, done, hand, said)) {
                return said;
            }
            int code = process.onExit().join().exitValue();
            if (hand.stopped()) {
                throw new CancellationException("Stopped by hand: " + order.words());
            }
            LOG.warn("A process ended with {}: {}", code, order.words());
            throw fault("This took too long or too much memory, and was ended; a simpler file may go.");
        } finally {
            process.destroyForcibly();
            clock.interrupt();
        }
    }

    /** Whether it said that all was done. */
    private static boolean heard(Process process, Order order, IntConsumer done, Hand hand, List<String> said) {
        try (var in = process.getOutputStream();
                BufferedReader lines = process.inputReader(StandardCharsets.UTF_8)) {
            in.write(ImposingProcess.order(order.words(), order.password()));
            in.flush();
            if (hand.stopped()) {
                process.destroyForcibly();
            }
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.equals(ImposingProcess.END)) {
                    return true;
                }
                if (line.startsWith(ImposingProcess.DONE)) {
                    done.accept(Integer.parseInt(line.substring(ImposingProcess.DONE.length())));
                } else if (line.startsWith(ImposingProcess.LOCKED)) {
                    throw new LockedTextException(line.substring(ImposingProcess.LOCKED.length()));
                } else if (line.startsWith(ImposingProcess.FAULT)) {
                    throw fault(line.substring(ImposingProcess.FAULT.length()));
                } else if (line.startsWith(ImposingProcess.SIZE)) {
                    said.add(line);
                }
            }
        } catch (IOException gone) {
            LOG.debug("A process ended before it had heard everything", gone);
        }
        return false;
    }

    private static void end(Process process, Duration limit) {
        try {
            if (!process.waitFor(limit.toMillis(), TimeUnit.MILLISECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException done) {
            Thread.currentThread().interrupt();
        }
    }

    static ProblemException fault(String line) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, line);
    }
}
