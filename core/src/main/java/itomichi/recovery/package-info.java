/**
 * What becomes of a wrong hole: the way back from it, and what it would have done.
 *
 * <p>Read {@link itomichi.recovery.Recovery} for a binder who strayed, {@link itomichi.recovery.Rehearsal} for one who learns;
 * {@link itomichi.recovery.RecoverySearch} finds how far to unpick.
 *
 * <p>Uses measure, path, order, structure, spec, plan, steps.
 */
@NullMarked
package itomichi.recovery;

import org.jspecify.annotations.NullMarked;
