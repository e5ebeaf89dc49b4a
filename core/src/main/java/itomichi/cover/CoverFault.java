package itomichi.cover;

import itomichi.finding.Remark.Weight;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something that is wrong with a cover as it is settled.
 *
 * @param weight how much it matters
 * @param key a name that does not change
 * @param words cause and number in one sentence
 * @param settings keys of the settings that are at fault; as usual they might not be
 * @param mend another way to be taken beside that; nothing where to take what is usual mends it
 */
public record CoverFault(Weight weight, String key, Phrase words, List<String> settings, Optional<Mend> mend) {

    public CoverFault {
        settings = List.copyOf(settings);
    }

    /** One that is mended by what is usual. */
    CoverFault(Weight weight, String key, Phrase words, List<String> settings) {
        this(weight, key, words, settings, Optional.empty());
    }

    /**
     * Another way that mends it.
     *
     * @param words verb first
     * @param schools the ways to take, by the keys of their settings
     */
    public record Mend(Phrase words, Map<String, String> schools) {
        public Mend {
            schools = Map.copyOf(schools);
        }
    }
}
