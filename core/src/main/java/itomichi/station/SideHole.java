package itomichi.station;

import itomichi.measure.Length;

/**
 * A hole through the side of a block of single sheets.
 *
 * @param role what it is for
 * @param fromHead from the head
 * @param fromSpine from the spine edge
 */
public record SideHole(Role role, Length fromHead, Length fromSpine) {

    /** From the middle of this hole to the middle of another, mm. */
    public double toMm(SideHole other) {
        return Math.hypot(fromHead.mm() - other.fromHead.mm(), fromSpine.mm() - other.fromSpine.mm());
    }
}
