/** Throws at a running application what a stranger might, and counts what came of it. Read {@link itomichi.attack.Attack} first. */
@NullMarked
package itomichi.attack;

import org.jspecify.annotations.NullMarked;
