package itomichi.remarks;

import itomichi.advice.Advice;
import itomichi.finding.Remark.Mend;
import itomichi.measure.Phrase;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import java.util.Locale;
import java.util.stream.Stream;

/** The same book bound otherwise, as a thing to try. */
final class Rebinding {

    /** Structures that are tried, the best advised first. */
    private static final int MOST_STRUCTURES = 5;

    private Rebinding() {}

    /** The structures with signatures that are advised before others. */
    static Stream<Mend<BookSpec>> inSignatures(BookSpec spec) {
        boolean already = spec.bound().form().most() > 1;
        return Advice.rank(
                        spec.use(), spec.extent(), spec.thickness(spec.paper()).length())
                .stream()
                .filter(advice -> !advice.excluded()
                        && advice.structure().form().most() > 1
                        && !advice.structure().wantsPattern()
                        && advice.structure() != spec.bound())
                .limit(MOST_STRUCTURES)
                .map(advice -> new Mend<>(
                        Phrase.of(
                                already ? "Bind it otherwise: {}" : "Bind it in signatures: {}",
                                name(advice.structure().name())),
                        Binding.as(spec, advice.structure())));
    }

    /** Within a sentence; a name that is a proper one keeps its capital. */
    static String name(String name) {
        return name.startsWith("French") ? name : name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }
}
