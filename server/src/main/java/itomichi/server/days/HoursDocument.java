package itomichi.server.days;

import static itomichi.server.platform.Sent.given;

import itomichi.schedule.BenchHours;
import itomichi.spec.UnfitValueException;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * When there is a hand at the bench, as it travels and is kept.
 *
 * @param zone where the bench stands, for instance {@code Europe/Berlin}; left out where the machine says it
 * @param week hours by weekday
 * @param off days on which nobody is at the bench, for instance {@code 2026-12-24}
 * @param presses how many books lie in presses or under weights at once
 * @param boards how many pairs of pressing boards there are
 */
record HoursDocument(@Nullable String zone, List<DayHours> week, List<String> off, int presses, int boards) {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final int MOST_OFF = 2_000;

    HoursDocument {
        given("week", week);
        given("off", off);
        week = List.copyOf(week);
        off = List.copyOf(off);
    }

    /** Hours of a weekday; times are told as {@code 19:00}. */
    record DayHours(DayOfWeek day, String from, String to) {
        DayHours {
            given("week.day", day);
            given("week.from", from);
            given("week.to", to);
        }
    }

    /** Evenings, and Saturday afternoon: what is planned by until somebody says otherwise. */
    static final HoursDocument USUAL = new HoursDocument(
            null,
            Stream.of(DayOfWeek.values())
                    .filter(day -> day != DayOfWeek.SUNDAY)
                    .map(day -> day == DayOfWeek.SATURDAY
                            ? new DayHours(day, "14:00", "18:00")
                            : new DayHours(day, "19:00", "21:00"))
                    .toList(),
            List.of(),
            1,
            1);

    /**
     * The hours that are told.
     *
     * @param here where the machine stands
     * @throws UnfitValueException if they are none
     */
    BenchHours hours(ZoneId here) {
        Map<DayOfWeek, List<BenchHours.Span>> spans = new EnumMap<>(DayOfWeek.class);
        for (DayHours one : week) {
            spans.merge(
                    one.day(),
                    List.of(span(one)),
                    (some, more) -> Stream.concat(some.stream(), more.stream()).toList());
        }
        if (off.size() > MOST_OFF) {
            throw new UnfitValueException("off", "Read " + off.size() + " days off; up to " + MOST_OFF + " are taken.");
        }
        HashSet<LocalDate> days = new HashSet<>();
        off.forEach(day -> days.add(Days.date("off", day)));
        try {
            return new BenchHours(zone == null ? here : ZoneId.of(zone), spans, days, presses, boards);
        } catch (DateTimeException unknown) {
            throw new UnfitValueException("zone", "Read “" + zone + "”; that is no zone, as Europe/Berlin is one.");
        } catch (IllegalArgumentException unfit) {
            throw new UnfitValueException("week", String.valueOf(unfit.getMessage()));
        }
    }

    private static BenchHours.Span span(DayHours one) {
        try {
            return new BenchHours.Span(time(one.from()), time(one.to()));
        } catch (UnfitValueException unfit) {
            throw unfit;
        } catch (IllegalArgumentException unfit) {
            throw new UnfitValueException("week", String.valueOf(unfit.getMessage()));
        }
    }

    private static LocalTime time(String text) {
        try {
            return LocalTime.parse(text, TIME);
        } catch (DateTimeException unread) {
            throw new UnfitValueException("week", "Read “" + text + "”; a time as 19:30 is wanted.");
        }
    }
}
