package itomichi.property;

import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.testng.Assert;

/**
 * A property that must hold for whatever is drawn.
 *
 * <p>The cases are the same at every run: they follow from a seed, which a case that fails is told with, and which
 * {@code -Ditomichi.seed=…} sets to try others. (The libraries for this on the registry are dormant or want another test runner.)
 */
public final class Property {

    private static final long SEED = Long.getLong("itomichi.seed", 20261126L);
    private static final int CASES = 300;

    static {
        System.out.println("Properties are tried with seed " + SEED + "; -Ditomichi.seed=… tries others");
    }

    private final int cases;

    private Property(int cases) {
        this.cases = cases;
    }

    public static Property holds() {
        return new Property(CASES);
    }

    /** Tried with so many cases, where each takes long. */
    public static Property holdsFor(int cases) {
        return new Property(cases);
    }

    public interface Of2<A, B> {
        boolean test(A a, B b);
    }

    public interface Of3<A, B, C> {
        boolean test(A a, B b, C c);
    }

    public interface Of4<A, B, C, D> {
        boolean test(A a, B b, C c, D d);
    }

    public <A> void of(Draw<A> a, Predicate<A> property) {
        check(List.of(a), drawn -> property.test(cast(drawn, 0)));
    }

    public <A, B> void of(Draw<A> a, Draw<B> b, Of2<A, B> property) {
        check(List.of(a, b), drawn -> property.test(cast(drawn, 0), cast(drawn, 1)));
    }

    public <A, B, C> void of(Draw<A> a, Draw<B> b, Draw<C> c, Of3<A, B, C> property) {
        check(List.of(a, b, c), drawn -> property.test(cast(drawn, 0), cast(drawn, 1), cast(drawn, 2)));
    }

    public <A, B, C, D> void of(Draw<A> a, Draw<B> b, Draw<C> c, Draw<D> d, Of4<A, B, C, D> property) {
        check(
                List.of(a, b, c, d),
                drawn -> property.test(cast(drawn, 0), cast(drawn, 1), cast(drawn, 2), cast(drawn, 3)));
    }

    @SuppressWarnings("unchecked")
    private static <T> T cast(List<?> drawn, int number) {
        return (T) drawn.get(number);
    }

    private void check(List<Draw<?>> draws, Predicate<List<?>> property) {
        SplittableRandom dice = new SplittableRandom(SEED);
        Stream.generate(() ->
                        draws.stream().<Object>map(draw -> draw.from(dice)).toList())
                .limit(cases)
                .forEach(drawn -> {
                    String told = "Does not hold for " + drawn + " (seed " + SEED + ")";
                    boolean held;
                    try {
                        held = property.test(drawn);
                    } catch (RuntimeException failure) {
                        throw new AssertionError(told, failure);
                    }
                    Assert.assertTrue(held, told);
                });
    }
}
