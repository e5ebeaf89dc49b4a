package itomichi.server.bench;

import itomichi.server.bench.BenchNowView.LacksView;
import itomichi.server.bench.BenchNowView.NextTimeView;
import itomichi.server.bench.BenchNowView.RunsShortView;
import itomichi.server.bench.BenchNowView.ThreadLeftView;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.days.DaysService;
import itomichi.server.days.DaysView.AtBench;
import itomichi.server.sewing.SewingPlaces;
import itomichi.server.supply.SupplyService;
import itomichi.server.supply.SupplyView.NeedView;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Gathers what is to be known when one comes to the bench; each is worked out where it belongs. */
@Service
class BenchNow {

    /** More than these are not read in passing; each has a place of its own that shows all. */
    private static final int FIRST = 2;

    private final BookService books;
    private final DaysService days;
    private final SewingPlaces places;
    private final SupplyService supplies;

    BenchNow(BookService books, DaysService days, SewingPlaces places, SupplyService supplies) {
        this.books = books;
        this.days = days;
        this.places = places;
        this.supplies = supplies;
    }

    BenchNowView look() {
        List<NeedView> lacking = supplies.lacking();
        return new BenchNowView(
                days.next().map(BenchNow::next).orElse(null),
                left(),
                new RunsShortView(
                        lacking.stream().limit(FIRST).map(BenchNow::lack).toList(),
                        Math.max(0, lacking.size() - FIRST)));
    }

    private static NextTimeView next(AtBench next) {
        return new NextTimeView(
                next.day(),
                next.today(),
                next.items().stream().limit(FIRST).toList(),
                Math.max(0, next.items().size() - FIRST));
    }

    private List<ThreadLeftView> left() {
        List<ThreadLeftView> left = new ArrayList<>();
        for (StoredBook book : books.begun(FIRST)) {
            book.unlessUnplanned(() -> {
                int moves = places.moves(book.id());
                if (book.step() < moves) {
                    left.add(new ThreadLeftView(book.id(), book.document().name(), book.step() + 1, moves));
                }
            });
        }
        return left;
    }

    private static LacksView lack(NeedView need) {
        return new LacksView(need.name(), need.lacks() == null ? "" : need.lacks());
    }
}
