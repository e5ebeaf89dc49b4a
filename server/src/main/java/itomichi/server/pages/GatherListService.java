package itomichi.server.pages;

import itomichi.book.BookPlan;
import itomichi.measure.Unit;
import itomichi.pages.GatherList;
import itomichi.server.book.BookService;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.punching.TickStore;
import itomichi.server.punching.TickStore.Listed;
import itomichi.server.punching.TickStore.OfWhat;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What is gathered of a book, and what of it was ticked off. */
@Service
class GatherListService {

    private final BookService books;
    private final TickStore ticks;

    GatherListService(BookService books, TickStore ticks) {
        this.books = books;
        this.ticks = ticks;
    }

    /**
     * The list.
     *
     * @param ticked lines of it, from 0
     * @param planChanged whether they were ticked on another list than the plan now has
     */
    record GatherListView(List<GatherListLine> lines, List<Integer> ticked, boolean planChanged) {}

    /** A signature: what it is called, from which to which page, what is in it, where its bar stands. */
    record GatherListLine(String name, String pages, String holds, InUnits mark) {}

    /** The list as it is printed. */
    record Printed(String book, GatherList list, List<Integer> ticked, Unit unit) {}

    GatherListView look(UUID id) {
        GatherList list = list(books.stored(id).document());
        return view(list, ticks.ticks(id, listed(list)));
    }

    /**
     * Keeps what is ticked.
     *
     * @throws ProblemException if the list has no such line
     */
    GatherListView keep(UUID id, List<Integer> ticked) {
        GatherList list = list(books.stored(id).document());
        return view(list, ticks.keep(id, listed(list), ticked));
    }

    Printed printed(UUID id) {
        BookDocument document = books.stored(id).document();
        GatherList list = list(document);
        return new Printed(document.name(), list, ticks.ticks(id, listed(list)).ticked(), document.unit());
    }

    private static GatherList list(BookDocument document) {
        BookPlan plan = PlanViews.plan(document);
        return GatherList.of(plan.worked());
    }

    private static Listed listed(GatherList list) {
        String written =
                list.lines().stream().map(line -> line.words().in(Unit.MM)).collect(Collectors.joining("\n"));
        return new Listed(OfWhat.SIGNATURES, list.lines().size(), written);
    }

    private static GatherListView view(GatherList list, TickStore.Ticks ticked) {
        return new GatherListView(
                list.lines().stream()
                        .map(line -> new GatherListLine(
                                line.name(), line.pages(), line.holds(), InUnits.of(line.markWords())))
                        .toList(),
                ticked.ticked(),
                ticked.planChanged());
    }
}
