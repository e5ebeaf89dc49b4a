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
import org.jspecify.annotations.Nullable;

/** What finished books offer a book, each with what it would change. */
final class Offers {

    private final BookDocument document;
    private final BookPlan plan;
    private final Map<String, Lesson> lessons;

    Offers(BookDocument document, Map<String, Lesson> lessons) {
        this.document = document;
        this.plan = PlanViews.plan(document);
        this.lessons = lessons;
    }

    /** Of the habits of the book that are asked for, those of which something was taken or can be. */
    List<OfferView> of(Predicate<BookHabit> asked) {
        return BookHabit.of(plan).stream()
                .filter(asked)
                .flatMap(known -> view(known).stream())
                .toList();
    }

    private Optional<OfferView> view(BookHabit known) {
        Habit habit = known.habit();
        Optional<Taught> taken = plan.spec().learned().of(habit);
        Optional<Taught> newest = Optional.ofNullable(lessons.get(habit.key()))
                .map(Lesson::taught)
                .filter(lesson -> taken.filter(lesson::equals).isEmpty());
        if (taken.isEmpty() && newest.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new OfferView(
                habit.key(),
                habit.kind(),
                habit.kind().words(),
                habit.name(),
                known.stage(),
                LearnedService.number(habit, known.usual()),
                taken.map(taught -> LearnedService.lesson(habit, taught)).orElse(null),
                newest.map(taught -> LearnedService.lesson(habit, taught)).orElse(null),
                newest.map(taught -> change(habit, BookDocuments.document(taught)))
                        .orElse(null),
                taken.map(taught -> change(habit, null)).orElse(null)));
    }

    private OfferedChange change(Habit habit, BookDocument.@Nullable Taught taught) {
        BookDocument changed = document.withTaught(habit.key(), taught);
        BookPlan after = PlanViews.plan(changed);
        return new OfferedChange(changed, figures(after), cautions(after));
    }

    private List<FigureChange> figures(BookPlan after) {
        Map<String, Figure> now = plan.figures().stream().collect(Collectors.toMap(Figure::key, figure -> figure));
        List<FigureChange> changes = new ArrayList<>();
        for (Figure figure : after.figures()) {
            Figure before = now.get(figure.key());
            if (before != null && !before.in(Unit.MM).equals(figure.in(Unit.MM))) {
                changes.add(new FigureChange(figure.label(), InUnits.of(before), InUnits.of(figure)));
            }
        }
        return changes;
    }

    private List<InUnits> cautions(BookPlan after) {
        Set<String> now = plan.remarks().stream().map(Remark::key).collect(Collectors.toSet());
        return after.remarks().stream()
                .filter(remark -> remark.weight() != Remark.Weight.NOTE && !now.contains(remark.key()))
                .map(Remark::words)
                .map((Phrase words) -> InUnits.of(words))
                .toList();
    }
}
