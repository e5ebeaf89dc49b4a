package itomichi.server.learned;

import itomichi.book.BookPlan;
import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.habit.Habit;
import itomichi.habit.Taught;
import itomichi.learning.BookHabit;
import itomichi.learning.Lesson;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.learned.OfferView.FigureChange;
import itomichi.server.learned.OfferView.OfferedChange;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanViews;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What finished books offer a book, each with what it would change. */
final class Offers {

    private final BookDocument document;
    private final BookPlan plan;
    private final Map<String, Lesson> lessons;
    private final Map<String, Figure> figures;
    private final Set<String> remarks;

    /**
     * What is offered of a habit.
     *
     * @param taken what was taken into the book
     * @param newest what the readings teach now; nothing where there are too few, or where just that was taken
     */
    record Offer(BookHabit known, Optional<Taught> taken, Optional<Taught> newest) {}

    Offers(BookDocument document, Map<String, Lesson> lessons) {
        this.document = document;
        this.plan = PlanViews.plan(document);
        this.lessons = lessons;
        this.figures = plan.figures().stream().collect(Collectors.toMap(Figure::key, figure -> figure));
        this.remarks = plan.remarks().stream().map(Remark::key).collect(Collectors.toSet());
    }

    /** Of the habits of the book that are asked for, those of which something was taken or can be. */
    List<OfferView> of(Predicate<BookHabit> asked) {
        return offers(asked).map(this::view).toList();
    }

    /** What is offered of one habit; nothing where the book does not show it, or nothing can be taken or was. */
    Optional<Offer> about(String habit) {
        return offers(known -> known.habit().key().equals(habit)).findFirst();
    }

    /** The book as a press makes it: planned by the newest, or by what is usual again. */
    BookDocument changed(Offer offer, boolean in) {
        return document.withTaught(
                offer.known().habit().key(),
                in ? offer.newest().map(BookDocuments::document).orElseThrow() : null);
    }

    private Stream<Offer> offers(Predicate<BookHabit> asked) {
        return BookHabit.of(plan).stream()
                .filter(asked)
                .map(this::offer)
                .filter(offer -> offer.taken().isPresent() || offer.newest().isPresent());
    }

    private Offer offer(BookHabit known) {
        Optional<Taught> taken = plan.spec().learned().of(known.habit());
        Optional<Taught> newest = Optional.ofNullable(lessons.get(known.habit().key()))
                .map(Lesson::taught)
                .filter(lesson -> taken.filter(lesson::equals).isEmpty());
        return new Offer(known, taken, newest);
    }

    private OfferView view(Offer offer) {
        BookHabit known = offer.known();
        Habit habit = known.habit();
        return new OfferView(
                habit.key(),
                habit.kind(),
                habit.kind().words(),
                habit.name(),
                known.stage(),
                LearnedService.number(habit, known.usual()),
                offer.taken()
                        .map(taught -> LearnedService.lesson(habit, taught))
                        .orElse(null),
                offer.newest()
                        .map(taught -> LearnedService.lesson(habit, taught))
                        .orElse(null),
                offer.newest().map(taught -> change(changed(offer, true))).orElse(null),
                offer.taken().map(taught -> change(changed(offer, false))).orElse(null));
    }

    private OfferedChange change(BookDocument changed) {
        BookPlan after = PlanViews.plan(changed);
        return new OfferedChange(changed, figures(after), cautions(after));
    }

    private List<FigureChange> figures(BookPlan after) {
        List<FigureChange> changes = new ArrayList<>();
        for (Figure figure : after.figures()) {
            Figure before = figures.get(figure.key());
            if (before != null && !before.in(Unit.MM).equals(figure.in(Unit.MM))) {
                changes.add(new FigureChange(figure.label(), InUnits.of(before), InUnits.of(figure)));
            }
        }
        return changes;
    }

    private List<InUnits> cautions(BookPlan after) {
        return after.remarks().stream()
                .filter(remark -> remark.weight() != Remark.Weight.NOTE && !remarks.contains(remark.key()))
                .map(Remark::words)
                .map((Phrase words) -> InUnits.of(words))
                .toList();
    }
}
