package itomichi.cover;

import itomichi.measure.Length;
import java.util.Map;
import java.util.Optional;

/**
 * What a binder settled of a cover; what was not settled is as usual. What another kind of cover was told is kept, and does not count.
 *
 * @param numbers lengths in mm and shares in percent, by the key of their setting
 * @param schools the ways chosen, by the key of their setting
 */
public record CoverChoices(Map<String, Double> numbers, Map<String, String> schools) {

    /** Everything as usual. */
    public static final CoverChoices USUAL = new CoverChoices(Map.of(), Map.of());

    public CoverChoices {
        numbers = Map.copyOf(numbers);
        schools = Map.copyOf(schools);
    }

    /** How deep the pleat is that two sections are sewn to; nothing where each has a cover of its own. */
    public Optional<Length> pleat() {
        return is(PleatedStrip.MADE, PleatedStrip.STRIP) ? Optional.of(length(PleatedStrip.PLEAT)) : Optional.empty();
    }

    /** A length that is settled. */
    public Length length(Setting.Measure measure) {
        return Length.ofMm(number(measure.key(), measure.usualMm()));
    }

    /** A length that was measured; nothing where it was not. */
    public Optional<Length> measured(Setting.Measured measured) {
        return Optional.ofNullable(numbers.get(measured.key())).map(Length::ofMm);
    }

    /** A share, in percent. */
    public double share(Setting.Share share) {
        return number(share.key(), share.usual());
    }

    /** The key of the way chosen; one that is not known counts as the usual one. */
    public String school(Setting.School school) {
        String usual = school.options().get(0).key();
        String chosen = Optional.ofNullable(schools.get(school.key())).orElse(usual);
        return school.options().stream().anyMatch(option -> option.key().equals(chosen)) ? chosen : usual;
    }

    boolean is(Setting.School school, Setting.Option option) {
        return school(school).equals(option.key());
    }

    private double number(String key, double usual) {
        return Optional.ofNullable(numbers.get(key)).orElse(usual);
    }
}
