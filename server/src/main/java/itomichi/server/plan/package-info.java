/**
 * Plans over HTTP. Read {@link itomichi.server.plan.PlanView} first. Uses {@code document}.
 */
@NullMarked
package itomichi.server.plan;

import org.jspecify.annotations.NullMarked;
