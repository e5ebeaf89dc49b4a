package itomichi.structure;

import itomichi.measure.Length;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Run;
import itomichi.path.StabFrame;
import itomichi.path.Wrap;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.SidePosition;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What shows on a stab-bound block, by what each hole is for: main holes joined along the spine on both faces and wrapped round it,
 * corner holes and satellites joined to the nearest main hole, holes between to the main holes on either side.
 */
final class SideStitches {

    private final List<SideHole> holes;
    private final List<Integer> main;
    private final boolean wrapped;
    private final boolean endsWrapped;
    private final List<Move> segments = new ArrayList<>();

    /**
     * @param wrapped whether main holes are wrapped round the spine
     * @param endsWrapped whether the first and the last are wrapped round head and tail
     */
    SideStitches(List<SideHole> holes, boolean wrapped, boolean endsWrapped) {
        this.holes = holes;
        this.wrapped = wrapped;
        this.endsWrapped = endsWrapped;
        this.main = IntStream.rangeClosed(1, holes.size())
                .filter(number -> role(number) == Role.MAIN || role(number) == Role.BY_HAND)
                .boxed()
                .sorted(Comparator.comparing(number -> hole(number).fromHead()))
                .toList();
        for (int i = 0; i < main.size(); i++) {
            main(i);
        }
        for (int number = 1; number <= holes.size(); number++) {
            extra(number);
        }
    }

    private SideHole hole(int number) {
        return holes.get(number - 1);
    }

    private Role role(int number) {
        return hole(number).role();
    }

    /** All segments of the thread but those of an inner binding. */
    List<Move> segments() {
        return segments;
    }

    /** The main hole in the middle, where the thread begins and ends. */
    int middle() {
        return main.get((main.size() - 1) / 2);
    }

    boolean sewable() {
        return main.size() >= 2;
    }

    /** The holes of the inner binding, two for each tie, in the order of the list. */
    List<Integer> inner() {
        return IntStream.rangeClosed(1, holes.size())
                .filter(number -> role(number) == Role.INNER)
                .boxed()
                .toList();
    }

    private void main(int i) {
        int number = main.get(i);
        if (i > 0) {
            join(main.get(i - 1), number);
        }
        edges(number).forEach(edge -> wrap(number, edge));
    }

    /** The edges that a main hole is wrapped round. */
    List<Edge> edges(int number) {
        List<Edge> edges = new ArrayList<>();
        if (wrapped) {
            edges.add(Edge.SPINE);
        }
        if (endsWrapped && number == main.get(0)) {
            edges.add(Edge.HEAD);
        }
        if (endsWrapped && number == main.get(main.size() - 1)) {
            edges.add(Edge.TAIL);
        }
        return edges;
    }

    /** The main holes from the one beside the middle to the head. */
    List<Integer> towardsHead() {
        List<Integer> way = new ArrayList<>(main.subList(0, main.indexOf(middle())));
        Collections.reverse(way);
        return way;
    }

    /** The main holes from the one beside the middle to the tail. */
    List<Integer> towardsTail() {
        return main.subList(main.indexOf(middle()) + 1, main.size());
    }

    private void extra(int number) {
        switch (role(number)) {
            case CORNER -> {
                boolean head = nearest(number) == main.get(0);
                join(nearest(number), number);
                wrap(number, Edge.SPINE);
                wrap(number, head ? Edge.HEAD : Edge.TAIL);
            }
            case SATELLITE -> {
                join(nearest(number), number);
                wrap(number, Edge.SPINE);
            }
            case BETWEEN -> {
                int after = IntStream.range(0, main.size())
                        .filter(i -> hole(main.get(i))
                                .fromHead()
                                .isMoreThan(hole(number).fromHead()))
                        .findFirst()
                        .orElse(main.size() - 1);
                join(main.get(Math.max(0, after - 1)), number);
                join(main.get(Math.max(1, after)), number);
                wrap(number, Edge.SPINE);
            }
            default -> {
                // main holes are done, inner ones have a thread of their own
            }
        }
    }

    private int nearest(int number) {
        return main.stream()
                .min(Comparator.comparingDouble(one -> hole(one).toMm(hole(number))))
                .orElseThrow();
    }

    private void join(int from, int to) {
        segments.add(new Run(new Hole(1, from), new Hole(1, to), Face.FRONT));
        segments.add(new Run(new Hole(1, from), new Hole(1, to), Face.BACK));
    }

    private void wrap(int number, Edge edge) {
        segments.add(new Wrap(new Hole(1, number), edge, Face.BACK));
    }

    /** The block as far as an order needs it: where the holes lie. */
    static StabFrame frame(List<SideHole> holes) {
        Length far =
                holes.stream().map(SideHole::fromHead).max(Length::compareTo).orElse(Length.ZERO);
        Length near =
                holes.stream().map(SideHole::fromHead).min(Length::compareTo).orElse(Length.ZERO);
        return new StabFrame(
                holes.stream()
                        .map(hole -> new SidePosition(hole.fromHead(), hole.fromSpine()))
                        .toList(),
                far.plus(near),
                Length.ofMm(5),
                Length.ofMm(0.5),
                Length.ofMm(75));
    }
}
