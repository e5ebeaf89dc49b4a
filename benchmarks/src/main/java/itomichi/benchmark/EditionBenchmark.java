package itomichi.benchmark;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.edition.Edition;
import itomichi.plan.UsedUp;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.spec.EditionWish.Kind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * 500 copies of a book of 20 signatures: the book, what all copies use up, their steps, minutes and lengths of thread, and what spoilt ones
 * need anew. To be planned in 300 ms.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class EditionBenchmark {

    private final BookSpec book = SampleBook.inCover(20)
            .withPapers(SampleBook.fromStock())
            .madeIn(
                    500,
                    EditionWish.ALIKE
                            .withKinds(List.of(new Kind("red", 200, Optional.of("linen 30/3, red"), Map.of())))
                            .withSparePercent(5));

    @Benchmark
    public Object fiveHundredCopies() {
        BookPlan plan = Planner.plan(book);
        Edition edition = Edition.of(plan);
        return List.of(
                UsedUp.of(plan.worked()),
                WorkList.of(plan),
                edition.minutes(),
                edition.threads(),
                edition.copies(Map.of(), List.of()),
                edition.withOneMore());
    }

    /** The same book once, to compare with. */
    @Benchmark
    public Object oneByItself() {
        return Planner.plan(book.madeIn(1, EditionWish.ALIKE));
    }
}
