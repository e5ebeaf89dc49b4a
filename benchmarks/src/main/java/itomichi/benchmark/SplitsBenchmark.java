package itomichi.benchmark;

import itomichi.gathering.Back;
import itomichi.gathering.Form;
import itomichi.gathering.Pressing;
import itomichi.gathering.SewnIn;
import itomichi.gathering.Split;
import itomichi.gathering.SplitQuestion;
import itomichi.gathering.SplitWish;
import itomichi.gathering.Splits;
import itomichi.gathering.Springs;
import itomichi.habit.Learned;
import itomichi.material.BulkKind;
import itomichi.measure.Length;
import itomichi.plan.PlannedSplit;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.IntUnaryOperator;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Ranking all splits of a book. Wanted: under 5 ms for 2,000 pages. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class SplitsBenchmark {

    @Param({"240", "2000"})
    public int pages;

    private SplitQuestion question;
    private BookSpec book;

    @Setup
    public void askForBookWove() {
        question = new SplitQuestion(
                pages,
                Length.ofMm(0.168),
                Form.from(2),
                SplitWish.NONE,
                SewnIn.of(Length.ofMm(0.48), 1, BulkKind.BOOK_WOVE, Learned.NONE),
                Springs.usual(Pressing.OVERNIGHT),
                Back.FLAT,
                Length.ZERO,
                Optional.empty(),
                IntUnaryOperator.identity());
        book = Binding.as(
                        SampleBook.pamphlet(5), Structures.keyed("link-stitch").orElseThrow())
                .withPages(pages);
    }

    /** With the figures of those that are shown, each planned. */
    @Benchmark
    public List<PlannedSplit> planned() {
        return PlannedSplit.of(book);
    }

    @Benchmark
    public List<Split> rank() {
        return Splits.rank(question);
    }
}
