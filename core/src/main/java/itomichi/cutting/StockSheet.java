package itomichi.cutting;

import itomichi.material.Supply;

/**
 * A kind of sheet that pieces may be cut from.
 *
 * @param supply the sheet, and how many there are; of a new sheet more can be bought, of an off-cut there are no more
 * @param offcut whether it is what an earlier cut left
 */
public record StockSheet(Supply supply, boolean offcut) {

    /** How many of it may be taken. */
    int most() {
        return offcut ? supply.have().orElse(1) : Integer.MAX_VALUE;
    }

    long width() {
        return supply.usableWidth().micrometres();
    }

    long height() {
        return supply.usableHeight().micrometres();
    }

    double areaMm2() {
        return supply.usableWidth().mm() * supply.usableHeight().mm();
    }
}
