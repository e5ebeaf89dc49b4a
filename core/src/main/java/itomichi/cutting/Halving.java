package itomichi.cutting;

import itomichi.material.Grain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * A leaf that comes from a stock sheet by halving its longer side again and again; the last halving is the fold.
 *
 * @param times how often it is halved, the fold included
 * @param sheetsEach sheets to fold that come out of a stock sheet
 * @param sheetWidth across the fold
 * @param leafWidth width of the leaf
 * @param leafHeight height of the leaf, along the fold
 * @param grain which way the grain ends up lying
 */
public record Halving(int times, int sheetsEach, Length sheetWidth, Length leafWidth, Length leafHeight, Grain grain) {

    private static final int MOST = 5;
    private static final Length SMALLEST = Length.ofMm(40);

    /** The leaves a stock sheet folds to, the largest first. */
    public static List<Halving> of(Supply supply) {
        List<Halving> halvings = new ArrayList<>();
        Length width = supply.usableWidth();
        Length height = supply.usableHeight();
        for (int times = 1; times <= MOST; times++) {
            boolean upright = !height.isLessThan(width);
            // the fold halves the longer side, so it runs along the shorter one
            Length fold = upright ? width : height;
            Length longer = upright ? height : width;
            Length half = new Length(longer.micrometres() / 2);
            if (half.isLessThan(SMALLEST)) {
                break;
            }
            halvings.add(new Halving(times, 1 << (times - 1), half.times(2), half, fold, grain(supply, upright)));
            if (upright) {
                height = half;
            } else {
                width = half;
            }
        }
        return halvings;
    }

    private static Grain grain(Supply supply, boolean foldLevel) {
        return switch (supply.grain()) {
            case UNKNOWN -> Grain.UNKNOWN;
            case ALONG_WIDTH -> foldLevel ? Grain.WITH_FOLD : Grain.ACROSS_FOLD;
            case ALONG_HEIGHT -> foldLevel ? Grain.ACROSS_FOLD : Grain.WITH_FOLD;
        };
    }
}
