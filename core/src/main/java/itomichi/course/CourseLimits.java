package itomichi.course;

import itomichi.spec.UnfitValueException;

/** What no class can be. */
final class CourseLimits {

    private CourseLimits() {}

    static void check(int minutes, int people, int helpers, int atTable, int sparePercent) {
        within("minutes", "A class", minutes, 10, 1440, "minutes");
        within("people", "A class", people, 1, 200, "people");
        within("helpers", "A class", helpers, 0, 50, "helpers");
        within("atTable", "A table", atTable, 1, 40, "people");
        within("sparePercent", "Spare", sparePercent, 0, 100, "%");
    }

    private static void within(String field, String what, int value, int least, int most, String unit) {
        if (value < least || value > most) {
            throw new UnfitValueException(
                    field, what + " of " + value + " " + unit + ": from " + least + " to " + most + " is taken.");
        }
    }
}
