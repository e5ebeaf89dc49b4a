package itomichi.server.demo;

import java.util.Map;
import java.util.OptionalInt;

/** In how many days the theatre wants its books, by the book. Everything in them is made up. */
final class DemoDays {

    private static final Map<String, Integer> WANTED = Map.of(
            "Cue slips, twelve hands", 4,
            "Programme, The Lantern Eater", 9,
            "Prompt book, The Lantern Eater", 16,
            "Scene diary", 23);

    private DemoDays() {}

    static OptionalInt of(String book) {
        Integer days = WANTED.get(book);
        return days == null ? OptionalInt.empty() : OptionalInt.of(days);
    }
}
