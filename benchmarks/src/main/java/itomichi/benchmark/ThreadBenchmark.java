package itomichi.benchmark;

import itomichi.measure.Length;
import itomichi.order.EulerTrail;
import itomichi.order.Order;
import itomichi.order.Question;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Pass;
import itomichi.path.PathBuilder;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.path.StabFrame;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.path.Wrap;
import itomichi.recovery.RecoverySearch;
import itomichi.recovery.WayBack;
import itomichi.station.SidePosition;
import itomichi.station.StationScheme;
import itomichi.structure.Stitching;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.cycle.HierholzerEulerianCycle;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.Pseudograph;
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

/**
 * The thread's way. Wanted: path, checks and lengths of 60 signatures by 8 stations under 3 ms; an order through 200 holes under 20 ms; the
 * way back from a wrong hole under 20 ms.
 */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
public class ThreadBenchmark {

    /** A link stitch through 60 signatures. */
    @State(Scope.Benchmark)
    public static class Linked {
        private final Stitching stitching = Structures.keyed("link-stitch")
                .orElseThrow()
                .stitching(Optional.empty())
                .orElseThrow();
        private final Stitching.Choice choice = Stitching.Choice.folds(60, 8);
        private final FoldFrame frame = FoldFrame.even(
                new StationScheme.Share(8, 0.1).along(Length.ofMm(210)),
                60,
                Length.ofMm(0.7),
                Length.ofMm(1.6),
                Length.ofMm(0.48),
                Length.ofMm(75));
    }

    @Benchmark
    public double pathChecksAndLengths(Linked book) {
        ThreadPath path = book.stitching.stitch(book.choice);
        List<PathFault> faults = PathCheck.faults(
                path, book.stitching.pattern(book.choice), book.frame, book.stitching.mostPasses(book.choice));
        return path.sewnMm(book.frame) + path.tailsMm(book.frame) + faults.size();
    }

    /** A block with a row of holes: neighbours joined on both faces, chords besides, every hole wrapped round the spine. */
    @State(Scope.Benchmark)
    public static class Net {
        @Param({"25", "50", "100", "200", "400", "800"})
        int holes;

        private Question question;
        private Pseudograph<Integer, DefaultEdge> graph;
        private ThreadPath path;
        private int half;

        @Setup
        public void draw() {
            List<Move> segments = new ArrayList<>();
            graph = new Pseudograph<>(DefaultEdge.class);
            for (int hole = 1; hole <= holes; hole++) {
                graph.addVertex(hole);
            }
            for (int hole = 1; hole <= holes; hole++) {
                segments.add(new Wrap(new Hole(1, hole), Edge.SPINE, Face.BACK));
                graph.addEdge(hole, hole);
                for (int far : new int[] {1, 7}) {
                    if (hole + far <= holes) {
                        for (Face face : List.of(Face.FRONT, Face.BACK)) {
                            segments.add(new Run(new Hole(1, hole), new Hole(1, hole + far), face));
                            graph.addEdge(hole, hole + far);
                        }
                    }
                }
            }
            List<SidePosition> places = new ArrayList<>();
            for (int hole = 0; hole < holes; hole++) {
                places.add(new SidePosition(Length.ofMm(10 + 8.0 * hole), Length.ofMm(hole % 2 == 0 ? 10 : 16)));
            }
            StabFrame frame = new StabFrame(
                    places, Length.ofMm(20 + 8.0 * holes), Length.ofMm(6), Length.ofMm(0.5), Length.ofMm(75));
            Hole middle = new Hole(1, holes / 2);
            question =
                    new Question(segments, new Spot(middle, Face.FRONT), new Spot(middle, Face.BACK), Set.of(), frame);
            PathBuilder builder =
                    new PathBuilder().from(middle, Face.BACK, Tail.Side.FREE).pass(middle, Face.FRONT);
            EulerTrail.find(question).sewn().forEach(builder::then);
            path = builder.tie(2).end();
            half = path.moves().size() / 2;
            while (!(path.moves().get(half - 1) instanceof Pass)) {
                half++;
            }
        }
    }

    @Benchmark
    public Order order(Net net) {
        return EulerTrail.find(net.question);
    }

    /** A general library's Euler tour of the same holes and stitches; it knows nothing of faces. */
    @Benchmark
    public GraphPath<Integer, DefaultEdge> libraryTour(Net net) {
        return new HierholzerEulerianCycle<Integer, DefaultEdge>().getEulerianCycle(net.graph);
    }

    /** Half of it is sewn; then the needle went through two wrong holes. */
    @Benchmark
    public WayBack wayBack(Net net) {
        int here = net.path.moves().get(net.half - 1).end().hole().station();
        Hole one = new Hole(1, here > 3 ? here - 3 : here + 3);
        Hole other = new Hole(1, here > 5 ? here - 5 : here + 5);
        return RecoverySearch.find(net.path, net.half, List.of(one, other), net.question.frame());
    }
}
