package itomichi.server.book;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * What was worked out of books that were looked at lately: once as long as a book is as it was, and not whenever it is asked for.
 *
 * @param <K> what it was worked out from
 * @param <V> what came of it
 */
public final class Remembered<K, V> {

    private final Map<UUID, Kept<K, V>> kept;

    private record Kept<K, V>(K from, V value) {}

    /** @param most books; of more, the ones that were looked at longest ago are forgotten */
    public Remembered(int most) {
        this.kept = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<UUID, Kept<K, V>> eldest) {
                return size() > most;
            }
        };
    }

    /** What comes of a book: as it is remembered, or worked out now where it is worked out from something else. */
    public V of(UUID book, K from, Supplier<V> work) {
        synchronized (kept) {
            Kept<K, V> one = kept.get(book);
            if (one != null && one.from().equals(from)) {
                return one.value();
            }
        }
        V value = work.get();
        synchronized (kept) {
            kept.put(book, new Kept<>(from, value));
        }
        return value;
    }
}
