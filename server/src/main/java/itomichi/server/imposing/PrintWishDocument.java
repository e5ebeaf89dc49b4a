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
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** How a text is printed, as it travels and is kept; lengths in mm. {@code larger} is left out where there is no larger printer's sheet. */
record PrintWishDocument(
        Fit fit,
        PrintMargins margins,
        double bleedMm,
        int creepPercent,
        PrintSheet sheet,
        @Nullable PrintSheet larger,
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
    record PrintSheet(double widthMm, double heightMm, double unprintableMm) {
        static PrintSheet of(PrinterSheet sheet) {
            return new PrintSheet(
                    sheet.width().mm(), sheet.height().mm(), sheet.unprintable().mm());
        }

        PrinterSheet sheet(String field) {
            return new PrinterSheet(
                    length(field + ".widthMm", widthMm),
                    length(field + ".heightMm", heightMm),
                    length(field + ".unprintableMm", unprintableMm));
        }
    }

    static PrintWishDocument of(PrintWish wish) {
        return new PrintWishDocument(
                wish.fit(),
                PrintMargins.of(wish.margins()),
                wish.bleed().mm(),
                wish.creepPercent(),
                PrintSheet.of(wish.sheet()),
                wish.larger().map(PrintSheet::of).orElse(null),
                wish.marks().stream().sorted().toList(),
                wish.sides(),
                wish.files(),
                wish.together());
    }

    /** @throws UnfitValueException if something is missing or no length */
    PrintWish wish() {
        PrintMargins around = given("margins", margins);
        return new PrintWish(
                given("fit", fit),
                new Margins(
                        length("margins.foldMm", around.foldMm),
                        length("margins.headMm", around.headMm),
                        length("margins.foreEdgeMm", around.foreEdgeMm),
                        length("margins.tailMm", around.tailMm)),
                length("bleedMm", bleedMm),
                creepPercent,
                given("sheet", sheet).sheet("sheet"),
                Optional.ofNullable(larger).map(paper -> paper.sheet("larger")),
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
