/**
 * What every feature stands on: how problems are told, which requests are taken, the pages themselves, the day's date.
 */
@NullMarked
package itomichi.server.platform;

import org.jspecify.annotations.NullMarked;
