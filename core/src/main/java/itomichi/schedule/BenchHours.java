package itomichi.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * When there is a hand at the bench, and how much can lie at once.
 *
 * @param zone where the bench stands
 * @param week the hours of each weekday, in their order; a day that is not there has none
 * @param off days on which nobody is at the bench
 * @param presses how many books lie in presses or under weights at once
 * @param boards how many pairs of pressing boards there are
 */
public record BenchHours(ZoneId zone, Map<DayOfWeek, List<Span>> week, Set<LocalDate> off, int presses, int boards) {

    /** More hours than that in one day are not told apart. */
    public static final int MOST_SPANS = 6;
    /** A bench with more presses is planned as one with so many. */
    public static final int MOST_AT_ONCE = 99;

    /**
     * From one time of the day to another.
     *
     * @param from when it begins
     * @param to when it ends, after it began
     */
    public record Span(LocalTime from, LocalTime to) {
        /** @throws IllegalArgumentException if it ends before it begins */
        public Span {
            if (!from.isBefore(to)) {
                throw new IllegalArgumentException(
                        "Hours from " + from + " to " + to + ": they end before they begin.");
            }
        }
    }

    /**
     * @throws IllegalArgumentException if hours of a day overlap, if there are too many, if nothing can lie anywhere; its message is one line
     *     for the screen
     */
    public BenchHours {
        Map<DayOfWeek, List<Span>> sorted = new EnumMap<>(DayOfWeek.class);
        week.forEach((day, spans) -> {
            if (!spans.isEmpty()) {
                sorted.put(day, checked(spans));
            }
        });
        week = Map.copyOf(sorted);
        off = Set.copyOf(off);
        atOnce(presses, "Books under a weight at once");
        atOnce(boards, "Pairs of pressing boards");
    }

    private static List<Span> checked(List<Span> spans) {
        List<Span> sorted =
                spans.stream().sorted(Comparator.comparing(Span::from)).toList();
        if (sorted.size() > MOST_SPANS) {
            throw new IllegalArgumentException(
                    "Read " + sorted.size() + " times of one day; up to " + MOST_SPANS + " are taken.");
        }
        for (int i = 1; i < sorted.size(); i++) {
            if (sorted.get(i).from().isBefore(sorted.get(i - 1).to())) {
                throw new IllegalArgumentException("Hours from " + sorted.get(i).from() + " begin before those until "
                        + sorted.get(i - 1).to() + " end.");
            }
        }
        return sorted;
    }

    private static void atOnce(int number, String what) {
        if (number < 1 || number > MOST_AT_ONCE) {
            throw new IllegalArgumentException(
                    what + ": read " + number + "; from 1 to " + MOST_AT_ONCE + " are taken.");
        }
    }

    /** Whether anybody is ever at the bench. */
    public boolean any() {
        return !week.isEmpty();
    }

    /** The hours of a day. */
    List<Span> on(LocalDate day) {
        return off.contains(day) ? List.of() : week.getOrDefault(day.getDayOfWeek(), List.of());
    }
}
