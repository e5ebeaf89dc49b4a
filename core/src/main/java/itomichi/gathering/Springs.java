package itomichi.gathering;

import itomichi.finding.Quantity;
import itomichi.finding.Working;
import itomichi.habit.Habit;
import itomichi.habit.Habit.Kind;
import itomichi.habit.Learned;
import itomichi.habit.Taught;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How far folds spring back: as is common practice for each pressing, or as was learned and taken.
 *
 * @param pressing how long this book's signatures were pressed
 * @param taken what was learned of each pressing and taken
 */
public record Springs(Pressing pressing, Map<Pressing, Taught> taken) {

    private static final int PERCENT = 100;

    public Springs {
        taken = Map.copyOf(taken);
    }

    /** In a book into which so much was taken of what finished ones taught. */
    public static Springs of(Pressing pressing, Learned learned) {
        Map<Pressing, Taught> taken = new EnumMap<>(Pressing.class);
        for (Pressing one : Pressing.values()) {
            learned.of(habit(one)).ifPresent(taught -> taken.put(one, taught));
        }
        return new Springs(pressing, taken);
    }

    /** By common practice. */
    public static Springs usual(Pressing pressing) {
        return new Springs(pressing, Map.of());
    }

    /** The habit of folds pressed so. */
    public static Habit habit(Pressing pressing) {
        return Habit.spring(pressing, pressing.words());
    }

    private Optional<Taught> taught(Pressing pressed) {
        return Optional.ofNullable(taken.get(pressed)).map(Taught::asShares);
    }

    /** How much thicker a fold pressed so is than its sheets laid flat, as a share. */
    public double share(Pressing pressed) {
        return taught(pressed).map(Taught::middle).orElse(pressed.spring());
    }

    /** That of this book's pressing. */
    public double share() {
        return share(pressing);
    }

    /** The least: where nothing was learned, as if it were pressed overnight. */
    double least() {
        return taught(pressing).map(Taught::low).orElse(share(Pressing.OVERNIGHT));
    }

    /** The most: where nothing was learned, as if it were not pressed. */
    double most() {
        return taught(pressing).map(Taught::high).orElse(share(Pressing.FRESH));
    }

    /** Tells a working which spring it is, and where it comes from. */
    Working.Builder told(Working.Builder working, Pressing pressed) {
        working.with("k", "spring of the folds, " + pressed.words(), Quantity.ratio(share(pressed), 2));
        return Taught.tell(working, Kind.SPRING, Optional.ofNullable(taken.get(pressed)), pressed.spring() * PERCENT);
    }
}
