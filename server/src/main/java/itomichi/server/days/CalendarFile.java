package itomichi.server.days;

import itomichi.measure.Unit;
import itomichi.schedule.Timetable.Planned;
import itomichi.schedule.Timetable.Stretch;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * The days as a calendar file (iCalendar, RFC 5545). Every hand and every wait is an entry of its own; its name stays the same for the same step
 * of the same book, so that a program that reads the file again moves the entry and does not add another.
 */
final class CalendarFile {

    private CalendarFile() {}

    /**
     * What is shown.
     *
     * @param days the days of the bench
     * @param book the one book that is shown of it; all where it is not there
     */
    record Shown(BenchDays days, Optional<UUID> book) {
        private List<BookWork> works() {
            return days.works().stream()
                    .filter(work -> book.isEmpty() || work.book().id().equals(book.get()))
                    .toList();
        }

        /** Name of the one book. */
        Optional<String> name() {
            return book.flatMap(id -> works().stream().findFirst())
                    .map(work -> work.book().document().name());
        }
    }

    static String write(Shown shown) {
        ZoneId zone = shown.days().hours().zone();
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Itomichi//Days at the bench//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Optional.ofNullable(
                        TimeZoneRegistryFactory.getInstance().createRegistry().getTimeZone(zone.getId()))
                .ifPresent(known -> calendar.add(known.getVTimeZone()));
        for (BookWork work : shown.works()) {
            shown.days()
                    .planned(work)
                    .ifPresent(book -> book.steps().forEach(step -> add(calendar, shown.days(), work, step)));
        }
        return calendar.toString();
    }

    private static void add(Calendar calendar, BenchDays days, BookWork work, Planned step) {
        String name = work.book().document().name();
        Unit unit = work.book().document().unit();
        String words = step.task().words().in(unit);
        String key = work.book().id() + "-" + step.task().key().replace(':', '-');
        int part = 1;
        for (Stretch hand : step.hands()) {
            String more = step.hands().size() == 1
                    ? ""
                    : " (" + part + " of " + step.hands().size() + ")";
            calendar.add(entry(days, hand.from(), hand.to(), name + ": " + words + more, key + "-" + part));
            part++;
        }
        if (step.task().waits()) {
            VEvent lying = entry(
                    days,
                    step.ends(),
                    step.ready(),
                    name + " lies " + step.task().liesWords(),
                    key + "-lies");
            // nobody has to be there
            lying.add(ImmutableTransp.TRANSPARENT);
            calendar.add(lying);
        }
    }

    private static VEvent entry(BenchDays days, long from, long to, String summary, String key) {
        ZoneId zone = days.hours().zone();
        VEvent entry = new VEvent((Temporal) at(from, zone), at(to, zone), summary);
        entry.replace(new DtStamp(days.now().toInstant()));
        entry.add(new Uid(key + "@itomichi"));
        return entry;
    }

    private static ZonedDateTime at(long minute, ZoneId zone) {
        return Instant.ofEpochSecond(minute * 60).atZone(zone);
    }
}
