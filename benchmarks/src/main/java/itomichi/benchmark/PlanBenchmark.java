package itomichi.benchmark;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.spec.BookSpec;
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

    private BookSpec spec;

    @Setup
    public void takeAnA5Pamphlet() {
        spec = SampleBook.pamphlet(stations);
    }

    @Benchmark
    public BookPlan plan() {
        return Planner.plan(spec);
    }
}
