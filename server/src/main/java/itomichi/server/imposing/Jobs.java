package itomichi.server.imposing;

import itomichi.server.platform.ProblemException;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What is being done with texts: one thing after the other, for each book only the last. It goes on when nobody looks. */
@Component
class Jobs {

    private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);
    private static final int MOST_WAITING = 8;

    private final Map<UUID, Job> byBook = new ConcurrentHashMap<>();
    private final ThreadPoolExecutor hands = new ThreadPoolExecutor(
            1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), task -> new Thread(task, "imposing"));

    /** Work at a job; what it throws is said to who asks for it. */
    interface Work {
        void run(Job job) throws Exception;
    }

    /** The last job of a book. */
    Optional<Job> of(UUID book) {
        return Optional.ofNullable(byBook.get(book));
    }

    /**
     * Begins one; one of the same book that still runs is stopped.
     *
     * @throws ProblemException if too many wait already
     */
    Job begin(UUID book, UUID text, Work work) {
        Job job = new Job(text);
        stop(book);
        byBook.put(book, job);
        try {
            hands.execute(() -> run(job, work));
        } catch (RejectedExecutionException full) {
            byBook.remove(book, job);
            throw new ProblemException(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Too many texts wait to be read or printed just now; try it again shortly.");
        }
        return job;
    }

    void stop(UUID book) {
        of(book).filter(Job::running).ifPresent(job -> job.hand().stop());
    }

    void forget(UUID book) {
        stop(book);
        byBook.remove(book);
    }

    private static void run(Job job, Work work) {
        try {
            if (job.hand().stopped()) {
                job.stopped();
                return;
            }
            work.run(job);
        } catch (CancellationException stopped) {
            job.stopped();
        } catch (LockedTextException locked) {
            job.locked(String.valueOf(locked.getMessage()));
        } catch (ProblemException | itomichi.spec.UnfitValueException told) {
            job.fail(String.valueOf(told.getMessage()));
        } catch (Exception unexpected) {
            LOG.error("A text could not be worked at", unexpected);
            job.fail("That could not be done; nothing of it was kept.");
        }
        if (job.running()) {
            job.fail("That could not be done; nothing of it was kept.");
        }
    }

    @PreDestroy
    void end() {
        byBook.values().forEach(job -> job.hand().stop());
        hands.shutdownNow();
    }
}
