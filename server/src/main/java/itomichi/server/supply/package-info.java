/**
 * What books use up and what the drawers hold of it: shopping, cutting from several sheets at once, what stages take out of the drawers. Read
 * {@link itomichi.server.supply.SupplyService} first. Uses {@code book}, {@code copies}, {@code document}, {@code drawer}, {@code plan}, {@code platform} and {@code template}.
 */
@NullMarked
package itomichi.server.supply;

import org.jspecify.annotations.NullMarked;
