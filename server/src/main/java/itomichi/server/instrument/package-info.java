/**
 * Measuring instruments at the bench. Read {@link itomichi.server.instrument.Caliper} first: what a real one's adapter would implement, and
 * what the simulated one does.
 */
@NullMarked
package itomichi.server.instrument;

import org.jspecify.annotations.NullMarked;
