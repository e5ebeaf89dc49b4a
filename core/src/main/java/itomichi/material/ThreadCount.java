package itomichi.material;

import itomichi.measure.Length;

/** How a thread's fineness is told. */
public sealed interface ThreadCount {

    /** Grams in 1000 m, ISO 1144. */
    record Tex(double tex) implements ThreadCount {}

    /** Linen: hanks of 300 yards in a pound, and how many plies are twisted together. */
    record Linen(double count, int ply) implements ThreadCount {}

    /** Cotton: hanks of 840 yards in a pound, and plies. */
    record Cotton(double count, int ply) implements ThreadCount {}

    /** Measured: so many turns wound close on a rod take up so much of it. */
    record Wound(int turns, Length width) implements ThreadCount {}
}
