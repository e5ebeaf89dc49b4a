package itomichi.server.punching;

import itomichi.book.BookPlan;
import itomichi.kept.KeptTemplate;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.server.book.BookService;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import itomichi.server.punching.TickStore.Listed;
import itomichi.server.punching.TickStore.OfWhat;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What was ticked off the holes of a book: on holes in other places they count as ticked on another list. */
@Service
public class PunchingTicks {

    private final TickStore store;
    private final BookService books;

    PunchingTicks(TickStore store, BookService books) {
        this.store = store;
        this.books = books;
    }

    public TickStore.Ticks punched(UUID id) {
        return store.ticks(id, list(id));
    }

    /**
     * Keeps what is ticked.
     *
     * @throws ProblemException if the list has no such line
     */
    public TickStore.Ticks keep(UUID id, List<Integer> ticked) {
        return store.keep(id, list(id), ticked);
    }

    private Listed list(UUID id) {
        BookPlan plan = PlanViews.plan(books.stored(id).document());
        Holes holes = plan.holes()
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Nothing is punched for this structure ("
                                + plan.spec().bound().name() + ")."));
        String lines = holes.list().ticks().stream()
                .map(tick -> tick.words().in(Unit.MM))
                .collect(Collectors.joining("\n"));
        return new Listed(OfWhat.HOLES, holes.list().ticks().size(), KeptTemplate.of(plan) + "\n" + lines);
    }
}
