/** From which side a cover is looked at. */
export type Look = 'outside' | 'inside';

/** Places as this look shows them: from inside, left and right change. */
export function seen(fromLeftMm: number, widthMm: number, look: Look): number {
  return look === 'outside' ? fromLeftMm : widthMm - fromLeftMm;
}

/** Room beside the spine in a lane, CSS pixels. */
export const EDGE = 14;
/** Height of a lane. */
export const LANE = 40;
