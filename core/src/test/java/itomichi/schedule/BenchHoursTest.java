package itomichi.schedule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.expectThrows;

import itomichi.schedule.BenchHours.Span;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** When there is a hand at the bench, and what cannot be such hours. */
public class BenchHoursTest {

    private static Span span(int from, int to) {
        return new Span(LocalTime.of(from, 0), LocalTime.of(to, 0));
    }

    private static BenchHours monday(Span... spans) {
        return new BenchHours(Benches.ZONE, Map.of(DayOfWeek.MONDAY, List.of(spans)), Set.of(), 1, 1);
    }

    private static String refusal(Runnable told) {
        return String.valueOf(
                expectThrows(IllegalArgumentException.class, told::run).getMessage());
    }

    @Test
    public void hoursOfADayComeInTheirOrderHoweverTheyAreTold() {
        assertEquals(monday(span(19, 21), span(14, 16)).on(Benches.MONDAY), List.of(span(14, 16), span(19, 21)));
    }

    @Test
    public void anotherWeekdayHasNoHours() {
        assertEquals(monday(span(19, 21)).on(Benches.MONDAY.plusDays(1)), List.of());
    }

    @Test
    public void aDayOffHasNone() {
        BenchHours hours = new BenchHours(
                Benches.ZONE, Map.of(DayOfWeek.MONDAY, List.of(span(19, 21))), Set.of(Benches.MONDAY), 1, 1);
        assertEquals(hours.on(Benches.MONDAY), List.of());
        assertEquals(hours.on(LocalDate.of(2026, 12, 7)), List.of(span(19, 21)));
    }

    @Test
    public void aWeekOfEmptyDaysIsNoHours() {
        assertFalse(monday().any());
    }

    @Test
    public void hoursThatLieOverEachOtherAreRefused() {
        assertEquals(
                refusal(() -> monday(span(18, 20), span(19, 21))),
                "Hours from 19:00 begin before those until 20:00 end.");
    }

    /** One may begin when another ends. */
    @Test
    public void hoursThatFollowEachOtherAreTaken() {
        assertEquals(monday(span(18, 19), span(19, 20)).on(Benches.MONDAY).size(), 2);
    }

    @Test
    public void hoursThatEndAsTheyBeginAreRefused() {
        assertEquals(refusal(() -> span(19, 19)), "Hours from 19:00 to 19:00: they end before they begin.");
    }

    @Test
    public void moreThanSixTimesOfADayAreRefused() {
        Span[] seven =
                IntStream.range(0, 7).mapToObj(i -> span(2 * i, 2 * i + 1)).toArray(Span[]::new);
        assertEquals(refusal(() -> monday(seven)), "Read 7 times of one day; up to 6 are taken.");
    }

    @DataProvider
    Object[][] places() {
        return new Object[][] {{0, 1}, {100, 1}, {1, 0}, {1, -4}};
    }

    @Test(dataProvider = "places")
    public void aBenchOnWhichNothingCanLieIsRefused(int presses, int boards) {
        String line = refusal(() -> new BenchHours(Benches.ZONE, Map.of(), Set.of(), presses, boards));
        assertEquals(line.replaceAll(".*; ", ""), "from 1 to 99 are taken.");
    }
}
