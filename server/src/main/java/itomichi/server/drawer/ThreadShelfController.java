package itomichi.server.drawer;

import itomichi.book.BookPlan;
import itomichi.book.ThreadAdvice;
import itomichi.book.ThreadWeighing;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The binder's threads, weighed for a book. */
@RestController
class ThreadShelfController {

    private final DrawerService drawers;

    ThreadShelfController(DrawerService drawers) {
        this.drawers = drawers;
    }

    /**
     * The threads there are.
     *
     * @param range which threads will do, in a sentence
     * @param threads the best first
     */
    record ShelfView(InUnits range, List<WeighedThread> threads) {}

    /** A thread with what speaks for and against it; {@code asFine} says whether it is as thick as the book's. */
    record WeighedThread(
            UUID id,
            String name,
            InUnits diameter,
            InUnits cut,
            boolean taken,
            boolean asFine,
            List<ThreadReason> reasons,
            ThingView.ThreadView thread) {}

    /** A reason; positive, negative, or nought where it is only to be known. */
    record ThreadReason(int weight, InUnits words) {}

    @PostMapping("/api/plan/threads")
    ShelfView shelf(@RequestBody BookDocument document) {
        BookPlan plan = PlanViews.plan(document);
        List<Weighed> weighed = drawers.plain(Drawer.THREADS).stream()
                .map(thing ->
                        new Weighed(thing, ThreadWeighing.weigh(plan, ThingViews.sewingThread(thing), known(thing))))
                .sorted(Comparator.comparingInt((Weighed one) -> -one.advice.weight()))
                .toList();
        return new ShelfView(
                InUnits.of(ThreadWeighing.range(plan)),
                weighed.stream().map(one -> one.view(document)).toList());
    }

    private record Weighed(Thing thing, ThreadAdvice advice) {
        private WeighedThread view(BookDocument document) {
            return new WeighedThread(
                    thing.id(),
                    thing.name(),
                    InUnits.of(advice.diameter().at(Fineness.CALIPER)),
                    InUnits.of(advice.cut().at(Fineness.THREAD)),
                    thing.id().equals(document.thread().drawerId()),
                    advice.asFine(),
                    advice.reasons().stream()
                            .map(reason -> new ThreadReason(reason.weight(), InUnits.of(reason.words())))
                            .toList(),
                    ThingViews.threadOf(thing));
        }
    }

    private static ThreadAdvice.Known known(Thing thing) {
        return new ThreadAdvice.Known(
                number(thing, "leftM").map(metres -> Length.ofMm(metres * 1000)),
                number(thing, "snapN"),
                Optional.ofNullable(thing.particulars().get("finish")).map("WAXED"::equals),
                "LOOSE".equals(thing.particulars().get("twist")));
    }

    private static Optional<Double> number(Thing thing, String key) {
        return thing.particulars().get(key) instanceof Number number
                ? Optional.of(number.doubleValue())
                : Optional.empty();
    }
}
