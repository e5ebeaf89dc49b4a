/**
 * Making holes: how wide, with what, in which order, and marks that show a wrong order of signatures.
 *
 * <p>Read {@link itomichi.punching.HoleGroup} and {@link itomichi.punching.PunchList} first.
 *
 * <p>Uses measure, finding.
 */
@NullMarked
package itomichi.punching;

import org.jspecify.annotations.NullMarked;
