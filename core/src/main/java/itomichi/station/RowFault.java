package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * What is wrong with rows across a spine.
 *
 * @param kind what is wrong
 * @param row the row, from 1 at the front of the book; 0 where it is all of them
 * @param words cause and number
 */
public record RowFault(Kind kind, int row, Phrase words) {

    /** Kinds of fault; the first two make the cover impossible, the last two are good to know. */
    public enum Kind {
        OFF_SPINE,
        RUN_TOGETHER,
        TEARS_BETWEEN,
        CLOSE,
        NEAR_EDGE;

        public boolean impossible() {
            return this == OFF_SPINE || this == RUN_TOGETHER;
        }

        /** Whether it only asks for care. */
        public boolean minor() {
            return this == CLOSE || this == NEAR_EDGE;
        }
    }

    /** Less, and it is one slit: common practice. */
    static final Length MATERIAL_LEAST = Length.ofMm(0.5);
    /** Nearer to the fold where the spine ends, and the row pulls into it: common practice. */
    public static final Length EDGE_GOOD = Length.ofMm(2);

    /**
     * Judges rows.
     *
     * @param rows the rows
     * @param hole width of the holes in the cover
     * @param stuff what the cover is made of, in words
     * @param between what must be left of it between two holes
     */
    public static List<RowFault> judge(Rows rows, Length hole, String stuff, Length between) {
        List<RowFault> faults = new ArrayList<>();
        Length first = rows.fromLeft().get(0);
        Length last = rows.width().minus(rows.fromLeft().get(rows.count() - 1));
        Length edge = first.isLessThan(last) ? first : last;
        if (edge.micrometres() < 0) {
            faults.add(new RowFault(
                    Kind.OFF_SPINE,
                    0,
                    Phrase.of(
                            "{} rows reach over {}; the spine is {} wide.",
                            rows.count(),
                            rows.span().at(Fineness.MARK),
                            rows.width().at(Fineness.MARK))));
        } else if (edge.isLessThan(EDGE_GOOD)) {
            faults.add(new RowFault(
                    Kind.NEAR_EDGE,
                    edge.equals(first) ? rows.count() : 1,
                    Phrase.of(
                            "The outermost row is {} from the edge of the spine: {} or more holds better.",
                            edge.at(Fineness.MARK),
                            EDGE_GOOD.at(Fineness.MARK))));
        }
        if (rows.count() > 1) {
            material(rows, hole, stuff, between, faults);
        }
        return faults;
    }

    /** Less of a cover than this between two holes is torn by the thread, where it wants so much: common practice. */
    public static Length torn(Length between) {
        return between.times(0.5);
    }

    /** The least spine, to half a millimetre, on which so many rows in equal gaps leave cover enough between their holes. */
    public static Length wideEnough(int rows, Length hole, Length between) {
        double mm = (rows + 1) * (hole.mm() + between.mm());
        return Length.ofMm(Math.ceil(mm * 2) / 2);
    }

    private static void material(Rows rows, Length hole, String stuff, Length between, List<RowFault> faults) {
        Length left = rows.nearest().minus(hole);
        if (left.isLessThan(MATERIAL_LEAST)) {
            faults.add(new RowFault(
                    Kind.RUN_TOGETHER,
                    0,
                    Phrase.of(
                            "{} rows are more than a spine of {} holds: they come to lie {} apart, and holes of {} run together.",
                            rows.count(),
                            rows.width().at(Fineness.MARK),
                            rows.nearest().at(Fineness.MARK),
                            hole.at(Fineness.BUNDLE))));
        } else if (left.isLessThan(between)) {
            boolean tears = left.isLessThan(torn(between));
            faults.add(new RowFault(
                    tears ? Kind.TEARS_BETWEEN : Kind.CLOSE,
                    0,
                    Phrase.of(
                            tears
                                    ? "Rows lie {} apart from centre to centre, which leaves {} of the cover between their holes: {} tears there; it wants {}."
                                    : "Rows lie {} apart from centre to centre, which leaves {} of the cover between their holes: {} holds better with {}. Punch small, pull gently.",
                            rows.nearest().at(Fineness.MARK),
                            left.at(Fineness.MARK),
                            stuff,
                            between.at(Fineness.MARK))));
        }
    }
}
