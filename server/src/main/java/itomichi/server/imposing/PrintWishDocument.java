package itomichi.server.imposing;

import static itomichi.server.platform.Sent.given;

import itomichi.measure.Length;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.Files;
import itomichi.spec.PrintWish.Fit;
import itomichi.spec.PrintWish.Margins;
import itomichi.spec.PrintWish.Mark;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.PrintWish.Sides;
import itomichi.spec.UnfitValueException;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** How a text is printed, as it travels and is kept; lengths in mm. */
record PrintWishDocument(
        Fit fit,
        PrintMargins margins,
        double bleedMm,
        int creepPercent,
        PrintSheet sheet,
        List<Mark> marks,
        Sides sides,
        Files files,
        int together) {

    /** What is left free round a page. */
    record PrintMargins(double foldMm, double headMm, double foreEdgeMm, double tailMm) {
        static PrintMargins of(Margins margins) {
            return new PrintMargins(
                    margins.fold().mm(),
                    margins.head().mm(),
                    margins.foreEdge().mm(),
                    margins.tail().mm());
        }
    }

    /** A printer's sheet. */
    record PrintSheet(double widthMm, double heightMm, double unprintableMm) {}

    static PrintWishDocument of(PrintWish wish) {
        return new PrintWishDocument(
                wish.fit(),
                PrintMargins.of(wish.margins()),
                wish.bleed().mm(),
                wish.creepPercent(),
                new PrintSheet(
                        wish.sheet().width().mm(),
                        wish.sheet().height().mm(),
                        wish.sheet().unprintable().mm()),
                wish.marks().stream().sorted().toList(),
                wish.sides(),
                wish.files(),
                wish.together());
    }

    /** @throws UnfitValueException if something is missing or no length */
    PrintWish wish() {
        PrintMargins around = given("margins", margins);
        PrintSheet paper = given("sheet", sheet);
        return new PrintWish(
                given("fit", fit),
                new Margins(
                        length("margins.foldMm", around.foldMm),
                        length("margins.headMm", around.headMm),
                        length("margins.foreEdgeMm", around.foreEdgeMm),
                        length("margins.tailMm", around.tailMm)),
                length("bleedMm", bleedMm),
                creepPercent,
                new PrinterSheet(
                        length("sheet.widthMm", paper.widthMm),
                        length("sheet.heightMm", paper.heightMm),
                        length("sheet.unprintableMm", paper.unprintableMm)),
                set(given("marks", marks)),
                given("sides", sides),
                given("files", files),
                together);
    }

    private static Set<Mark> set(List<Mark> marks) {
        Set<Mark> set = EnumSet.noneOf(Mark.class);
        marks.forEach(mark -> set.add(given("marks", mark)));
        return set;
    }

    private static Length length(String field, double mm) {
        if (!(Math.abs(mm) <= 1e6)) {
            throw new UnfitValueException(field, "Read " + mm + " mm; that is no length that is printed.");
        }
        return Length.ofMm(mm);
    }
}
