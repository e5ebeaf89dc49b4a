package itomichi.server.imposing;

import itomichi.documents.imposing.ImposingProcess;
import itomichi.imposition.SourcePage;
import itomichi.measure.Length;
import itomichi.server.book.BookService;
import itomichi.server.imposing.ImposingProcesses.Order;
import itomichi.server.imposing.TextStore.KeptText;
import itomichi.server.platform.Letters;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Takes texts in, reads them, shows their pages. */
@Service
class TextService {

    private static final long LARGEST = 500_000_000;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_PASSWORD = 200;

    private static final Duration TO_READ = Duration.ofMinutes(2);
    private final BookService books;
    private final TextStore store;
    private final Workroom room;
    private final ImposingProcesses processes;
    private final Jobs jobs;
    private final JsonMapper json;

    TextService(
            BookService books,
            TextStore store,
            Workroom room,
            ImposingProcesses processes,
            Jobs jobs,
            JsonMapper json) {
        this.books = books;
        this.store = store;
        this.room = room;
        this.processes = processes;
        this.jobs = jobs;
        this.json = json;
    }

    /** Begins to take a text in. */
    KeptText begin(UUID id, String typed, long bytes) {
        UUID book = books.stored(id).id();
        String name = checkedName(typed);
        if (bytes <= 0) {
            throw new UnfitValueException("bytes", "The file is empty.");
        }
        if (bytes > LARGEST) {
            throw new UnfitValueException(
                    "bytes",
                    "The file holds " + bytes / 1_000_000 + " million bytes; at most " + LARGEST / 1_000_000
                            + " million are kept.");
        }
        KeptText text = new KeptText(UUID.randomUUID(), book, name, bytes, Optional.empty());
        store.arriving(book).ifPresent(before -> room.clear(before.id()));
        store.begin(text);
        return text;
    }

    static String checkedName(String typed) {
        String name = typed.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME || !Letters.kept(name)) {
            throw new UnfitValueException(
                    "name", "A file’s name has from 1 to " + LONGEST_NAME + " letters; read " + name.length() + ".");
        }
        return name;
    }

    /** Keeps a part of it. */
    void part(UUID book, UUID id, int number, byte[] content) {
        KeptText text = arriving(book, id);
        int parts = Workroom.parts(text.bytes());
        if (number < 0 || number >= parts) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Read part " + number + "; this file has parts from 0 to " + (parts - 1) + ".");
        }
        int size = Workroom.size(text.bytes(), number);
        if (content.length != size) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Part " + number + " holds " + content.length + " bytes; " + size + " belong in it.");
        }
        store.part(text, number, content);
    }

    private KeptText arriving(UUID book, UUID id) {
        return store.get(id)
                .filter(text -> text.book().equals(book) && text.sizes().isEmpty())
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.NOT_FOUND, "No such file is on its way to this book."));
    }

    /** Begins to read a text that has come whole. */
    Job read(UUID book, UUID id, String password) {
        KeptText text = arriving(book, id);
        if (password.length() > LONGEST_PASSWORD || password.chars().anyMatch(Character::isISOControl)) {
            throw new UnfitValueException(
                    "password",
                    "Read %,d letters; a password has at most %d, on one line."
                            .formatted(password.length(), LONGEST_PASSWORD));
        }
        int parts = Workroom.parts(text.bytes());
        int came = store.parts(id);
        if (came < parts) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Only " + came + " of " + parts + " parts of the file have come.");
        }
        return jobs.begin(book, id, job -> read(text, password, job));
    }

    private void read(KeptText text, String password, Job job) throws IOException {
        Path folder = room.folder(text.id());
        Path opened = folder.resolve("opened.pdf");
        Order order = new Order(List.of("read", room.source(text).toString(), opened.toString()), password, TO_READ);
        List<String> said;
        try {
            said = processes.run(order, job::done, job.hand());
        } catch (LockedTextException locked) {
            // it is kept until its password is known
            throw locked;
        } catch (ProblemException told) {
            // nothing of what cannot be printed is kept
            store.remove(text.id());
            room.clear(text.id());
            throw told;
        }
        List<double[]> sizes = new ArrayList<>();
        for (String line : said) {
            int between = line.lastIndexOf(' ');
            sizes.add(new double[] {
                Double.parseDouble(line.substring(ImposingProcess.SIZE.length(), between)),
                Double.parseDouble(line.substring(between + 1))
            });
        }
        Optional<KeptText> before = store.read(text.book());
        if (Files.exists(opened)) {
            store.settleOpened(text, json.writeValueAsString(sizes), opened);
            room.take(text, opened);
        } else {
            store.settle(text, json.writeValueAsString(sizes));
        }
        before.ifPresent(old -> room.clear(old.id()));
        job.finish(List.of());
    }

    /** The text of a book that was read. */
    Optional<KeptText> of(UUID book) {
        return store.read(book);
    }

    /** One that is on its way, and how many parts of it have come. */
    Optional<KeptText> onItsWay(UUID book) {
        return store.arriving(book);
    }

    int came(KeptText text) {
        return store.parts(text.id());
    }

    KeptText wanted(UUID book) {
        return of(book).orElseThrow(
                        () -> new ProblemException(HttpStatus.NOT_FOUND, "This book has no text to be printed."));
    }

    /** Its pages. */
    List<SourcePage> pages(KeptText text) {
        return pages(text.sizes().orElseThrow(), json);
    }

    static List<SourcePage> pages(String sizes, JsonMapper json) {
        return List.of(json.readValue(sizes, double[][].class)).stream()
                .map(size -> new SourcePage(Length.ofMm(size[0]), Length.ofMm(size[1])))
                .toList();
    }

    /** Lets a book's text go. */
    void remove(UUID book) {
        List<KeptText> texts = new ArrayList<>();
        store.read(book).ifPresent(texts::add);
        store.arriving(book).ifPresent(texts::add);
        jobs.forget(book);
        if (!store.removeAll(book)) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "This book has no text.");
        }
        texts.forEach(text -> room.clear(text.id()));
    }
}
