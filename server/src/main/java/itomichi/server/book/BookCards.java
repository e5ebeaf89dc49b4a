package itomichi.server.book;

import itomichi.book.BookPlan;
import itomichi.finding.Stage;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.SewingStep;
import itomichi.path.Strand;
import itomichi.path.Strands;
import itomichi.plan.CoverPlan;
import itomichi.plan.SewingPlan;
import itomichi.server.document.BookDocument;
import itomichi.server.document.Dye;
import itomichi.server.plan.HolesView;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView;
import itomichi.server.plan.PlanViews;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Stands books on the bench. */
final class BookCards {

    private BookCards() {}

    static BookCard of(StoredBook book) {
        BookPlan plan = PlanViews.plan(book.document());
        return of(book, plan, PlanViews.of(book.document(), plan));
    }

    /** The card of a book whose plan is known. */
    static BookCard of(StoredBook book, BookPlan plan, PlanView view) {
        BookDocument document = book.document();
        boolean sewn = document.done().contains(Stage.SEW);
        boolean punched = document.done().contains(Stage.TEMPLATE);
        // a soft cover is sewn on; another is there once it is said to be
        boolean covered = plan.coverSize().isPresent() || document.done().contains(Stage.COVER);
        CoverPlan.Closed closed = plan.covering().closed();
        @Nullable HolesView holes = view.holes();
        List<Strand> strands = plan.sewing()
                .map(sewing -> strands(sewing, sewn ? Integer.MAX_VALUE : book.step()))
                .orElse(List.of());
        return new BookCard(
                book.id(),
                book.version(),
                document.name(),
                document.purpose(),
                book.onShelf(),
                covered ? closed.width().mm() : document.leaf().widthMm(),
                covered ? closed.height().mm() : document.leaf().heightMm(),
                covered ? closed.thickness().mm() : view.block().spineMm(),
                InUnits.of(Phrase.of(
                        "{} × {}, {} thick",
                        plan.spec().leaf().width().at(Fineness.CUT),
                        plan.spec().leaf().height().at(Fineness.CUT),
                        Length.ofMm(view.block().spineMm()).at(Fineness.BUNDLE))),
                punched && holes != null ? holes.stations() : List.of(),
                plan.sewing()
                        .map(sewing -> spineThread(sewing, strands, view.block().spineMm()))
                        .orElse(List.of()),
                frontThread(strands),
                covered ? closed.stuff().orElse(null) : null,
                covered ? colour(document, closed) : null,
                !covered || closed.spineSeen(),
                view.next().stage(),
                view.next().finished(),
                document.done(),
                next(book, view));
    }

    /** The card of a book of which nothing can be worked out: what was told of it. */
    static BookCard unplanned(StoredBook book) {
        BookDocument document = book.document();
        Phrase size = Phrase.of(
                "{} × {}",
                Length.ofMm(document.leaf().widthMm()).at(Fineness.CUT),
                Length.ofMm(document.leaf().heightMm()).at(Fineness.CUT));
        return new BookCard(
                book.id(),
                book.version(),
                document.name(),
                document.purpose(),
                book.onShelf(),
                document.leaf().widthMm(),
                document.leaf().heightMm(),
                1,
                InUnits.of(size),
                List.of(),
                List.of(),
                List.of(),
                null,
                null,
                true,
                Stage.PURPOSE,
                false,
                document.done(),
                InUnits.of(Phrase.of("Cannot be planned as it is")));
    }

    /** More pieces than these cannot be told apart on a spine so small. */
    private static final int MOST_PIECES = 1500;

    /** The thread that is sewn so far. */
    private static List<Strand> strands(SewingPlan sewing, int steps) {
        return steps == 0
                ? List.of()
                : Strands.bySteps(SewingStep.of(sewing.path()), sewing.frame()).stream()
                        .limit(steps)
                        .flatMap(List::stream)
                        .toList();
    }

    private static List<List<Double>> spineThread(SewingPlan sewing, List<Strand> strands, double spineMm) {
        // seen from outside with the head up, the front of the book is at the right
        double rightMm = sewing.frame()
                .match(fold -> (spineMm + fold.layer(fold.signatures()).across().mm()) / 2, block -> spineMm);
        return pieces(strands, Set.of(Strand.View.OUTSIDE, Strand.View.SPINE), point -> rightMm - point.acrossMm());
    }

    /** Of a block that is sewn through its side: what lies on its front. */
    private static List<List<Double>> frontThread(List<Strand> strands) {
        return pieces(strands, Set.of(Strand.View.FRONT), Strand.Point::acrossMm);
    }

    private static List<List<Double>> pieces(
            List<Strand> strands, Set<Strand.View> views, ToDoubleFunction<Strand.Point> across) {
        return strands.stream()
                .filter(strand -> views.contains(strand.view()))
                .limit(MOST_PIECES)
                .map(strand -> strand.points().stream()
                        .flatMap(point -> Stream.of(across.applyAsDouble(point), point.alongMm()))
                        .toList())
                .toList();
    }

    /** The colour of the sheet that what is seen was cut from. */
    private static @Nullable Dye colour(BookDocument document, CoverPlan.Closed closed) {
        for (BookDocument.CoverStock stock : document.covering().stocks()) {
            if (closed.stuff().filter(stuff -> stuff == stock.stuff()).isPresent()) {
                return stock.colour();
            }
        }
        return null;
    }

    /** The plan knows what comes next; only the database knows how far the sewing is. */
    private static InUnits next(StoredBook book, PlanView view) {
        PlanView.@Nullable SewingView sewing = view.sewing();
        int steps = sewing == null ? 0 : sewing.steps();
        if (book.onShelf() && view.next().finished()) {
            return InUnits.of(Phrase.of("In use"));
        }
        if (view.next().finished() || view.next().stage() != Stage.SEW || book.step() == 0 || sewing == null) {
            return view.next().words();
        }
        return InUnits.of(
                book.step() < steps
                        ? Phrase.of("Sew on at move {} of {}", book.step() + 1, steps)
                        : Phrase.of("Trim the tails, and say that it is sewn"));
    }
}
