package itomichi.imposition;

import itomichi.pages.Page;

/**
 * A page of the book as it lies on an opened sheet, once it is trimmed.
 *
 * @param page which page
 * @param box where it lies
 * @param boundLeft whether its bound edge, the fold or the back, is on its left
 */
record Field(Page page, Box box, boolean boundLeft) {}
