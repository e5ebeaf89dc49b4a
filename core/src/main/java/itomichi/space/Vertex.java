package itomichi.space;

import itomichi.path.Point3;

/**
 * A point that the thread comes to.
 *
 * @param step the step that brings it there
 * @param passage the number of the passage whose end it is, from 1; 0 where it is in no hole
 */
record Vertex(Point3 at, int step, int passage) {}
