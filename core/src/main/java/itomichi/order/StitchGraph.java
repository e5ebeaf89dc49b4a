package itomichi.order;

import itomichi.path.Hole;
import itomichi.path.Move;
import itomichi.path.Spot;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The stitches as a web of spots: each hole has two, an outer (outside, front) and an inner (inside, back); a spot and its opposite
 * differ in the last bit.
 */
final class StitchGraph {

    final List<Move> segments;
    final List<Hole> holes = new ArrayList<>();
    final int[] from;
    final int[] to;
    /** Numbers of the segments at each spot. */
    final int[][] at;

    private final Map<Hole, Integer> numbers = new HashMap<>();
    private final int[] seen;
    private final int[] queue;
    private int search;

    StitchGraph(List<Move> segments, Spot ready, Spot arrival) {
        this.segments = segments;
        number(ready.hole());
        number(arrival.hole());
        from = segments.stream().mapToInt(segment -> spot(segment.start())).toArray();
        to = segments.stream().mapToInt(segment -> spot(segment.end())).toArray();
        int[] ends = ends();
        at = new int[2 * holes.size()][];
        Arrays.setAll(at, spot -> new int[ends[spot]]);
        seen = new int[holes.size()];
        queue = new int[holes.size()];
        int[] filled = new int[at.length];
        for (int segment = 0; segment < from.length; segment++) {
            at[from[segment]][filled[from[segment]]++] = segment;
            if (from[segment] != to[segment]) {
                at[to[segment]][filled[to[segment]]++] = segment;
            }
        }
        for (int spot = 0; spot < at.length; spot++) {
            at[spot] = Arrays.copyOf(at[spot], filled[spot]);
        }
    }

    private int number(Hole hole) {
        return numbers.computeIfAbsent(hole, fresh -> {
            holes.add(fresh);
            return holes.size() - 1;
        });
    }

    int spot(Spot spot) {
        boolean inner = spot.face().inner();
        return 2 * number(spot.hole()) + (inner ? 1 : 0);
    }

    /** Ends of segments at each spot; what lies round at one spot has both of its ends there. */
    int[] ends() {
        int[] ends = new int[2 * holes.size()];
        for (int segment = 0; segment < from.length; segment++) {
            ends[from[segment]]++;
            ends[to[segment]]++;
        }
        return ends;
    }

    /** The other end of a segment. */
    int across(int segment, int spot) {
        return from[segment] == spot ? to[segment] : from[segment];
    }

    /** Marks of the parts that hang together by segments that are not used: for each hole the lowest number of a hole of its part. */
    int[] parts(boolean[] used) {
        int[] part = new int[holes.size()];
        Arrays.fill(part, -1);
        for (int hole = 0; hole < part.length; hole++) {
            if (part[hole] < 0) {
                reach(hole, used, part);
            }
        }
        return part;
    }

    private void reach(int start, boolean[] used, int[] part) {
        int[] open = new int[part.length];
        int top = 0;
        open[top++] = start;
        part[start] = start;
        while (top > 0) {
            int hole = open[--top];
            for (int spot = 2 * hole; spot <= 2 * hole + 1; spot++) {
                for (int segment : at[spot]) {
                    int next = across(segment, spot) / 2;
                    if (!used[segment] && part[next] < 0) {
                        part[next] = start;
                        open[top++] = next;
                    }
                }
            }
        }
    }

    /** Whether nothing more is to be sewn at a hole. */
    boolean bare(int hole, boolean[] used) {
        for (int spot = 2 * hole; spot <= 2 * hole + 1; spot++) {
            for (int segment : at[spot]) {
                if (!used[segment]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether segments that are not used lead from a hole to another, the nearest holes looked at first. */
    boolean leads(int from, int to, boolean[] used) {
        search++;
        int first = 0;
        int last = 0;
        queue[last++] = from;
        seen[from] = search;
        while (first < last) {
            int hole = queue[first++];
            if (hole == to) {
                return true;
            }
            for (int spot = 2 * hole; spot <= 2 * hole + 1; spot++) {
                for (int segment : at[spot]) {
                    int next = across(segment, spot) / 2;
                    if (!used[segment] && seen[next] != search) {
                        seen[next] = search;
                        queue[last++] = next;
                    }
                }
            }
        }
        return false;
    }
}
