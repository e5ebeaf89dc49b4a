package itomichi.server.course;

import itomichi.book.BookPlan;
import itomichi.course.Course;
import itomichi.course.CourseChange;
import itomichi.course.Kit;
import itomichi.documents.sheets.KitSheet;
import itomichi.documents.sheets.LabelSheet;
import itomichi.documents.sheets.TemplateKind;
import itomichi.documents.sheets.TemplateSheet;
import itomichi.measure.Unit;
import itomichi.schedule.WorkTime;
import itomichi.server.book.BookService;
import itomichi.server.book.Remembered;
import itomichi.server.book.StoredBook;
import itomichi.server.course.CourseStore.Stored;
import itomichi.server.course.CourseView.CourseLine;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.LooksView;
import itomichi.server.platform.ProblemException;
import itomichi.server.supply.AmountView;
import itomichi.server.supply.Amounts;
import itomichi.server.supply.SupplyService;
import itomichi.server.template.ServedTemplates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Classes, worked out from their books as these now are. */
@Service
public class CourseService {

    private final CourseStore store;
    private final BookService books;
    private final Amounts amounts;
    private final SupplyService supplies;
    private final CourseKeeping keeping;
    /** Every structure may be tried for them: of classes that were looked at lately they are kept. */
    private final Remembered<From, List<CourseChange>> changes = new Remembered<>(50);

    CourseService(
            CourseStore store, BookService books, Amounts amounts, SupplyService supplies, CourseKeeping keeping) {
        this.store = store;
        this.books = books;
        this.amounts = amounts;
        this.supplies = supplies;
        this.keeping = keeping;
    }

    List<CourseLine> all() {
        List<Stored> all = store.all();
        List<UUID> made =
                all.stream().map(one -> one.document().bookId()).distinct().toList();
        Map<UUID, LooksView> looks = books.looks(made);
        Map<UUID, String> names = books.all(made).stream()
                .collect(
                        Collectors.toMap(StoredBook::id, book -> book.document().name()));
        return all.stream()
                .map(one -> new CourseLine(
                        one.id(),
                        one.document().name(),
                        one.document().begins(),
                        Objects.requireNonNull(names.get(one.document().bookId())),
                        one.document().people(),
                        looks.get(one.document().bookId())))
                .toList();
    }

    /**
     * A class with its book.
     *
     * @param made the book as it is made in the class
     */
    record Worked(Stored stored, StoredBook book, Course course, BookDocument made, List<AmountView> amounts) {}

    /** A book as a class makes it: other thread is not out of the drawer that the book's own is out of. */
    static BookDocument made(StoredBook book, Course course) {
        return BookDocuments.changed(book.document(), course.plan().spec());
    }

    /** What changes are worked out from. */
    private record From(CourseDocument document, BookDocument book) {}

    private Stored stored(UUID id) {
        return store.one(id).orElseThrow(() -> new ProblemException(HttpStatus.NOT_FOUND, "There is no such class."));
    }

    Worked worked(UUID id) {
        return worked(stored(id));
    }

    private Worked worked(Stored stored) {
        StoredBook book = books.stored(stored.document().bookId());
        Course course = Course.of(stored.document().wish(BookDocuments.spec(book.document())));
        Unit unit = book.document().unit();
        List<AmountView> all = new ArrayList<>();
        course.uncut()
                .forEach(sheets ->
                        all.add(new AmountView(sheets.what().in(unit), Integer.toString(sheets.number()), null, null)));
        BookDocument made = made(book, course);
        all.addAll(amounts.views(made, course.used()));
        return new Worked(stored, book, course, made, all);
    }

    CourseView look(UUID id) {
        return view(worked(id));
    }

    /** Begins a class; one that cannot be worked out is not kept. */
    public CourseView begin(CourseDocument document) {
        UUID id = UUID.randomUUID();
        Worked worked = worked(new Stored(id, document, null));
        store.insert(id, document);
        return view(worked);
    }

    CourseView keep(UUID id, CourseDocument document) {
        CourseView view = view(worked(new Stored(id, document, stored(id).act())));
        store.keep(id, document);
        return view;
    }

