package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * What is wrong with a station's place.
 *
 * @param kind what is wrong
 * @param station its number from the head, or the lower one of two
 * @param words cause and number
 */
public record StationFault(Kind kind, int station, Phrase words) {

    /** Kinds of fault; the first three make the holes impossible, the others are to be looked at. */
    public enum Kind {
        OUTSIDE_FOLD(true),
        TEARS_OUT(true),
        TEARS_THROUGH(true),
        NEAR_END(false),
        NEAR_NEIGHBOUR(false),
        KETTLE_NEAR(false),
        GAPES(false);

        private final boolean impossible;

        Kind(boolean impossible) {
            this.impossible = impossible;
        }

        public boolean impossible() {
            return impossible;
        }
    }

    /** Nearer to an end, and the hole tears out: common practice. */
    public static final Length END_LEAST = Length.ofMm(3);
    /** Nearer to an end, and it is weak: common practice. */
    static final Length END_GOOD = Length.ofMm(6);
    /** Nearer to an end, and a kettle slips over it; {@link StationScheme#USUAL_KETTLE} is usual: common practice. */
    static final Length KETTLE_GOOD = Length.ofMm(9);
    /** Nearer to each other, and the paper between tears: common practice. */
    static final Length NEIGHBOUR_LEAST = Length.ofMm(4);
    /** Nearer to each other, and it is weak: common practice. */
    static final Length NEIGHBOUR_GOOD = Length.ofMm(8);
    /** A longer gap lets the leaves gape: common practice for tall pages on three stations. */
    static final Length GAP_GAPES = Length.ofMm(90);

    /**
     * Judges every station of a fold, from the head down.
     *
     * @param stations measured from the head as it will be once it is trimmed
     * @param height of the fold once it is trimmed
     * @param roles what each station is for, in their order
     * @param trimmed whether head and tail are trimmed after punching
     */
    public static List<StationFault> judge(Stations stations, Length height, List<Role> roles, boolean trimmed) {
        List<StationFault> faults = new ArrayList<>();
        for (int number = 1; number <= stations.count(); number++) {
            judgeEnds(stations, height, number, roles.get(number - 1), trimmed, faults);
            if (number > 1) {
                judgeGap(stations, number, faults);
            }
        }
        return faults;
    }

    private static void judgeEnds(
            Stations stations, Length height, int number, Role role, boolean trimmed, List<StationFault> faults) {
        Length place = stations.at(number);
        Length end = place.compareTo(height.minus(place)) < 0 ? place : height.minus(place);
        String nearest = (end.equals(place) ? "head" : "tail") + (trimmed ? ", once it is trimmed" : "");
        if (end.micrometres() <= 0) {
            faults.add(new StationFault(
                    Kind.OUTSIDE_FOLD,
                    number,
                    Phrase.of(
                            "Station {} at {} lies off the fold, which is {} long.",
                            number,
                            place.at(Fineness.MARK),
                            height.at(Fineness.MARK))));
        } else if (end.isLessThan(END_LEAST)) {
            faults.add(new StationFault(
                    Kind.TEARS_OUT,
                    number,
                    Phrase.of(
                            "Station {} is {} from the {}: under {} the hole tears out.",
                            number,
                            end.at(Fineness.MARK),
                            nearest,
                            END_LEAST.at(Fineness.MARK))));
        } else if (end.isLessThan(END_GOOD)) {
            faults.add(new StationFault(
                    Kind.NEAR_END,
                    number,
                    Phrase.of(
                            "Station {} is {} from the {}: {} or more holds better.",
                            number,
                            end.at(Fineness.MARK),
                            nearest,
                            END_GOOD.at(Fineness.MARK))));
        } else if (role == Role.KETTLE && end.isLessThan(KETTLE_GOOD)) {
            faults.add(new StationFault(
                    Kind.KETTLE_NEAR,
                    number,
                    Phrase.of(
                            "The kettle at station {} is {} from the {}: about {} is usual, nearer it slips over the end.",
                            number,
                            end.at(Fineness.MARK),
                            nearest,
                            StationScheme.USUAL_KETTLE.at(Fineness.MARK))));
        }
    }

    private static void judgeGap(Stations stations, int number, List<StationFault> faults) {
        Length gap = stations.at(number).minus(stations.at(number - 1));
        if (gap.isLessThan(NEIGHBOUR_LEAST)) {
            faults.add(new StationFault(
                    Kind.TEARS_THROUGH,
                    number,
                    Phrase.of(
                            "Stations {} and {} are {} apart: under {} the paper between tears.",
                            number - 1,
                            number,
                            gap.at(Fineness.MARK),
                            NEIGHBOUR_LEAST.at(Fineness.MARK))));
        } else if (gap.isLessThan(NEIGHBOUR_GOOD)) {
            faults.add(new StationFault(
                    Kind.NEAR_NEIGHBOUR,
                    number,
                    Phrase.of(
                            "Stations {} and {} are {} apart: {} or more holds better.",
                            number - 1,
                            number,
                            gap.at(Fineness.MARK),
                            NEIGHBOUR_GOOD.at(Fineness.MARK))));
        } else if (gap.isMoreThan(GAP_GAPES)) {
            faults.add(new StationFault(
                    Kind.GAPES,
                    number,
                    Phrase.of(
                            "The gap between stations {} and {} is {}: past {} the leaves gape.",
                            number - 1,
                            number,
                            gap.at(Fineness.MARK),
                            GAP_GAPES.at(Fineness.MARK))));
        }
    }
}
