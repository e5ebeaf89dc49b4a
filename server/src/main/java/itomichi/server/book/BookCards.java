package itomichi.server.book;

import itomichi.book.BookPlan;
import itomichi.finding.Stage;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.Looks;
import itomichi.server.plan.PlanView;
import itomichi.server.plan.PlanViews;
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
        return new BookCard(
                book.id(),
                book.version(),
                document.name(),
                document.purpose(),
                book.onShelf(),
                InUnits.of(Phrase.of(
                        "{} × {}, {} thick",
                        plan.spec().leaf().width().at(Fineness.CUT),
                        plan.spec().leaf().height().at(Fineness.CUT),
                        Length.ofMm(view.block().spineMm()).at(Fineness.BUNDLE))),
                Looks.of(document, plan, view.holes(), book.step()),
                view.next().stage(),
                view.next().finished(),
                document.done(),
                next(book, view));
    }

    /** The card of a book of which nothing can be worked out: what was told of it. */
    static BookCard unplanned(StoredBook book) {
        BookDocument document = book.document();
        return new BookCard(
                book.id(),
                book.version(),
                document.name(),
                document.purpose(),
                book.onShelf(),
                InUnits.of(Phrase.of(
                        "{} × {}",
                        Length.ofMm(document.leaf().widthMm()).at(Fineness.CUT),
                        Length.ofMm(document.leaf().heightMm()).at(Fineness.CUT))),
                Looks.unplanned(document),
                Stage.PURPOSE,
                false,
                document.done(),
                InUnits.of(Phrase.of("Cannot be planned as it is")));
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