    private CourseView view(Worked worked) {
        Stored stored = worked.stored();
        UUID act = stored.act();
        List<CourseChange> helpful = changes.of(
                stored.id(),
                new From(stored.document(), worked.book().document()),
                () -> CourseChange.of(worked.course()));
        return CourseViews.of(worked, helpful, act != null && supplies.stands(act));
    }

    /** Takes what all kits hold out of the drawers. */
    CourseView take(UUID id) {
        Worked worked = worked(id);
        keeping.take(
                id,
                worked.stored().document().bookId(),
                worked.made(),
                worked.course().used());
        return look(id);
    }

    void remove(UUID id) {
        stored(id);
        store.delete(id);
    }

    /** What is on the labels of the envelopes. */
    record Labels(String name, List<LabelSheet.Label> labels) {}

    Labels labels(UUID id) {
        Worked worked = worked(id);
        Unit unit = worked.book().document().unit();
        String name = worked.stored().document().name();
        String holds = String.join(
                "; ",
                worked.course().kit().envelope().stream()
                        .map(item -> told(item, unit))
                        .toList());
        int kits = worked.course().wish().kits();
        return new Labels(
                name,
                IntStream.rangeClosed(1, kits)
                        .mapToObj(number -> new LabelSheet.Label(
                                name,
                                List.of(
                                        "kit " + number + " of " + kits,
                                        worked.book().document().name()),
                                holds))
                        .toList());
    }

    private static String told(Kit.Item item, Unit unit) {
        return (item.number() == 1 ? "" : item.number() + " × ") + item.what().in(unit);
    }

    /** A book as it is sewn in a class. */
    record Sewn(String name, BookPlan plan) {}

    /** Its templates: as often as the page has room, for there is one in each envelope. */
    TemplateSheet templates(UUID id, LocalDate today, String address) {
        Worked worked = worked(id);
        BookPlan plan = worked.course().plan();
        List<TemplateKind> served = ServedTemplates.of(plan);
        return new TemplateSheet(
                plan, served.subList(0, 1), false, 1, true, today, worked.book().revision(), Optional.of(address));
    }

    Sewn sewn(UUID id) {
        Worked worked = worked(id);
        BookPlan plan = worked.course().plan();
        if (plan.sewing().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "As it is, “" + worked.book().document().name()
                            + "” cannot be sewn; the remarks at the book say why.");
        }
        return new Sewn(worked.stored().document().name(), plan);
    }

    /** What is on the list of a class. */
    record Listed(String name, KitSheet.Listing listing) {}

    /** @param address of the class at this bench */
    Listed listed(UUID id, String address) {
        Worked worked = worked(id);
        CourseDocument document = worked.stored().document();
        Unit unit = worked.book().document().unit();
        Course course = worked.course();
        List<String> heading = new ArrayList<>();
        heading.add(worked.book().document().name() + "; " + document.people()
                + (document.people() == 1 ? " person, " : " people, ")
                + document.minutes() + " minutes"
                + (document.begins() == null ? "" : ", " + document.begins().replace('T', ' ')));
        if (!document.brings().isBlank()) {
            heading.add("Everybody brings: " + document.brings());
        }
        heading.add(course.caution());
        return new Listed(
                document.name(),
                new KitSheet.Listing(
                        document.name(),
                        heading,
                        address,
                        List.of(
                                new KitSheet.Section(
                                        "In each of " + course.wish().kits() + " envelopes",
                                        course.kit().envelope().stream()
                                                .map(item -> told(item, unit))
                                                .toList()),
                                new KitSheet.Section(
                                        "On " + course.wish().tables()
                                                + (course.wish().tables() == 1 ? " table" : " tables together"),
                                        course.kit().tables().stream()
                                                .map(item -> item.number() + " × "
                                                        + item.what().in(unit))
                                                .toList()),
                                new KitSheet.Section(
                                        "Before the class, " + WorkTime.told(course.before()),
                                        course.steps(true).stream()
                                                .map(step -> step.words().in(unit))
                                                .toList()),
                                new KitSheet.Section(
                                        "To get ready for it",
                                        worked.amounts().stream()
                                                .map(amount -> amount.amount() + " " + amount.name()
                                                        + (amount.have() == null
                                                                ? ""
                                                                : " (there: " + amount.have() + ")"))
                                                .toList()))));
    }
}
