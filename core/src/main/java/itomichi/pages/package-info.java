/**
 * Which page lies where: on which half and side of which sheet, beside which other. Read {@link itomichi.pages.PagePlan} first.
 *
 * <p>Uses gathering, material, measure, plan, punching, spec, structure.
 */
@NullMarked
package itomichi.pages;

import org.jspecify.annotations.NullMarked;
