package itomichi.server.learned;

import itomichi.habit.Habit;
import itomichi.habit.Taught;
import itomichi.learning.Lesson;
import itomichi.learning.Reading;
import itomichi.server.learned.LearnedView.LearnedHabit;
import itomichi.server.learned.LearnedView.LearnedLesson;
import itomichi.server.learned.LearnedView.LearnedNumber;
import itomichi.server.learned.LearnedView.LearnedReading;
import itomichi.server.notebook.FinishedBooks;
import itomichi.server.notebook.FinishedBooks.Finished;
import itomichi.server.plan.InUnits;
import itomichi.server.platform.ProblemException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What finished books teach. */
@Service
class LearnedService {

    private final FinishedBooks books;
    private final LearnedStore store;

    LearnedService(FinishedBooks books, LearnedStore store) {
        this.books = books;
        this.store = store;
    }

    /** What a book says of a habit, and whether that counts. */
    private record Said(Finished book, Reading reading, boolean out) {}

    LearnedView look() {
        FinishedBooks.AllFinished finished = books.all();
        Map<Habit, List<Said>> habits = said(finished.books());
        List<LearnedHabit> views = habits.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<Habit, List<Said>> one) ->
                                one.getKey().kind())
                        .thenComparing(one -> -one.getValue().size())
                        .thenComparing(one -> one.getKey().name()))
                .map(one -> view(one.getKey(), one.getValue()))
                .toList();
        return new LearnedView(views, finished.books().size(), finished.more());
    }

    /** By habit, each in the order in which the books were finished. */
    private Map<Habit, List<Said>> said(List<Finished> books) {
        Map<UUID, Set<String>> out = store.out(books.stream().map(Finished::id).toList());
        Map<Habit, List<Said>> habits = new LinkedHashMap<>();
        for (Finished book : books) {
            for (Reading reading : book.readings()) {
                boolean left = out.getOrDefault(book.id(), Set.of())
                        .contains(reading.habit().key());
                habits.computeIfAbsent(reading.habit(), none -> new ArrayList<>())
                        .add(new Said(book, reading, left));
            }
        }
        return habits;
    }

    private static LearnedHabit view(Habit habit, List<Said> said) {
        Optional<Lesson> lesson = lesson(habit, said);
        return new LearnedHabit(
                habit.key(),
                habit.kind(),
                habit.kind().words(),
                habit.name(),
                number(habit, said.get(said.size() - 1).reading().usual()),
                lesson.filter(Lesson::enough)
                        .map(Lesson::taught)
                        .map(taught -> lesson(habit, taught))
                        .orElse(null),
                said.stream()
                        .map(one -> new LearnedReading(
                                one.book().id(),
                                one.book().name(),
                                one.book().day().toEpochDay(),
                                one.book().dayWords(),
                                number(habit, one.reading().value()),
                                lesson.filter(taught ->
                                                taught.farOff(one.reading().value()))
                                        .isPresent(),
                                one.out()))
                        .toList());
    }

    static LearnedLesson lesson(Habit habit, Taught taught) {
        return new LearnedLesson(
                taught.count(),
                number(habit, taught.middle()),
                number(habit, taught.low()),
                number(habit, taught.high()));
    }

    static LearnedNumber number(Habit habit, double value) {
        return new LearnedNumber(value, InUnits.of(habit.kind().shown(value)));
    }

    /** What is taught of each habit by readings enough, by its key. */
    Map<String, Lesson> lessons() {
        Map<String, Lesson> lessons = new HashMap<>();
        said(books.all().books())
                .forEach((habit, said) -> lesson(habit, said)
                        .filter(Lesson::enough)
                        .ifPresent(lesson -> lessons.put(habit.key(), lesson)));
        return lessons;
    }

    private static Optional<Lesson> lesson(Habit habit, List<Said> said) {
        List<Double> counted = said.stream()
                .filter(one -> !one.out())
                .map(one -> one.reading().value())
                .toList();
        return counted.isEmpty() ? Optional.empty() : Optional.of(Lesson.of(habit.kind(), counted));
    }

    /** Leaves a book's reading of a habit out, or takes it in again. */
    void leaveOut(UUID book, String habit, boolean out) {
        boolean there = books.all().books().stream()
                .filter(one -> one.id().equals(book))
                .flatMap(one -> one.readings().stream())
                .anyMatch(reading -> reading.habit().key().equals(habit));
        if (!there) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "This book says nothing of “" + habit + "”.");
        }
        if (out) {
            store.leaveOut(book, habit);
        } else {
            store.takeIn(book, habit);
        }
    }
}
