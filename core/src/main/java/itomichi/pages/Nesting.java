package itomichi.pages;

import itomichi.measure.Phrase;
import itomichi.spec.Artwork;
import itomichi.spec.Artwork.Facing;
import itomichi.spec.Artwork.Spot;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * How sheets that were painted or printed beforehand are nested so that given halves face each other.
 *
 * <p>A half on the left of a side that lies inside faces the right half of the outer side of the next sheet inside, and the right one the
 * left; the two inner halves of the innermost sheet face each other. Whatever is wanted of two sheets therefore lays them next to each
 * other. They are laid from the outermost inwards, each either way up, and what cannot be kept is given up as soon as it shows.
 *
 * @param order the sheets from the outermost inwards; as many of what is wanted are kept as there can be
 * @param lost what is not kept in that order
 * @param why why not all of it is; nothing where all is
 */
public record Nesting(List<Laid> order, List<Facing> lost, Optional<Phrase> why) {

    public Nesting {
        order = List.copyOf(order);
        lost = List.copyOf(lost);
    }

    /**
     * A sheet where it lies.
     *
     * @param sheet its number as it was made, from 1
     * @param turned whether its front lies inside; else it lies outside, as the first page of a sheet does
     */
    public record Laid(int sheet, boolean turned) {}

    /**
     * The nesting that keeps what is wanted of the sheets of a signature.
     *
     * @param sheets how many there are
     * @param wanted which halves of them are to face each other
     */
    public static Nesting of(int sheets, List<Facing> wanted) {
        List<Facing> possible =
                wanted.stream().filter(one -> never(one).isEmpty()).toList();
        List<Facing> kept = possible;
        Optional<List<Laid>> found = laid(sheets, kept);
        // the fewest are given up, the last wanted first
        for (int giving = 1; found.isEmpty(); giving++) {
            for (List<Facing> fewer : without(possible, giving)) {
                kept = fewer;
                found = laid(sheets, fewer);
                if (found.isPresent()) {
                    break;
                }
            }
        }
        Set<Facing> held = new HashSet<>(kept);
        List<Facing> lost = wanted.stream().filter(one -> !held.contains(one)).toList();
        return new Nesting(
                found.get(),
                lost,
                lost.stream().findFirst().map(one -> never(one).orElseGet(() -> others(one, kept(wanted, held)))));
    }

    /**
     * What was made beforehand on the sheets of a signature, numbered anew from the outermost, with the side in front that lies outside.
     *
     * @param signature which signature is nested so
     */
    public Artwork numbered(int signature, Artwork artwork) {
        return artwork.where(spot -> {
            for (int i = 0; spot.signature() == signature && i < order.size(); i++) {
                if (order.get(i).sheet() == spot.sheet()) {
                    return new Spot(
                            signature, i + 1, spot.back() != order.get(i).turned(), spot.right());
                }
            }
            return spot;
        });
    }

    private static List<Facing> kept(List<Facing> wanted, Set<Facing> held) {
        return wanted.stream().filter(held::contains).toList();
    }

    /** Why two halves never face each other, however the sheets lie. */
    private static Optional<Phrase> never(Facing wanted) {
        Spot one = wanted.one();
        Spot other = wanted.other();
        if (one.right() == other.right()) {
            return Optional.of(Phrase.of(
                    "{} and {} are both {} halves; a left page faces a right one.",
                    one.words(),
                    other.words(),
                    one.right() ? "right" : "left"));
        }
        if (one.sheet() == other.sheet() && one.back() != other.back()) {
            return Optional.of(Phrase.of(
                    "{} and {} lie on the two sides of one sheet; they turn away from each other.",
                    one.words(),
                    other.words()));
        }
        return Optional.empty();
    }

    /** What stands in the way: a sheet has one neighbour outside and one inside, and one side to each. */
    private static Phrase others(Facing lost, List<Facing> kept) {
        List<String> ways = kept.stream()
                .filter(one -> touches(one, lost.one().sheet())
                        || touches(one, lost.other().sheet()))
                .map(one -> one.one().words() + " facing " + one.other().words())
                .toList();
        return Phrase.of(
                "{} cannot face {} as well: a sheet has one side outside and one inside, and one neighbour at each{}.",
                lost.one().words(),
                lost.other().words(),
                ways.isEmpty() ? "" : "; what stands in the way is " + String.join(", ", ways));
    }

    private static boolean touches(Facing wanted, int sheet) {
        return wanted.one().sheet() == sheet || wanted.other().sheet() == sheet;
    }

    /** All that is left where so many are given up, the last ones first. */
    private static List<List<Facing>> without(List<Facing> wanted, int giving) {
        if (giving == 0) {
            return List.of(wanted);
        }
        List<List<Facing>> all = new ArrayList<>();
        for (int i = wanted.size() - 1; i >= giving - 1; i--) {
            List<Facing> after = wanted.subList(i + 1, wanted.size());
            for (List<Facing> before : without(wanted.subList(0, i), giving - 1)) {
                List<Facing> left = new ArrayList<>(before);
                left.addAll(after);
                all.add(left);
            }
        }
        return all;
    }

    private static Optional<List<Laid>> laid(int sheets, List<Facing> wanted) {
        List<Integer> free = new ArrayList<>();
        List<Integer> bound = new ArrayList<>();
        for (int sheet = 1; sheet <= sheets; sheet++) {
            int number = sheet;
            (wanted.stream().anyMatch(one -> touches(one, number)) ? bound : free).add(sheet);
        }
        List<Laid> order = new ArrayList<>();
        // what nobody wants anything of lies outside
        free.forEach(sheet -> order.add(new Laid(sheet, false)));
        return new Search(wanted, bound, order).found() ? Optional.of(order) : Optional.empty();
    }

    /** Lays sheets inwards, one after the other. */
    private record Search(List<Facing> wanted, List<Integer> bound, List<Laid> order) {

        boolean found() {
            List<Integer> left =
                    bound.stream().filter(sheet -> place(sheet) < 0).toList();
            if (left.isEmpty()) {
                return wanted.stream().allMatch(this::kept);
            }
            for (int sheet : left) {
                for (boolean turned : List.of(false, true)) {
                    order.add(new Laid(sheet, turned));
                    if (held() && found()) {
                        return true;
                    }
                    order.remove(order.size() - 1);
                }
            }
            return false;
        }

        /** Whether nothing is lost yet: of every sheet but the last both neighbours are known, and what it wants is kept. */
        private boolean held() {
            int last = order.get(order.size() - 1).sheet();
            return wanted.stream()
                    .filter(one -> IntStream.of(one.one().sheet(), one.other().sheet())
                            .anyMatch(sheet -> sheet != last && place(sheet) >= 0))
                    .allMatch(this::kept);
        }

        private boolean kept(Facing one) {
            return faces(one.one(), one.other()) || faces(one.other(), one.one());
        }

        /** Whether the one lies on a side that is inside, and the other where it is seen beside it. */
        private boolean faces(Spot inner, Spot outer) {
            int at = place(inner.sheet());
            if (at < 0 || inner.back() == order.get(at).turned()) {
                return false;
            }
            if (inner.sheet() == outer.sheet()) {
                return at == order.size() - 1;
            }
            return place(outer.sheet()) == at + 1
                    && outer.back() == order.get(at + 1).turned();
        }

        private int place(int sheet) {
            return IntStream.range(0, order.size())
                    .filter(i -> order.get(i).sheet() == sheet)
                    .findFirst()
                    .orElse(-1);
        }
    }
}
