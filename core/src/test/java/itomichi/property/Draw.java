package itomichi.property;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.BiFunction;

/** How a value is drawn. */
@FunctionalInterface
public interface Draw<T> {

    T from(SplittableRandom dice);

    /** A whole number between two others, both of them included; the ends come up more often, for that is where things break. */
    static Draw<Integer> between(int least, int most) {
        return dice -> switch (dice.nextInt(16)) {
            case 0 -> least;
            case 1 -> most;
            default -> dice.nextInt(least, most + 1);
        };
    }

    static Draw<Boolean> either() {
        return SplittableRandom::nextBoolean;
    }

    /** Between so many and so many of a kind. */
    static <T> Draw<List<T>> lists(Draw<T> one, int fewest, int most) {
        Draw<Integer> size = between(fewest, most);
        return dice -> {
            int number = size.from(dice);
            List<T> list = new ArrayList<>();
            for (int i = 0; i < number; i++) {
                list.add(one.from(dice));
            }
            return list;
        };
    }

    /** Made of two. */
    default <U, R> Draw<R> with(Draw<U> other, BiFunction<T, U, R> made) {
        return dice -> made.apply(from(dice), other.from(dice));
    }
}
