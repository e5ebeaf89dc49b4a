/** A leaf as it lies near the fore edge, seen from the head; its fold is at the left, the middle of the signature at the height 0. */
export interface ForeLeaf {
  /** How far from the middle it comes from the fold, pixels. */
  from: number;
  /** Thickness of its sheet, pixels. */
  thick: number;
  /** Where it ends, pixels from the left. */
  fore: number;
  /** Whether it is wider than the book, and folded back before the fore edge. */
  back: boolean;
}

/** How a leaf lies: how far it is lifted by what is folded back inside of it, from where on, and where its own part lies that is folded back. */
export interface LiesSo {
  lifted: number;
  liftedFrom: number;
  /** How far from the middle the part lies that is folded back; nothing where none is. */
  back: number | null;
}

/** So much of a leaf is drawn folded back, pixels: it is a sign, for the fore edge is cut off from the fold in the drawing. */
export const BACK = 46;
/** Room in which a leaf comes up on to what is folded back under it, pixels. */
export const SLOPE = 12;

/** Leaves of one half of a signature, from the innermost outwards: each that is folded back lifts all outside of it by its own thickness. */
export function foreEdge(leaves: readonly ForeLeaf[]): LiesSo[] {
  let lifted = 0;
  let liftedFrom = Infinity;
  return leaves.map((leaf) => {
    const lies = { lifted, liftedFrom, back: leaf.back ? leaf.from + lifted + leaf.thick : null };
    if (leaf.back) {
      lifted += leaf.thick;
      liftedFrom = Math.min(liftedFrom, leaf.fore - BACK - SLOPE);
    }
    return lies;
  });
}
