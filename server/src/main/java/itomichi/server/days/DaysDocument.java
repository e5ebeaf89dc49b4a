package itomichi.server.days;

import static itomichi.server.platform.Sent.given;

import itomichi.finding.Stage;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import itomichi.schedule.StepChange;
import itomichi.schedule.Task;
import itomichi.spec.UnfitValueException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The days of a book, as they travel and are kept.
 *
 * @param wanted the day by which it is to be ready, for instance {@code 2026-12-24}; left out where nobody waits for it
 * @param steps what its binder does otherwise than the steps are planned
 * @param added steps of the binder's own
 */
record DaysDocument(@Nullable String wanted, List<StepSent> steps, List<StepAdded> added) {

    static final DaysDocument NONE = new DaysDocument(null, List.of(), List.of());

    private static final Pattern OWN = Pattern.compile("own-[0-9a-z-]{1,40}");
    private static final int MOST_STEPS = 500;
    private static final int MOST_ADDED = 60;
    private static final int MOST_LETTERS = 200;

    DaysDocument {
        given("steps", steps);
        given("added", added);
        steps = List.copyOf(steps);
        added = List.copyOf(added);
        if (steps.size() > MOST_STEPS || added.size() > MOST_ADDED) {
            throw new UnfitValueException(
                    "steps",
                    "Read " + steps.size() + " changes of steps and " + added.size() + " steps more; up to "
                            + MOST_STEPS + " and " + MOST_ADDED + " are taken.");
        }
    }

    /**
     * A step that is done otherwise.
     *
     * @param minutes with a hand on it; left out where they are as planned
     * @param liesMinutes how long it then lies; left out where that is as planned
     * @param notBefore when it is begun at the soonest, for instance {@code 2026-12-24T19:30}
     */
    record StepSent(
            String key,
            boolean leftOut,
            @Nullable Integer minutes,
            @Nullable Integer liesMinutes,
            @Nullable String notBefore) {
        StepSent {
            given("steps.key", key);
        }
    }

    /**
     * A step more.
     *
     * @param after key of the step that it follows; left out where it comes first
     */
    record StepAdded(
            String key,
            String words,
            int minutes,
            Lying lying,
            @Nullable String after) {
        StepAdded {
            given("added.key", key);
            given("added.words", words);
            given("added.lying", lying);
        }

        Task task() {
            return new Task(
                    key,
                    Stage.FINISH,
                    Phrase.of(words.strip()),
                    minutes,
                    false,
                    lying,
                    after == null ? List.of() : List.of(after));
        }
    }

    /**
     * The same, read.
     *
     * @throws UnfitValueException if something of it is none
     */
    Read read() {
        Map<String, StepChange> changes = new HashMap<>();
        Map<String, LocalDateTime> notBefore = new HashMap<>();
        for (StepSent step : steps) {
            changes.put(step.key(), change("steps.minutes", step.leftOut(), step.minutes(), step.liesMinutes()));
            if (step.notBefore() != null) {
                notBefore.put(step.key(), Days.time("steps.notBefore", step.notBefore()));
            }
        }
        Set<String> keys = new HashSet<>();
        for (StepAdded more : added) {
            checked(more, keys);
        }
        return new Read(
                Optional.ofNullable(wanted).map(day -> Days.date("wanted", day)),
                changes,
                notBefore,
                added.stream().map(StepAdded::task).toList());
    }

    private static StepChange change(String field, boolean leftOut, @Nullable Integer minutes, @Nullable Integer lies) {
        try {
            return new StepChange(leftOut, ifAny(minutes), ifAny(lies));
        } catch (IllegalArgumentException unfit) {
            throw new UnfitValueException(field, String.valueOf(unfit.getMessage()));
        }
    }

    private static OptionalInt ifAny(@Nullable Integer number) {
        return number == null ? OptionalInt.empty() : OptionalInt.of(number);
    }

    private static void checked(StepAdded more, Set<String> keys) {
        String words = more.words().strip();
        if (words.isEmpty() || words.length() > MOST_LETTERS) {
            throw new UnfitValueException(
                    "added.words",
                    "Say in 1 to " + MOST_LETTERS + " letters what is done; read " + words.length() + ".");
        }
        // its name is told apart from those of planned steps, and from every other
        if (!own(more.key()) || !keys.add(more.key())) {
            throw new UnfitValueException(
                    "added.key", "Read “" + more.key() + "”; a step of one\u2019s own has a name as own-1.");
        }
        change("added.minutes", false, more.minutes(), null);
    }

    /** Whether a step is one of the binder's own. */
    static boolean own(String key) {
        return OWN.matcher(key).matches();
    }

    /**
     * The days of a book, read.
     *
     * @param changes of steps, by key
     * @param notBefore when steps are begun at the soonest, by key
     */
    record Read(
            Optional<LocalDate> wanted,
            Map<String, StepChange> changes,
            Map<String, LocalDateTime> notBefore,
            List<Task> added) {}
}
