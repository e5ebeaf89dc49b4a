/** A leaf as it lies near the fore edge, seen from the head; its fold is at the left, the middle of the signature at the height 0. */
export interface ForeLeaf {
  /** How far from the middle it comes from the fold, pixels. */
  from: number;
  /** Thickness of its sheet, pixels. */
  thick: number;
  /** Where it ends, pixels from where its fore half begins to be drawn. */
  fore: number;
  /** So much of it is folded back before the fore edge, pixels; 0 where it is no wider than the book. */
  back: number;
}

/** How a leaf lies outside of what is folded back inside of it. */
export interface LiesSo {
  /** How far it is lifted, pixels. */
  lifted: number;
  /** From where on, pixels from where its fore half begins to be drawn. */
  liftedFrom: number;
}

/** Room in which a leaf comes up on to what is folded back under it, pixels. */
export const SLOPE = 36;

/** Leaves of one half of a signature, from the innermost outwards: each that is folded back lifts all outside of it by its own thickness. */
export function foreEdge(leaves: readonly ForeLeaf[]): LiesSo[] {
  let lifted = 0;
  let begins = Infinity;
  return leaves.map((leaf) => {
    // what is folded back further out than a leaf reaches lifts it nowhere
    const lies =
      begins < leaf.fore ? { lifted, liftedFrom: Math.max(0, begins - SLOPE) } : { lifted: 0, liftedFrom: leaf.fore };
    if (leaf.back > 0) {
      lifted += leaf.thick;
      begins = Math.min(begins, leaf.fore - leaf.back);
    }
    return lies;
  });
}
