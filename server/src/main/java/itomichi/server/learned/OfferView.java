package itomichi.server.learned;

import itomichi.finding.Stage;
import itomichi.habit.Habit;
import itomichi.server.document.BookDocument;
import itomichi.server.learned.LearnedView.LearnedLesson;
import itomichi.server.learned.LearnedView.LearnedNumber;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a book is planned by, and what finished books would have it planned by.
 *
 * @param habit key of the habit
 * @param stage where the book is planned by it
 * @param usual what it is planned by where nothing is taken
 * @param taken what was taken into it; left out where nothing was
 * @param newest what the readings teach now; left out where there are too few, or where just that was taken
 * @param taking what taking the newest changes; left out with it
 * @param back what going back to what is usual changes; left out where nothing was taken
 */
record OfferView(
        String habit,
        Habit.Kind kind,
        String kindWords,
        String name,
        Stage stage,
        LearnedNumber usual,
        @Nullable LearnedLesson taken,
        @Nullable LearnedLesson newest,
        @Nullable OfferedChange taking,
        @Nullable OfferedChange back) {

    /**
     * What a press would change.
     *
     * @param document the book as it would then be
     * @param figures those that would read otherwise
     * @param cautions what would be cautioned against that is not now
     */
    record OfferedChange(BookDocument document, List<FigureChange> figures, List<InUnits> cautions) {}

    /** A figure as it is and as it would be. */
    record FigureChange(String label, InUnits before, InUnits after) {}

    /**
     * A book on the bench in which a habit shows.
     *
     * @param version at which it was looked at
     */
    record BookOffer(UUID book, String name, long version, OfferView offer) {}
}
