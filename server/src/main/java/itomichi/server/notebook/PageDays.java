package itomichi.server.notebook;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days on a page. */
final class PageDays {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private PageDays() {}

    /** The day it was at the bench. */
    static LocalDate local(OffsetDateTime at, Clock clock) {
        return at.atZoneSameInstant(clock.getZone()).toLocalDate();
    }

    static String told(LocalDate day) {
        return DAY.format(day);
    }
}
