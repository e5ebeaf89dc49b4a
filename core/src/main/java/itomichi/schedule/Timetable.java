package itomichi.schedule;

import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * When what is done on which book; minutes by the clock are counted since 1970 in universal time.
 *
 * @param books what is planned of each book, by its name
 */
public record Timetable(Map<String, Book> books) {

    public Timetable {
        books = Map.copyOf(books);
    }

    /**
     * Time by the clock without a break.
     *
     * @param from its first minute
     * @param to the minute after its last
     */
    public record Stretch(long from, long to) {
        public long minutes() {
            return to - from;
        }
    }

    /**
     * A step in its place.
     *
     * @param task the step
     * @param hands when a hand is on it, in the order of time; one that takes no minutes has none
     * @param ends when the last hand leaves it, and it lies
     * @param ready when what waits on it may begin
     */
    public record Planned(Task task, List<Stretch> hands, long ends, long ready) {
        public Planned {
            hands = List.copyOf(hands);
        }

        /** When the first hand is on it. */
        public long begins() {
            return hands.isEmpty() ? ends : hands.get(0).from();
        }
    }

    /**
     * A book's steps in their places.
     *
     * @param steps in the order in which they are done
     * @param ready when the last of them is done and has lain; nothing where nothing is left to do
     * @param lateMinutes how much later than wanted that is; 0 where it is in time
     */
    public record Book(List<Planned> steps, OptionalLong ready, long lateMinutes) {
        public Book {
            steps = List.copyOf(steps);
        }
    }

    /** How much later than wanted all books are together, minutes. */
    public long lateMinutes() {
        return books.values().stream().mapToLong(Book::lateMinutes).sum();
    }
}
