package itomichi.space;

import itomichi.path.Point3;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/** Where thread lies over the mouth of a hole without going in: it has its place there beside what does. */
final class Crossings {

    /** What crosses a mouth no further from it lies over it, in diameters of the thread. */
    private static final double OVER = 0.6;
    /** So near to its ends a stretch crosses nothing but its own holes, in diameters. */
    private static final double ENDS = 2;

    private final List<List<Vertex>> strands;
    private final List<Point3> holes;
    private final double thickMm;
    /** The hole of each mouth. */
    private final Map<Point3, Point3> mouths = new LinkedHashMap<>();
    /** The mouths by how far through the book they are: a stretch comes near to few of them. */
    private final NavigableMap<Double, List<Point3>> through = new TreeMap<>();

    /**
     * @param strands each thread from its beginning to its end
     * @param holes where the hole of each passage opens, the first one's first
     * @param thickMm diameter of the thread
     */
    Crossings(List<List<Vertex>> strands, List<Point3> holes, double thickMm) {
        this.strands = strands;
        this.holes = new ArrayList<>(holes);
        this.thickMm = thickMm;
        strands.forEach(strand -> strand.stream()
                .filter(vertex -> vertex.passage() > 0)
                .forEach(vertex -> mouths.put(vertex.at(), holes.get(vertex.passage() - 1))));
        mouths.keySet()
                .forEach(mouth -> through.computeIfAbsent(mouth.yMm(), none -> new ArrayList<>())
                        .add(mouth));
    }

    /** The strands with a point at each mouth that they cross: a passage of its own. */
    List<List<Vertex>> strands() {
        return strands.stream().map(this::crossing).toList();
    }

    /** The hole of each passage, those that are only crossed too, once the strands were asked for. */
    List<Point3> holes() {
        return holes;
    }

    private List<Vertex> crossing(List<Vertex> strand) {
        List<Vertex> points = new ArrayList<>();
        for (int i = 0; i < strand.size(); i++) {
            if (i > 0) {
                points.addAll(between(strand.get(i - 1), strand.get(i)));
            }
            points.add(strand.get(i));
        }
        return points;
    }

    private List<Vertex> between(Vertex from, Vertex to) {
        if (from.passage() > 0 && from.passage() == to.passage()) {
            return List.of();
        }
        double lowMm = Math.min(from.at().yMm(), to.at().yMm()) - thickMm;
        double highMm = Math.max(from.at().yMm(), to.at().yMm()) + thickMm;
        List<Point3> crossed = through.subMap(lowMm, true, highMm, true).values().stream()
                .flatMap(List::stream)
                .filter(mouth -> near(from.at(), to.at(), mouth, mouth, thickMm) && over(from.at(), to.at(), mouth))
                .sorted(Comparator.comparingDouble(mouth -> from.at().distanceMm(mouth)))
                .toList();
        List<Vertex> points = new ArrayList<>();
        for (Point3 mouth : crossed) {
            holes.add(mouths.getOrDefault(mouth, mouth));
            points.add(new Vertex(mouth, to.step(), holes.size()));
        }
        return points;
    }

    private boolean over(Point3 from, Point3 to, Point3 mouth) {
        double longMm = from.distanceMm(to);
        double farMm = from.distanceMm(mouth);
        return farMm > ENDS * thickMm
                && longMm - farMm > ENDS * thickMm
                && from.toward(to, farMm / longMm).distanceMm(mouth) < OVER * thickMm;
    }

    /** Whether two stretches may come so near to each other, as far as their ends say: most do not, and are so passed over quickly. */
    static boolean near(Point3 a, Point3 b, Point3 c, Point3 d, double mm) {
        return near(a.yMm(), b.yMm(), c.yMm(), d.yMm(), mm)
                && near(a.zMm(), b.zMm(), c.zMm(), d.zMm(), mm)
                && near(a.xMm(), b.xMm(), c.xMm(), d.xMm(), mm);
    }

    private static boolean near(double a, double b, double c, double d, double mm) {
        return Math.min(a, b) < Math.max(c, d) + mm && Math.min(c, d) < Math.max(a, b) + mm;
    }
}
