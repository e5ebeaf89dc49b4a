package itomichi.server.notebook;

import itomichi.book.BookPlan;
import itomichi.notebook.Entry;
import itomichi.server.book.StoredBook;
import itomichi.server.document.BookDocument;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * A book with its page, read from where everything is kept.
 *
 * @param page what is kept of it
 * @param lines what was planned and what came out
 */
record ReadPage(StoredBook book, BookPlan plan, PageDocument page, List<Entry> lines) {

    /** What its sewing is called. */
    String structure() {
        return plan.spec().bound().name();
    }

    List<String> papers() {
        return papers(book.document());
    }

    /** Names of a book's papers. */
    static List<String> papers(BookDocument document) {
        return Stream.concat(Stream.of(document.paper()), document.otherPapers().stream())
                .map(BookDocument.Paper::name)
                .toList();
    }

    /** What came out at a line; nothing where nobody told. */
    OptionalDouble came(String key) {
        return lines.stream()
                .filter(line -> line.key().equals(key))
                .map(Entry::came)
                .findFirst()
                .orElse(OptionalDouble.empty());
    }
}
