package itomichi.benchmark;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.measure.Length;
import itomichi.station.RowScheme;
import itomichi.station.Rows;
import itomichi.station.StationFault;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import itomichi.structure.Holing;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
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

/** Stations and rows for 60 signatures, every school, judged; and the whole plan they are part of. Wanted: holes under 1 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class HolesBenchmark {

    private static final int SIGNATURES = 60;

    private final Holing holing = Structures.keyed("long-stitch").orElseThrow().holing();
    private final RowScheme.Spine spine =
            new RowScheme.Spine(Length.ofMm(305), Collections.nCopies(SIGNATURES, Length.ofMm(1.4)));
    private final itomichi.spec.BookSpec book = SampleBook.inCover(SIGNATURES);

    /** Stations of every signature, judged, and four schools of rows. */
    @Benchmark
    public List<Object> stationsAndRows() {
        List<Object> made = new ArrayList<>();
        for (int signature = 0; signature < SIGNATURES; signature++) {
            Length height = Length.ofMm(210 - signature % 7);
            Stations stations = new StationScheme.Share(8, 0.1).along(height);
            made.add(StationFault.judge(stations, height, holing.roles(8), false));
        }
        for (RowScheme school : List.of(
                new RowScheme.EqualGaps(),
                new RowScheme.EdgeMargin(Length.ofMm(6)),
                new RowScheme.Pitch(Length.ofMm(4)),
                new RowScheme.OwnThickness())) {
            Rows rows = school.across(spine);
            made.add(rows.mirrored());
        }
        return made;
    }

    /** The plan of such a book, holes, punching list, figures and remarks with it. */
    @Benchmark
    public BookPlan wholePlan() {
        return Planner.plan(book);
    }
}
