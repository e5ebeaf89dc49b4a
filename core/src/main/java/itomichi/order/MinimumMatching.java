package itomichi.order;

import java.util.ArrayList;
import java.util.List;
import org.jgrapht.alg.interfaces.MatchingAlgorithm.Matching;
import org.jgrapht.alg.matching.blossom.v5.KolmogorovWeightedPerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/** Pairs the stitch ends that are too many at uneven holes, so that the runs that join the pairs are shortest together. */
final class MinimumMatching {

    /** Above this many ends they are paired along the fold, one after the other: not the least, but soon. */
    private static final int MOST_MATCHED = 160;

    private MinimumMatching() {}

    /**
     * Holes joined one after the other by runs on alternate faces, the first on the face that its first hole lacks.
     *
     * @param holes numbers of the holes, two at least
     * @param mm length of the runs; infinite where there are too few holes
     */
    record Chain(List<Integer> holes, double mm) {
        Chain {
            holes = List.copyOf(holes);
        }
    }

    /**
     * The chains.
     *
     * @param surplus how many more ends lie outside than inside, for each hole; their sum is even
     * @param apartMm from hole to hole
     */
    static List<Chain> of(int[] surplus, double[][] apartMm) {
        List<Integer> ends = new ArrayList<>();
        for (int hole = 0; hole < surplus.length; hole++) {
            for (int i = 0; i < Math.abs(surplus[hole]); i++) {
                ends.add(hole);
            }
        }
        if (ends.isEmpty()) {
            return List.of();
        }
        if (ends.size() > MOST_MATCHED) {
            List<Chain> chains = new ArrayList<>();
            for (int i = 0; i + 1 < ends.size(); i += 2) {
                chains.add(chain(ends.get(i), ends.get(i + 1), surplus, apartMm));
            }
            return chains;
        }
        return matched(ends, surplus, apartMm);
    }

    private static List<Chain> matched(List<Integer> ends, int[] surplus, double[][] apartMm) {
        SimpleWeightedGraph<Integer, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        for (int i = 0; i < ends.size(); i++) {
            graph.addVertex(i);
        }
        for (int i = 0; i < ends.size(); i++) {
            for (int j = 0; j < i; j++) {
                double mm = chain(ends.get(i), ends.get(j), surplus, apartMm).mm;
                graph.setEdgeWeight(graph.addEdge(i, j), Math.min(mm, 1e7));
            }
        }
        Matching<Integer, DefaultWeightedEdge> matching = new KolmogorovWeightedPerfectMatching<>(graph).getMatching();
        List<Chain> chains = new ArrayList<>();
        for (DefaultWeightedEdge edge : matching.getEdges()) {
            int one = ends.get(graph.getEdgeSource(edge));
            int other = ends.get(graph.getEdgeTarget(edge));
            chains.add(chain(Math.min(one, other), Math.max(one, other), surplus, apartMm));
        }
        return chains;
    }

    /** The shortest chain between two ends that are too many: one run, two by way of a third hole, or three round a corner. */
    private static Chain chain(int from, int to, int[] surplus, double[][] apartMm) {
        boolean alike = surplus[from] > 0 == surplus[to] > 0;
        if (from != to && alike) {
            return new Chain(List.of(from, to), apartMm[from][to]);
        }
        Chain best = new Chain(List.of(from, to), Double.POSITIVE_INFINITY);
        for (int by = 0; by < apartMm.length; by++) {
            if (by == from || by == to) {
                continue;
            }
            if (from != to) {
                best = shorter(best, List.of(from, by, to), apartMm);
            } else {
                for (int then = 0; then < by; then++) {
                    if (then != from) {
                        best = shorter(best, List.of(from, by, then, to), apartMm);
                    }
                }
            }
        }
        return best;
    }

    private static Chain shorter(Chain best, List<Integer> holes, double[][] apartMm) {
        double mm = 0;
        for (int i = 1; i < holes.size(); i++) {
            mm += apartMm[holes.get(i - 1)][holes.get(i)];
        }
        return mm < best.mm ? new Chain(holes, mm) : best;
    }
}
