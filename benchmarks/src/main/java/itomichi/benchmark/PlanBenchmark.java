package itomichi.benchmark;

import itomichi.advice.Use;
import itomichi.cutting.CutWish;
import itomichi.gathering.Extent;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.plan.BookPaper;
import itomichi.plan.BookPlan;
import itomichi.plan.BookSpec;
import itomichi.plan.Gathering;
import itomichi.plan.Papers;
import itomichi.plan.Planner;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
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

/** A full pamphlet plan: figures with workings, remarks, path, independent checks, words. Wanted: under 0.5 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlanBenchmark {

    @Param({"3", "5", "31"})
    public int stations;

    private static final Paper PAPER =
            new Paper("Book wove", Grammage.ofGsm(120), BulkKind.BOOK_WOVE, Optional.empty(), Grain.WITH_FOLD);

    private BookSpec spec;

    @Setup
    public void takeAnA5Pamphlet() {
        spec = new BookSpec(
                new BookSpec.Title("Bench", "", Unit.MM),
                "pamphlet",
                Use.ANY,
                Extent.ofPages(32),
                new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(210), false),
                new Papers(List.of(new BookPaper(PAPER, Optional.empty())), CutWish.USUAL, Length.ZERO),
                Gathering.PLAIN,
                new StationScheme.Margins(stations, Length.ofMm(10), Length.ofMm(10)),
                new BookSpec.Cover(true, Length.ofMm(0.3), Length.ofMm(3)),
                new BookSpec.Sewing(
                        new SewingThread("linen 30/3", Fibre.LINEN, new ThreadCount.Linen(30, 3)),
                        1,
                        Length.ofMm(75),
                        3,
                        Length.ofMm(1.1),
                        Face.INSIDE,
                        2),
                Set.of());
    }

    @Benchmark
    public BookPlan plan() {
        return Planner.plan(spec);
    }
}
