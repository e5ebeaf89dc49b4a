package itomichi.server.imposing;

import itomichi.book.BookPlan;
import itomichi.documents.pdf.PdfWriter;
import itomichi.documents.sheets.PrintLayout;
import itomichi.documents.sheets.PrintMarks;
import itomichi.imposition.Imposition;
import itomichi.imposition.PrintFile;
import itomichi.imposition.StartingWish;
import itomichi.imposition.Turning;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocuments;
import itomichi.server.imposing.ImposingProcesses.Order;
import itomichi.server.imposing.TextStore.KeptText;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.printer.Printers;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import itomichi.spec.UnfitValueException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Lays a book's text on its sheets, and prints it. */
@Service
class ImpositionService {

    private static final Duration TO_PRINT = Duration.ofMinutes(10);

    private final BookService books;
    private final TextService texts;
    private final TextStore store;
    private final Printers printers;
    private final Workroom room;
    private final ImposingProcesses processes;
    private final Jobs jobs;
    private final JsonMapper json;

    ImpositionService(
            BookService books,
            TextService texts,
            TextStore store,
            Printers printers,
            Workroom room,
            ImposingProcesses processes,
            Jobs jobs,
            JsonMapper json) {
        this.books = books;
        this.texts = texts;
        this.store = store;
        this.printers = printers;
        this.room = room;
        this.processes = processes;
        this.jobs = jobs;
        this.json = json;
    }

    /**
     * A text laid out: of which book, by which wish.
     *
     * @param imposition nothing where it cannot be
     * @param unfit why it cannot be
     */
    record LaidOut(
            StoredBook book,
            BookSpec spec,
            KeptText text,
            PrintWish wish,
            Optional<Imposition> imposition,
            Optional<UnfitValueException> unfit) {}

    /** Says of what files are made, so that a change is noticed; asked again and again while they are. */
    int mark(UUID id, @Nullable UUID printer) {
        StoredBook book = books.stored(id);
        return mark(book, texts.wanted(book.id()), wish(book), turning(printer));
    }

    private static int mark(StoredBook book, KeptText text, PrintWish wish, Turning turning) {
        return Objects.hash(book.document(), text.id(), wish, turning);
    }

    LaidOut look(UUID id) {
        StoredBook book = books.stored(id);
        return laidOut(book, wish(book));
    }

    private LaidOut laidOut(StoredBook book, PrintWish wish) {
        KeptText text = texts.wanted(book.id());
        BookPlan plan = PlanViews.plan(book.document());
        wish.checked(plan.spec().title().unit());
        try {
            Imposition imposition = Imposition.of(plan.worked(), texts.pages(text), wish);
            return new LaidOut(book, plan.spec(), text, wish, Optional.of(imposition), Optional.empty());
        } catch (UnfitValueException unfit) {
            return new LaidOut(book, plan.spec(), text, wish, Optional.empty(), Optional.of(unfit));
        }
    }

    /** How a book's text is printed. */
    private PrintWish wish(StoredBook book) {
        return store.wish(book.id())
                .map(kept -> json.readValue(kept, PrintWishDocument.class).wish())
                .orElseGet(() -> StartingWish.of(BookDocuments.spec(book.document())));
    }

    /**
     * Keeps how it is to be printed, once it is known that it can be so; where it could not be as it was, on the way to where it can.
     *
     * @throws UnfitValueException if it cannot, and could before
     */
    LaidOut keep(UUID id, PrintWishDocument sent) {
        StoredBook book = books.stored(id);
        LaidOut laid = laidOut(book, sent.wish());
        if (laid.unfit().isPresent() && laidOut(book, wish(book)).unfit().isEmpty()) {
            throw laid.unfit().get();
        }
        store.keepWish(book.id(), json.writeValueAsString(PrintWishDocument.of(laid.wish())));
        return laid;
    }

    private Turning turning(@Nullable UUID printer) {
        return printers.turning(printer).orElse(Turning.STRAIGHT);
    }

    /**
     * Begins to make the files.
     *
     * @param proof whether it is the proof in reading order
     */
    Job print(UUID id, @Nullable UUID printer, boolean proof) {
        LaidOut laid = look(id);
        Turning turning = turning(printer);
        Imposition imposition = laid.imposition().orElseThrow(() -> laid.unfit().orElseThrow());
        List<PrintFile> files =
                proof ? List.of(PrintFile.proof(imposition)) : PrintFile.of(imposition, laid.wish(), turning);
        int mark = mark(laid.book(), laid.text(), laid.wish(), turning);
        return jobs.begin(laid.book().id(), laid.text().id(), job -> print(laid.text(), files, mark, job));
    }

    private void print(KeptText text, List<PrintFile> files, int mark, Job job) throws IOException {
        job.begin(files.stream().mapToInt(file -> file.pages().size()).sum(), mark);
        Path folder = room.folder(text.id()).resolve("printed");
        Workroom.clear(folder);
        Files.createDirectories(folder);
        List<String> arguments =
                new ArrayList<>(List.of("impose", room.source(text).toString()));
        for (int i = 0; i < files.size(); i++) {
            Path layout = folder.resolve(i + ".layout");
            Files.write(layout, PrintLayout.of(files.get(i)).lines());
            Path marks = folder.resolve(i + ".marks.pdf");
            Files.write(marks, PdfWriter.write(PrintMarks.draw(files.get(i))));
            arguments.addAll(
                    List.of(layout.toString(), marks.toString(), file(folder, i).toString()));
        }
        processes.run(new Order(arguments, "", TO_PRINT), job::done, job.hand());
        List<Job.PrintedFile> made = new ArrayList<>();
        for (int i = 0; i < files.size(); i++) {
            made.add(new Job.PrintedFile(
                    files.get(i).name(), files.get(i).pages().size(), Files.size(file(folder, i))));
        }
        job.finish(made);
    }

    private static Path file(Path folder, int number) {
        return folder.resolve(number + ".pdf");
    }

    /** A file that was made, from 0, with what it is called. */
    record Printed(String name, Path file) {}

    Printed printed(UUID book, int number) {
        Job job = jobs.of(book)
                .filter(last -> number >= 0 && number < last.files().size())
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "This file is not there any more; make it once more."));
        Path file = file(room.folder(job.text()).resolve("printed"), number);
        String name = job.files().get(number).name();
        if (!Files.exists(file)) {
            throw new ProblemException(
                    HttpStatus.NOT_FOUND, "“" + name + "” is not there any more; make it once more.");
        }
        return new Printed(name, file);
    }
}
