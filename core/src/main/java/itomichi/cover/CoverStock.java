package itomichi.cover;

import itomichi.material.SheetGrain;
import itomichi.measure.Length;

/**
 * A sheet that pieces of a cover are cut from.
 *
 * @param name what the binder calls it
 * @param width of the sheet
 * @param height of the sheet
 * @param grain which way its fibres lie
 */
public record CoverStock(String name, Length width, Length height, SheetGrain grain) {

    /** How a piece comes out of a sheet. */
    public enum Fit {
        /** With its grain along the spine, as far as the grain is known. */
        RIGHT,
        /** Only with its grain across the spine. */
        ACROSS,
        NOT
    }

    /** How a piece comes out of it, where its grain matters. */
    public Fit fit(CoverPiece piece) {
        boolean upright = holds(piece.wide(), piece.high());
        boolean turned = holds(piece.high(), piece.wide());
        boolean right = switch (grain) {
            case ALONG_HEIGHT -> upright;
            case ALONG_WIDTH -> turned;
            case UNKNOWN -> upright || turned;
        };
        if (right || (!piece.stuff().grained() && (upright || turned))) {
            return Fit.RIGHT;
        }
        return upright || turned ? Fit.ACROSS : Fit.NOT;
    }

    private boolean holds(Length across, Length along) {
        return !across.isMoreThan(width) && !along.isMoreThan(height);
    }
}
