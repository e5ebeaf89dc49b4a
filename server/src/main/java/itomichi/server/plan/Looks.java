package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.book.OnBench;
import itomichi.cover.PieceStuff;
import itomichi.finding.Stage;
import itomichi.path.SewingStep;
import itomichi.path.Strand;
import itomichi.path.Strands;
import itomichi.plan.CoverPlan;
import itomichi.plan.SewingPlan;
import itomichi.server.document.BookDocument;
import itomichi.server.document.Dye;
import itomichi.server.plan.LooksView.ClosedView;
import itomichi.server.plan.LooksView.PileView;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Shows a book from outside. */
public final class Looks {

    private Looks() {}

    /**
     * How a book looks that is planned so.
     *
     * @param step so many moves are sewn
     */
    public static LooksView of(BookDocument document, BookPlan plan, @Nullable HolesView holes, int step) {
        OnBench lies = OnBench.of(plan);
        double spineMm = plan.covering().base().block().spine().planned().mm();
        int sewn = document.done().contains(Stage.SEW) ? Integer.MAX_VALUE : step;
        Seen spine = plan.sewing()
                .map(sewing -> seen(sewing, sewn, SPINE, fromLeft(sewing, spineMm)))
                .orElse(Seen.NOTHING);
        Seen front = plan.sewing()
                .map(sewing -> seen(sewing, sewn, FRONT, Strand.Point::acrossMm))
                .orElse(Seen.NOTHING);
        return new LooksView(
                lies.made(),
                PileView.of(lies.sheets()),
                PileView.of(lies.block()),
                closed(document, lies.closed()),
                plan.gathered().signatures(),
                holes == null ? List.of() : holes.stations(),
                document.done().contains(Stage.TEMPLATE),
                spine.pieces(),
                spine.sewn(),
                front.pieces(),
                front.sewn());
    }

    private static ClosedView closed(BookDocument document, CoverPlan.Closed closed) {
        return new ClosedView(
                closed.width().mm(),
                closed.height().mm(),
                closed.thickness().mm(),
                closed.stuff().orElse(null),
                closed.stuff().map(stuff -> dye(document, stuff)).orElse(null),
                closed.spineSeen());
    }

    /** A book of which nothing can be worked out: one leaf. */
    public static LooksView unplanned(BookDocument document) {
        double widthMm = document.leaf().widthMm();
        double heightMm = document.leaf().heightMm();
        PileView leaf = new PileView(widthMm, heightMm, 1);
        return new LooksView(
                OnBench.Made.PLANNED,
                leaf,
                leaf,
                new ClosedView(widthMm, heightMm, 1, null, null, true),
                1,
                List.of(),
                false,
                List.of(),
                0,
                List.of(),
                0);
    }

    /** More pieces than these cannot be told apart on a spine so small. */
    private static final int MOST_PIECES = 1500;

    private static final Set<Strand.View> SPINE = Set.of(Strand.View.OUTSIDE, Strand.View.SPINE);
    /** Of a block that is sewn through its side: what lies on its front. */
    private static final Set<Strand.View> FRONT = Set.of(Strand.View.FRONT);

    /**
     * Thread that is seen from one side.
     *
     * @param sewn so many pieces, the first of them, are sewn
     */
    private record Seen(List<List<Double>> pieces, int sewn) {
        private static final Seen NOTHING = new Seen(List.of(), 0);
    }

    private static Seen seen(
            SewingPlan sewing, int steps, Set<Strand.View> views, ToDoubleFunction<Strand.Point> across) {
        List<List<Strand>> bySteps = Strands.bySteps(SewingStep.of(sewing.path()), sewing.frame());
        List<List<Double>> pieces = bySteps.stream()
                .flatMap(List::stream)
                .filter(strand -> views.contains(strand.view()))
                .limit(MOST_PIECES)
                .map(strand -> strand.points().stream()
                        .flatMap(point -> Stream.of(tenth(across.applyAsDouble(point)), tenth(point.alongMm())))
                        .toList())
                .toList();
        long sewn = bySteps.stream()
                .limit(steps)
                .flatMap(List::stream)
                .filter(strand -> views.contains(strand.view()))
                .count();
        return new Seen(pieces, (int) Math.min(pieces.size(), sewn));
    }

    /** Nothing smaller is seen in a drawing so small. */
    private static double tenth(double mm) {
        return Math.round(mm * 10) / 10.0;
    }

    /** Seen from outside with the head up, the front of the book is at the right. */
    private static ToDoubleFunction<Strand.Point> fromLeft(SewingPlan sewing, double spineMm) {
        double rightMm = sewing.frame()
                .match(fold -> (spineMm + fold.layer(fold.signatures()).across().mm()) / 2, block -> spineMm);
        return point -> rightMm - point.acrossMm();
    }

    /** The colour of the sheet that pieces of a cover are cut from; nothing where that is not known. */
    static @Nullable Dye dye(BookDocument document, PieceStuff stuff) {
        for (BookDocument.CoverStock stock : document.covering().stocks()) {
            if (stuff == stock.stuff()) {
                return stock.colour();
            }
        }
        return null;
    }
}
