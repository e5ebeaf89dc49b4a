package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.measure.Length;
import itomichi.measure.SheetSize;
import itomichi.measure.Unit;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How a binder wants a text printed on the sheets of a book. It changes nothing of the book.
 *
 * @param fit how a page of the text is brought on to its leaf
 * @param margins left free of it where it is fitted between margins
 * @param bleed how far it runs over the edges where it fills the leaf
 * @param creepPercent how much of the creep is taken out, 0 to 100
 * @param sheet the printer's sheet
 * @param larger another, for sheets of the book that are too large for it; nothing where there are none
 * @param marks what is printed besides the text
 * @param sides how a sheet comes to be printed on both sides
 * @param files into how many files it is parted
 * @param together how many sheets are printed by hand before they are turned
 */
@RecordBuilder
public record PrintWish(
        Fit fit,
        Margins margins,
        Length bleed,
        int creepPercent,
        PrinterSheet sheet,
        Optional<PrinterSheet> larger,
        Set<Mark> marks,
        Sides sides,
        Files files,
        int together)
        implements PrintWishBuilder.With {

    /** ISO 217 (from memory): A3 with room to be cut off. */
    private static final SheetSize SRA3 = new SheetSize("SRA3", Length.ofMm(320), Length.ofMm(450));

    public PrintWish {
        marks = marks.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(marks));
    }

    /**
     * The same, checked.
     *
     * @param unit of what is said of a value
     * @throws UnfitValueException if a value is one that nothing is printed by
     */
    public PrintWish checked(Unit unit) {
        PrintLimits.check(this, unit);
        return this;
    }

    /** Sheets that printers take, by their names. */
    public static List<SheetSize> printerSheets() {
        return List.of(standard("A4"), standard("A3"), standard("Letter"), standard("Tabloid"), SRA3);
    }

    private static SheetSize standard(String name) {
        return SheetSize.named(name).orElseThrow();
    }

    /** How a page of the text is brought on to its leaf. */
    public enum Fit {
        /** As large as it is, its middle on the leaf's middle. */
        TRUE,
        /** As large as the margins let it be. */
        MARGINS,
        /** As large as covers the leaf and what is cut off round it. */
        FILL
    }

    /** What is printed besides the text. */
    public enum Mark {
        /** Where the sheet is cut out of the printer's sheet. */
        CROP,
        FOLD,
        /** Where it is punched, in the middle of each signature. */
        STATIONS,
        /** The steps down the backs of the signatures. */
        COLLATION,
        /** Which sheet of which signature it is, outside what is cut. */
        NAMES
    }

    /** How a sheet comes to be printed on both sides. */
    public enum Sides {
        /** By the printer, which turns it over its long edge. */
        LONG_EDGE,
        SHORT_EDGE,
        /** By the hand that lays the stack in again. */
        BY_HAND
    }

    /** Into how many files it is parted. */
    public enum Files {
        ONE,
        EACH_SIGNATURE,
        EACH_PAPER
    }

    /** What is left free round a page. */
    @RecordBuilder
    public record Margins(Length fold, Length head, Length foreEdge, Length tail)
            implements PrintWishMarginsBuilder.With {
        /** The same all round. */
        public static Margins all(Length margin) {
            return new Margins(margin, margin, margin, margin);
        }
    }

    /** A printer's sheet, and how far from its edges nothing can be printed. */
    @RecordBuilder
    public record PrinterSheet(Length width, Length height, Length unprintable)
            implements PrintWishPrinterSheetBuilder.With {}
}
