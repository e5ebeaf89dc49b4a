package itomichi.spec;

import itomichi.measure.Length;
import itomichi.measure.Unit;

/** What nothing is printed by. */
final class PrintLimits {

    private static final int MOST_TOGETHER = 500;

    private PrintLimits() {}

    static void check(PrintWish wish, Unit unit) {
        margin("margins.foldMm", "A margin at the fold", wish.margins().fold(), unit);
        margin("margins.headMm", "A margin at the head", wish.margins().head(), unit);
        margin("margins.foreEdgeMm", "A margin at the fore edge", wish.margins().foreEdge(), unit);
        margin("margins.tailMm", "A margin at the tail", wish.margins().tail(), unit);
        Limits.length("bleedMm", "A bleed", wish.bleed(), 0, 20, unit);
        Limits.number("creepPercent", "Creep taken out", wish.creepPercent(), 0, 100, "\u202f%");
        sheet("sheet", wish.sheet(), unit);
        wish.larger().ifPresent(larger -> sheet("larger", larger, unit));
        Limits.number("together", "A stack", wish.together(), 1, MOST_TOGETHER, " sheets");
    }

    private static void sheet(String field, PrintWish.PrinterSheet sheet, Unit unit) {
        Limits.length(field + ".widthMm", "A printer\u2019s sheet", sheet.width(), 50, 2000, unit);
        Limits.length(field + ".heightMm", "A printer\u2019s sheet", sheet.height(), 50, 2000, unit);
        Limits.length(field + ".unprintableMm", "An edge that cannot be printed", sheet.unprintable(), 0, 30, unit);
    }

    private static void margin(String field, String what, Length margin, Unit unit) {
        Limits.length(field, what, margin, 0, 500, unit);
    }
}
