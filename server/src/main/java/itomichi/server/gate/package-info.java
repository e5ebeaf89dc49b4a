/**
 * What every request passes before it is let in: where it comes from, what its address says, how much it brings and how fast, and that not
 * too much heavy work is done at once. Read {@link itomichi.server.gate.Answers} first. Uses {@code platform}.
 */
@NullMarked
package itomichi.server.gate;

import org.jspecify.annotations.NullMarked;
