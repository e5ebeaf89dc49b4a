package itomichi.plan;

import itomichi.habit.Habit;
import itomichi.habit.Taught;
import itomichi.spec.BookSpec;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Steps at which hands have a pace of their own, and the pace that was learned for a book and taken. */
public final class Paces {

    public static final String CUT = "cut";
    public static final String FOLD = "fold";
    public static final String PASTE = "paste";
    public static final String COLLATE = "collate";
    public static final String PUNCH = "punch";
    /** The step of sewing, which the sewing table begins and ends by itself. */
    public static final String SEW = "sew";

    public static final String COVER_CUT = "cover-cut";

    private static final Map<String, String> STEPS = steps();
    /** Several steps of one kind are told apart by a number. */
    private static final Pattern NUMBER = Pattern.compile("-\\d+$");

    private Paces() {}

    private static Map<String, String> steps() {
        Map<String, String> steps = new LinkedHashMap<>();
        steps.put(CUT, "Cut sheets");
        steps.put(FOLD, "Fold");
        steps.put(PASTE, "Paste to pages");
        steps.put(COLLATE, "Gather and look through");
        steps.put(PUNCH, "Punch");
        steps.put(SEW, "Sew");
        steps.put(COVER_CUT, "Cut for the cover");
        return steps;
    }

    /** What is done in a step: several of one kind, as the cutting of each paper, are one. */
    public static String step(String task) {
        return NUMBER.matcher(task).replaceFirst("");
    }

    /** The habit of a step in a book's hands. Nothing where a step has none. */
    public static Optional<Habit> habit(BookSpec spec, String task) {
        String step = step(task);
        return Optional.ofNullable(STEPS.get(step)).map(name -> {
            var hands = spec.use().hands();
            return Habit.pace(step, name, hands, hands.words());
        });
    }

    /** The pace that was learned of a step and taken. */
    public static Optional<Taught> of(BookSpec spec, String task) {
        return habit(spec, task).flatMap(spec.learned()::of);
    }
}
