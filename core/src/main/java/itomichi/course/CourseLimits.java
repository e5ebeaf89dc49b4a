package itomichi.course;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.spec.UnfitValueException;

/** What no class can be. */
final class CourseLimits {

    private static final Length YARN_LEAST = Length.ofMm(0.8);
    private static final Length YARN_MOST = Length.ofMm(2.5);

    private CourseLimits() {}

    static void check(int minutes, int people, int helpers, int atTable, int sparePercent) {
        within("minutes", "A class", minutes, 10, 1440, "minutes");
        within("people", "A class", people, 1, 200, "people");
        within("helpers", "A class", helpers, 0, 50, "helpers");
        within("atTable", "A table", atTable, 1, 40, "people");
        within("sparePercent", "Spare", sparePercent, 0, 100, "%");
    }

    /** Thinner is a thread; of a thicker one not enough goes through the hole of a paper punch: common practice. */
    static void check(Length yarn, Unit unit) {
        if (yarn.isLessThan(YARN_LEAST) || yarn.isMoreThan(YARN_MOST)) {
            throw new UnfitValueException(
                    "yarnMm",
                    Phrase.of(
                                    "A yarn of {}: from {} to {} is taken.",
                                    yarn.at(Fineness.BUNDLE),
                                    YARN_LEAST.at(Fineness.BUNDLE),
                                    YARN_MOST.at(Fineness.BUNDLE))
                            .in(unit));
        }
    }

    private static void within(String field, String what, int value, int least, int most, String unit) {
        if (value < least || value > most) {
            throw new UnfitValueException(
                    field, what + " of " + value + " " + unit + ": from " + least + " to " + most + " is taken.");
        }
    }
}
