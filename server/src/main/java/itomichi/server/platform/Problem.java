package itomichi.server.platform;

import org.jspecify.annotations.Nullable;

/**
 * What went wrong, for the screen.
 *
 * @param message one line: what was read, what is wanted
 * @param field the document's field it belongs to, if it belongs to one
 */
public record Problem(String message, @Nullable String field) {}
