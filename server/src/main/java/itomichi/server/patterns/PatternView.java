package itomichi.server.patterns;

import itomichi.server.document.BookDocument;
import java.util.UUID;

/** A kept pattern. */
record PatternView(UUID id, long version, String name, String notes, BookDocument.Pattern pattern) {}
