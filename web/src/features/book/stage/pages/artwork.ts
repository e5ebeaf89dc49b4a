import type { BookDocument } from '../../../../api/client';

type Artwork = BookDocument['pages']['artwork'];
export type Half = Artwork['pictures'][number]['half'];
export type Facing = Artwork['facing'][number];

/** The four halves of a sheet, its front first. */
export const HALVES: readonly Pick<Half, 'back' | 'right'>[] = [
  { back: false, right: false },
  { back: false, right: true },
  { back: true, right: false },
  { back: true, right: true },
];

export const sameHalf = (one: Half, other: Half) =>
  one.signature === other.signature &&
  one.sheet === other.sheet &&
  one.back === other.back &&
  one.right === other.right;

/** Which half of its sheet it is, in words. */
export function sideWords({ back, right }: Pick<Half, 'back' | 'right'>): string {
  return `${back ? 'back' : 'front'} ${right ? 'right' : 'left'}`;
}

/** Which half of its signature it is, in words. */
export function placeWords(half: Half): string {
  return `sheet ${half.sheet}, ${sideWords(half)}`;
}

/** Which half it is, in words. */
export function halfWords(half: Half): string {
  return `signature ${half.signature}, ${placeWords(half)}`;
}

/** What is on a half; empty where nothing is said. */
export function pictureOn(artwork: Artwork, half: Half): string {
  return artwork.pictures.find((one) => sameHalf(one.half, half))?.words ?? '';
}

function withArtwork(edit: (artwork: Artwork) => Artwork) {
  return (document: BookDocument): BookDocument => ({
    ...document,
    pages: { ...document.pages, artwork: edit(document.pages.artwork) },
  });
}

/** The book with that on a half; with nothing where no words are said. */
export function withPicture(half: Half, words: string) {
  return withArtwork((artwork) => ({
    ...artwork,
    pictures: [
      ...artwork.pictures.filter((one) => !sameHalf(one.half, half)),
      ...(words === '' ? [] : [{ half, words }]),
    ],
  }));
}

/** The book with two halves more that are to face each other. */
export function withFacing(facing: Facing) {
  return withArtwork((artwork) => ({ ...artwork, facing: [...artwork.facing, facing] }));
}

/** The book without the halves at that place of the list, from 0. */
export function withoutFacing(at: number) {
  return withArtwork((artwork) => ({ ...artwork, facing: artwork.facing.filter((_, i) => i !== at) }));
}
