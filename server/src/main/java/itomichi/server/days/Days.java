package itomichi.server.days;

import itomichi.spec.UnfitValueException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Days and times, read and told. */
public final class Days {

    private static final DateTimeFormatter TOLD = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2200;

    private Days() {}

    /**
     * A day as it is sent, for instance {@code 2026-12-24}.
     *
     * @throws UnfitValueException if it is no day that work is planned on
     */
    public static LocalDate date(String field, String text) {
        try {
            LocalDate day = LocalDate.parse(text);
            if (day.getYear() >= FIRST_YEAR && day.getYear() < LAST_YEAR) {
                return day;
            }
        } catch (DateTimeException unread) {
            throw new UnfitValueException(field, "Read “" + text + "”; a day as 2026-12-24 is wanted.");
        }
        throw new UnfitValueException(
                field, "Read “" + text + "”; a day from the years " + FIRST_YEAR + " to " + LAST_YEAR + " is wanted.");
    }

    /** @throws UnfitValueException if it is no time of such a day */
    static LocalDateTime time(String field, String text) {
        try {
            LocalDateTime time = LocalDateTime.parse(text);
            date(field, time.toLocalDate().toString());
            return time;
        } catch (DateTimeException unread) {
            throw new UnfitValueException(field, "Read “" + text + "”; a time as 2026-12-24T19:30 is wanted.");
        }
    }

    static LocalDateTime local(long minute, ZoneId zone) {
        return Instant.ofEpochSecond(minute * 60).atZone(zone).toLocalDateTime();
    }

    static long minute(LocalDateTime time, ZoneId zone) {
        return time.atZone(zone).toEpochSecond() / 60;
    }

    static String told(LocalDateTime time) {
        return TOLD.format(time);
    }

    static String day(LocalDate day) {
        return DAY.format(day);
    }

    static String shortDay(LocalDate day) {
        return SHORT.format(day);
    }

    static String time(LocalDateTime time) {
        return TIME.format(time);
    }

    /** Days from the beginning of one to a time, as the wall clock shows it. */
    static double since(LocalDate day, LocalDateTime time) {
        return ChronoUnit.DAYS.between(day, time.toLocalDate())
                + time.toLocalTime().toSecondOfDay() / 86_400.0;
    }
}
