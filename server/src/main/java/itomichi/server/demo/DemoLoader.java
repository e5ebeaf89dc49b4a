package itomichi.server.demo;

import itomichi.edition.CopyStage;
import itomichi.lookover.LookOver;
import itomichi.server.book.BookService;
import itomichi.server.book.BookView;
import itomichi.server.copies.CopiesService;
import itomichi.server.course.CourseService;
import itomichi.server.days.DaysService;
import itomichi.server.document.BookDocument;
import itomichi.server.drawer.DrawerService;
import itomichi.server.imposing.Texts;
import itomichi.server.kept.KeptTemplates;
import itomichi.server.lookover.LookService;
import itomichi.server.notebook.NotebookService;
import itomichi.server.patterns.Patterns;
import itomichi.server.sewing.SewingPlaces;
import itomichi.server.supply.SupplyService;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts the demo books on an empty bench over empty drawers, or back when that is what the program was started for. */
@Component
class DemoLoader implements ApplicationRunner {

    private final BookService books;
    private final SewingPlaces places;
    private final DrawerService drawers;
    private final KeptTemplates templates;
    private final Patterns patterns;
    private final SupplyService supplies;
    private final DaysService days;
    private final NotebookService notebook;
    private final LookService looks;
    private final CopiesService copies;
    private final CourseService courses;
    private final Texts texts;
    private final Clock clock;
    private final boolean wanted;
    private final String task;

    DemoLoader(
            BookService books,
            SewingPlaces places,
            DrawerService drawers,
            KeptTemplates templates,
            Patterns patterns,
            SupplyService supplies,
            DaysService days,
            NotebookService notebook,
            LookService looks,
            CopiesService copies,
            CourseService courses,
            Texts texts,
            Clock clock,
            @Value("${itomichi.demo}") boolean wanted,
            @Value("${itomichi.task:}") String task) {
        this.books = books;
        this.places = places;
        this.drawers = drawers;
        this.templates = templates;
        this.patterns = patterns;
        this.supplies = supplies;
        this.days = days;
        this.notebook = notebook;
        this.looks = looks;
        this.copies = copies;
        this.courses = courses;
        this.texts = texts;
        this.clock = clock;
        this.wanted = wanted;
        this.task = task;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        boolean reset = task.equals("reset-demo");
        if (reset) {
            books.clear();
            templates.clear();
            patterns.clear();
            supplies.clear();
            days.clear();
            looks.clear();
        }
        if (reset || (wanted && books.empty() && drawers.empty())) {
            drawers.fill(DemoDrawers.lists());
            DemoPatterns.all().forEach(demo -> patterns.keep(demo.notes(), demo.pattern()));
            List<DemoBooks.DemoBook> large = new DemoWorkshop(name -> drawers.idOf("PAPERS", name)).all();
            putFinished(Stream.concat(DemoBooks.all().stream(), large.stream()).toList());
            DemoBooks.all().forEach(this::put);
            large.forEach(this::put);
        }
    }

    /** What is finished is put down first, so that what is in work was changed later. */
    private void putFinished(List<DemoBooks.DemoBook> demos) {
        for (DemoSeasons.Finished one : DemoSeasons.all()) {
            BookDocument like = demos.stream()
                    .map(DemoBooks.DemoBook::document)
                    .filter(document -> document.name().equals(one.like()))
                    .findFirst()
                    .orElseThrow();
            BookDocument document = DemoSeasons.document(one, like);
            UUID id = books.create(document, "begun").id();
            notebook.keep(id, one.notes(), one.failed(), DemoSeasons.readings(one, document));
            DemoSeasons.stackAtFolds(one, document).ifPresent(mm -> looks.measured(id, LookOver.STACK_AT_FOLDS, mm));
            books.shelvedAt(id, OffsetDateTime.now(clock).minusDays(one.ago()));
        }
    }

    /** The Saturday after next week has begun, in the afternoon. */
    private String saturday() {
        return LocalDate.now(clock)
                .plusDays(7)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY))
                .atTime(14, 0)
                .toString();
    }

    private void put(DemoBooks.DemoBook demo) {
        BookView book = books.create(DemoStock.taken(demo.document(), drawers::idOf), "begun");
        DemoTemplates.of(demo.document().name())
                .ifPresent(label -> templates.keep(book.id(), label.name(), label.notes(), label.ink()));
        if (demo.document().use().copies() > 1) {
            copies.tick(book.id(), List.of(1, 2, 3, 4), CopyStage.SEWN, true);
        }
        if (demo.step() > 0) {
            places.keep(book.id(), demo.step(), false);
            days.left(book.id());
        }
        DemoTexts.of(demo.document().name()).ifPresent(text -> texts.keep(book.id(), text.name(), text.drawing()));
        DemoDays.of(demo.document().name()).ifPresent(ahead -> days.wantIn(book.id(), ahead));
        DemoClasses.of(demo.document().name(), book.id(), saturday()).ifPresent(courses::begin);
        if (demo.onShelf()) {
            books.shelve(book.id(), true);
        }
    }
}
