package itomichi.measure;

/**
 * A length together with how finely it is to be shown.
 *
 * @param length the length itself, not rounded
 * @param fineness the step it is rounded to for the eye
 */
public record Shown(Length length, Fineness fineness) {

    /** The length as text with its unit, for instance {@code 210 mm} or {@code 8 1/4 in}. */
    public String in(Unit unit) {
        return fineness.show(length, unit);
    }

    /** The length that is read off that text, mm. */
    public double readMm(Unit unit) {
        return fineness.readMm(length, unit);
    }

    /** The same, shown one step finer; the finest is its own. */
    public Shown finer() {
        return new Shown(length, fineness.finer());
    }
}
