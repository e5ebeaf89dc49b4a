package itomichi.cover;

import itomichi.finding.Remark.Weight;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * Something that is wrong with a cover as it is settled.
 *
 * @param weight how much it matters
 * @param key a name that does not change
 * @param words cause and number in one sentence
 * @param settings keys of the settings that are at fault; as usual they might not be
 */
public record CoverFault(Weight weight, String key, Phrase words, List<String> settings) {

    public CoverFault {
        settings = List.copyOf(settings);
    }
}
