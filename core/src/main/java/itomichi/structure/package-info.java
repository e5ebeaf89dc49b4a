/**
 * One file for each binding structure: its stitch, its words, its rules.
 *
 * <p>Read {@link itomichi.structure.Structure} first. Nothing outside this package asks which structure it has before it.
 *
 * <p>Uses measure, gathering, station, path, order, pattern.
 */
@NullMarked
package itomichi.structure;

import org.jspecify.annotations.NullMarked;
