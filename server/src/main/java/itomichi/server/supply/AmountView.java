package itomichi.server.supply;

import org.jspecify.annotations.Nullable;

/** How much of something, how much there is of it, and what it costs; left out where that is not known. */
public record AmountView(
        String name,
        String amount,
        @Nullable String have,
        @Nullable Double price) {}
