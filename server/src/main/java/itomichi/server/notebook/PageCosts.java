package itomichi.server.notebook;

import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.notebook.Entry;
import itomichi.notebook.NotebookPage;
import itomichi.plan.UsedUp;
import itomichi.schedule.WorkTime;
import itomichi.server.document.BookDocument;
import itomichi.server.drawer.DrawerService;
import itomichi.server.drawer.StockThing;
import itomichi.server.notebook.PageView.PageCost;
import itomichi.server.plan.InUnits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What a book took in paper, thread and time, and what that costs where prices are known. */
@Component
class PageCosts {

    private static final double MM_PER_METRE = 1000;

    private final DrawerService drawers;

    PageCosts(DrawerService drawers) {
        this.drawers = drawers;
    }

    List<PageCost> of(ReadPage read) {
        List<PageCost> costs = new ArrayList<>();
        BookDocument document = read.book().document();
        UsedUp used = UsedUp.of(read.plan().worked());
        for (UsedUp.PaperUse paper : used.papers()) {
            BookDocument.Paper of = paper.paper() == 0
                    ? document.paper()
                    : document.otherPapers().get(paper.paper() - 1);
            costs.add(new PageCost(
                    of.name(),
                    InUnits.of(Phrase.of(paper.sheets() == 1 ? "{} sheet" : "{} sheets", paper.sheets())),
                    price(of).map(each -> each * paper.sheets()).orElse(null)));
        }
        used.thread().ifPresent(planned -> {
            double mm = read.came(NotebookPage.THREAD_CUT).orElse(planned.mm())
                    - read.came(NotebookPage.THREAD_LEFT).orElse(0);
            costs.add(new PageCost(
                    document.thread().name(),
                    InUnits.of(Quantity.of(Length.ofMm(Math.max(0, mm)), Fineness.THREAD)),
                    price(document.thread())
                            .map(metre -> metre * Math.max(0, mm) / MM_PER_METRE)
                            .orElse(null)));
        });
        long minutes = Math.round(read.lines().stream()
                .filter(line -> line.group() == Entry.Group.MINUTES)
                .mapToDouble(line -> line.came().orElse(0))
                .sum());
        if (minutes > 0) {
            costs.add(new PageCost("At the bench", InUnits.of(Phrase.of(WorkTime.told(minutes))), null));
        }
        return costs;
    }

    /** The price of a metre of thread, where the drawer says what a spool costs and holds. */
    private Optional<Double> price(BookDocument.Thread thread) {
        return Optional.ofNullable(thread.drawerId()).flatMap(drawers::stock).flatMap(StockThing::priceOfOne);
    }

    /** The price of a sheet: as the drawer says, else as the book does. */
    private Optional<Double> price(BookDocument.Paper paper) {
        return Optional.ofNullable(paper.drawerId())
                .flatMap(drawers::stock)
                .flatMap(StockThing::priceOfOne)
                .or(() -> Optional.ofNullable(paper.stock()).flatMap(stock -> Optional.ofNullable(stock.price())));
    }
}
