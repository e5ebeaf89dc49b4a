package itomichi.schedule;

import itomichi.finding.Stage;
import itomichi.measure.Phrase;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;

/** Benches and books for the tests of the days. */
final class Benches {

    static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    /** A Monday. */
    static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private Benches() {}

    static long at(LocalDate day, int hour, int minute) {
        return day.atTime(hour, minute).atZone(ZONE).toEpochSecond() / 60;
    }

    static long at(LocalDateTime time) {
        return time.atZone(ZONE).toEpochSecond() / 60;
    }

    /** From seven to nine every evening, with so many places under a weight. */
    static BenchHours evenings(int places) {
        return daily(LocalTime.of(19, 0), LocalTime.of(21, 0), places);
    }

    static BenchHours daily(LocalTime from, LocalTime to, int places) {
        Map<DayOfWeek, List<BenchHours.Span>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, List.of(new BenchHours.Span(from, to)));
        }
        return new BenchHours(ZONE, week, Set.of(), places, places);
    }

    static Task task(String key, int minutes, Lying lying, String... after) {
        return new Task(key, Stage.SEW, Phrase.of(key), minutes, false, lying, List.of(after));
    }

    static Task inOneGo(String key, int minutes, String... after) {
        return new Task(key, Stage.SEW, Phrase.of(key), minutes, true, Lying.NOT, List.of(after));
    }

    /** Ten minutes in one go, and it lies overnight. */
    static Task pressed() {
        return new Task("press", Stage.GATHER, Phrase.of("press"), 10, true, Lying.OVERNIGHT, List.of());
    }

    static Job job(String name, Task... tasks) {
        return new Job(name, List.of(tasks), OptionalLong.empty(), Map.of(), Map.of());
    }

    static Job wanted(Job job, long by) {
        return new Job(job.name(), job.tasks(), OptionalLong.of(by), job.notBefore(), job.lying());
    }

    /** A book of so many steps, each after the one before or after one before that. */
    static Job random(Random dice, String name, int steps, int unit, boolean someInOneGo) {
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            List<String> after = i == 0 ? List.of() : List.of("s" + (dice.nextInt(4) == 0 ? dice.nextInt(i) : i - 1));
            Lying lying = Lying.values()[dice.nextInt(3) == 0 ? 1 + dice.nextInt(4) : 0];
            tasks.add(new Task(
                    "s" + i,
                    Stage.SEW,
                    Phrase.of("step"),
                    unit * (1 + dice.nextInt(3)),
                    someInOneGo && dice.nextBoolean(),
                    lying,
                    after));
        }
        return new Job(name, tasks, OptionalLong.empty(), Map.of(), Map.of());
    }
}
