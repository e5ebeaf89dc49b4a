package itomichi.plan;

import itomichi.path.Face;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Stitch;
import itomichi.path.ThreadPath;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Stitches along the spine outside that begin and end at the same stations.
 *
 * @param from the station where they begin, from 1
 * @param to the station where they end
 * @param beside how many lie beside each other, each in its row
 */
record LongStitches(int from, int to, int beside) {

    /** Those of a way of sewing; two that share a row lie there as one. */
    static List<LongStitches> of(ThreadPath way, boolean pairs) {
        Map<Span, Set<Integer>> rows =
                new TreeMap<>(Comparator.comparing(Span::from).thenComparing(Span::to));
        for (Stitch stitch : StitchPattern.leftBy(way).stitches()) {
            int signature = stitch.first().signature();
            if (stitch.face() == Face.OUTSIDE && signature == stitch.second().signature()) {
                rows.computeIfAbsent(
                                new Span(
                                        stitch.first().station(),
                                        stitch.second().station()),
                                none -> new TreeSet<>())
                        .add(pairs ? (signature + 1) / 2 : signature);
            }
        }
        return rows.entrySet().stream()
                .map(entry -> new LongStitches(
                        entry.getKey().from(),
                        entry.getKey().to(),
                        entry.getValue().size()))
                .toList();
    }

    /** From one station to another. */
    private record Span(int from, int to) {}
}
