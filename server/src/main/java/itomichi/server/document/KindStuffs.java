package itomichi.server.document;

import itomichi.cover.PieceStuff;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What copies of a kind are made of: what the book is, where the kind says nothing else. */
public final class KindStuffs {

    private KindStuffs() {}

    /** A kind, from 1; nothing of copies that are as the book is. */
    private static Optional<BookDocument.CopyKind> kind(BookDocument book, int kind) {
        List<BookDocument.CopyKind> kinds = book.edition().kinds();
        return kind >= 1 && kind <= kinds.size() ? Optional.of(kinds.get(kind - 1)) : Optional.empty();
    }

    /** What a kind is called; empty of copies that are as the book is. */
    public static String name(BookDocument book, int kind) {
        return kind(book, kind).map(BookDocument.CopyKind::name).orElse("");
    }

    private static Optional<BookDocument.KindThread> thread(BookDocument book, int kind) {
        return kind(book, kind).flatMap(one -> Optional.ofNullable(one.thread()));
    }

    /** What its thread is called. */
    public static String threadName(BookDocument book, int kind) {
        return thread(book, kind)
                .map(BookDocument.KindThread::name)
                .orElse(book.thread().name());
    }

    /** Where its thread lies in the drawers; nothing where that is not known. */
    public static @Nullable UUID threadId(BookDocument book, int kind) {
        Optional<BookDocument.KindThread> own = thread(book, kind);
        return own.isPresent() ? own.get().drawerId() : book.thread().drawerId();
    }

    /** What pieces of a stuff are cut from; nothing where that is not settled. */
    public static Optional<BookDocument.CoverStock> stock(BookDocument book, int kind, PieceStuff stuff) {
        return stocks(book, kind).stream()
                .filter(stock -> stock.stuff() == stuff)
                .findFirst();
    }

    /** What pieces of its cover are cut from, as far as that is settled. */
    public static List<BookDocument.CoverStock> stocks(BookDocument book, int kind) {
        Map<PieceStuff, BookDocument.CoverStock> stocks = new EnumMap<>(PieceStuff.class);
        book.covering().stocks().forEach(stock -> stocks.put(stock.stuff(), stock));
        kind(book, kind).ifPresent(one -> one.stocks().forEach(stock -> stocks.put(stock.stuff(), stock)));
        return List.copyOf(stocks.values());
    }
}
