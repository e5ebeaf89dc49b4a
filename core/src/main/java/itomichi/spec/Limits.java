package itomichi.spec;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import java.util.Optional;

/** Refuses values that no book can have, with one line that says why. */
final class Limits {

    private Limits() {}

    static void length(String field, String what, Length value, double leastMm, double mostMm, Unit unit) {
        if (value.mm() < leastMm || value.mm() > mostMm) {
            Fineness fineness = leastMm < 1 ? Fineness.HAIR : Fineness.CUT;
            throw new UnfitValueException(
                    field,
                    Phrase.of(
                                    what + " of {}: from {} to {} is taken.",
                                    value.at(fineness),
                                    Length.ofMm(leastMm).at(fineness),
                                    Length.ofMm(mostMm).at(fineness))
                            .in(unit));
        }
    }

    static void lengthIfAny(
            String field, String what, Optional<Length> given, double leastMm, double mostMm, Unit unit) {
        given.ifPresent(length -> length(field, what, length, leastMm, mostMm, unit));
    }

    /** @param what that is of a paper, counted from 0 */
    static void paper(String field, String what, int paper, int papers) {
        if (paper < 0 || paper >= papers) {
            throw new UnfitValueException(
                    field, what + " is of paper " + (paper + 1) + "; the book has " + papers + ".");
        }
    }

    static void number(String field, String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new UnfitValueException(
                    field,
                    what + " of " + plain(value) + unit + ": from " + plain(least) + " to " + plain(most) + unit
                            + " is taken.");
        }
    }

    static void text(String field, String what, String value, int least, int most) {
        int length = value.codePointCount(0, value.length());
        if (length < least || length > most) {
            throw new UnfitValueException(
                    field,
                    what
                            + (length < least
                                    ? " is wanted; none was typed."
                                    : " of " + length + " letters: " + most + " at the most are taken."));
        }
        if (value.chars().anyMatch(letter -> letter < ' ' && letter != '\n')) {
            throw new UnfitValueException(field, what + " holds a letter that cannot be shown.");
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
