package itomichi.server.platform;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** A day as it was at the bench, and as it is told there. */
public final class BenchDay {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private BenchDay() {}

    /** The day it was at the bench. */
    public static LocalDate local(OffsetDateTime at, Clock clock) {
        return at.atZoneSameInstant(clock.getZone()).toLocalDate();
    }

    /** As “1 December 2026”. */
    public static String told(LocalDate day) {
        return DAY.format(day);
    }
}
