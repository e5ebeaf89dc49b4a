package itomichi.server.imposing;

import itomichi.server.imposing.ImposingProcesses.Hand;
import itomichi.server.imposing.ImposingProcesses.Order;
import itomichi.server.imposing.TextStore.KeptText;
import itomichi.server.platform.ProblemException;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
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

/** Pictures of a text's pages, drawn when somebody looks, some at a time. Nobody is kept waiting for them: who asks is told which are there. */
@Component
class PagePictures {

    private static final Logger LOG = LoggerFactory.getLogger(PagePictures.class);

    private static final Duration TO_SHOW = Duration.ofMinutes(1);
    /** Pages drawn in one go, and how many points their longer edge has. */
    private static final int SHOWN = 24;

    private static final String PIXELS = "400";
    private static final int MOST_WAITING = 32;

    private final TextService texts;
    private final Workroom room;
    private final ImposingProcesses processes;
    /** What is being drawn, or waits to be. */
    private final Set<String> open = ConcurrentHashMap.newKeySet();

    private final ThreadPoolExecutor hands = new ThreadPoolExecutor(
            1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), task -> new Thread(task, "pictures"));

    PagePictures(TextService texts, Workroom room, ImposingProcesses processes) {
        this.texts = texts;
        this.room = room;
        this.processes = processes;
    }

    /**
     * Pages, from 0, whose pictures are there.
     *
     * @param more whether others about the one asked for are still being drawn
     */
    record DrawnPages(List<Integer> pages, boolean more) {}

    /** Has the pages about this one drawn, unless they are, and says which are there. */
    DrawnPages about(UUID book, int page) {
        KeptText text = texts.wanted(book);
        int all = texts.pages(text).size();
        if (page < 0 || page >= all) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "The text has no page " + (page + 1) + ".");
        }
        int first = page / SHOWN * SHOWN;
        int last = Math.min(all, first + SHOWN) - 1;
        boolean done = Files.exists(marker(text, first));
        if (!done && open.add(marker(text, first).toString())) {
            try {
                hands.execute(() -> draw(text, first, last));
            } catch (RejectedExecutionException full) {
                open.remove(marker(text, first).toString());
            }
        }
        List<Integer> drawn = new ArrayList<>();
        for (int i = first; i <= last; i++) {
            if (Files.exists(picture(text, i))) {
                drawn.add(i);
            }
        }
        return new DrawnPages(drawn, !done);
    }

    private void draw(KeptText text, int first, int last) {
        try {
            Path folder = room.folder(text.id());
            List<String> words =
                    List.of("show", room.source(text).toString(), folder.toString(), PIXELS, "" + first, "" + last);
            processes.run(new Order(words, "", TO_SHOW), done -> {}, new Hand());
        } catch (ProblemException | CancellationException | IOException | UncheckedIOException undrawn) {
            LOG.warn("Pages were not drawn: {}", undrawn.getMessage());
        } finally {
            settle(text, first);
        }
    }

    /** What could not be drawn is not tried again and again. */
    private void settle(KeptText text, int first) {
        try {
            Files.createFile(marker(text, first));
        } catch (IOException gone) {
            LOG.debug("The folder of a text went while its pages were drawn", gone);
        }
        open.remove(marker(text, first).toString());
    }

    private Path marker(KeptText text, int first) {
        return room.folder(text.id()).resolve(first + ".drawn");
    }

    private Path picture(KeptText text, int page) {
        return room.folder(text.id()).resolve(page + ".png");
    }

    /** The picture of a page that was drawn. */
    byte[] of(UUID book, int page) {
        try {
            return Files.readAllBytes(picture(texts.wanted(book), page));
        } catch (IOException none) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "Page " + page + " is not drawn.");
        }
    }

    @PreDestroy
    void end() {
        hands.shutdownNow();
    }
}
