package itomichi.cover;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/** What of the work waits on what. */
public final class CoverOrder {

    private CoverOrder() {}

    /**
     * A step in its place.
     *
     * @param number from 1
     * @param step the step
     * @param waitsOn numbers of the steps it waits on, where that is not just the one before it
     * @param meanwhile whether work goes on with it while an earlier one lies, on which it does not wait; the first of a row of such steps
     */
    public record Placed(int number, CoverStep step, List<Integer> waitsOn, boolean meanwhile) {
        public Placed {
            waitsOn = List.copyOf(waitsOn);
        }
    }

    /** Steps in their order, each with what it waits on. */
    public static List<Placed> of(List<CoverStep> steps) {
        List<Placed> placed = new ArrayList<>();
        List<BitSet> before = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            BitSet direct = direct(steps, i);
            BitSet all = (BitSet) direct.clone();
            direct.stream().forEach(one -> all.or(before.get(one)));
            before.add(all);
            int lying = lastLying(steps, i);
            boolean meanwhile = lying >= 0 && !all.get(lying);
            boolean goesOn = i > 0
                    && lying == lastLying(steps, i - 1)
                    && !before.get(i - 1).get(Math.max(0, lying));
            boolean next = direct.cardinality() <= 1 && (i == 0 || direct.get(i - 1));
            placed.add(new Placed(
                    i + 1,
                    steps.get(i),
                    next
                            ? List.of()
                            : direct.stream().map(one -> one + 1).boxed().toList(),
                    meanwhile && !goesOn));
        }
        return placed;
    }

    private static BitSet direct(List<CoverStep> steps, int at) {
        BitSet direct = new BitSet();
        List<String> after = steps.get(at).after();
        IntStream.range(0, at).filter(i -> after.contains(steps.get(i).key())).forEach(direct::set);
        if (direct.isEmpty() && at > 0) {
            direct.set(at - 1);
        }
        return direct;
    }

    private static int lastLying(List<CoverStep> steps, int before) {
        return IntStream.iterate(before - 1, i -> i >= 0, i -> i - 1)
                .filter(i -> steps.get(i).lies())
                .findFirst()
                .orElse(-1);
    }
}
