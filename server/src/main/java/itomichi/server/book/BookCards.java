package itomichi.server.book;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Face;
import itomichi.plan.BookPlan;
import itomichi.plan.Stage;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.HolesView;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView;
import itomichi.server.plan.PlanViews;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Stands books on the bench. */
final class BookCards {

    private BookCards() {}

    static BookCard of(StoredBook book) {
        BookDocument document = book.document();
        BookPlan plan = PlanViews.plan(document);
        PlanView view = PlanViews.of(document, plan);
        boolean sewn = view.next().finished();
        boolean punched = document.done().contains(Stage.TEMPLATE);
        PlanView.@Nullable SewingView sewing = view.sewing();
        @Nullable HolesView holes = view.holes();
        List<PlanView.StitchView> outside = sewing == null
                ? List.of()
                : sewing.steps().stream()
                        .filter(step -> sewn || step.number() <= book.step())
                        .flatMap(step -> step.stitches().stream())
                        .filter(stitch -> stitch.face() == Face.OUTSIDE)
                        .toList();
        return new BookCard(
                book.id(),
                book.version(),
                document.name(),
                document.purpose(),
                book.onShelf(),
                plan.coverSize()
                        .map(size -> size.width().mm() / 2)
                        .orElse(document.leaf().widthMm()),
                plan.coverSize()
                        .map(size -> size.height().mm())
                        .orElse(document.leaf().heightMm()),
                view.block().spineMm()
                        + (document.cover().wanted() ? 2 * document.cover().thicknessMm() : 0),
                InUnits.of(Phrase.of(
                        "{} × {}, {} thick",
                        plan.spec().leaf().width().at(Fineness.CUT),
                        plan.spec().leaf().height().at(Fineness.CUT),
                        Length.ofMm(view.block().spineMm()).at(Fineness.BUNDLE))),
                punched && holes != null ? holes.stations() : List.of(),
                outside,
                view.next().stage(),
                sewn,
                document.done(),
                next(book, view));
    }

    /** The plan knows what comes next; only the database knows how far the sewing is. */
    private static InUnits next(StoredBook book, PlanView view) {
        PlanView.@Nullable SewingView sewing = view.sewing();
        int steps = sewing == null ? 0 : sewing.steps().size();
        if (book.onShelf() && view.next().finished()) {
            return InUnits.of(Phrase.of("Sewn, in use"));
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
