package itomichi.server.notebook;

import java.util.Map;

/**
 * What is kept of a book's page.
 *
 * @param notes in the binder's words
 * @param failed what failed, in the binder's words
 * @param readings what came out, by what it is: mm, sheets, minutes
 */
record PageDocument(String notes, String failed, Map<String, Double> readings) {

    static final PageDocument EMPTY = new PageDocument("", "", Map.of());

    PageDocument {
        readings = Map.copyOf(readings);
    }
}
