package itomichi.remarks;

import itomichi.finding.Remark.Mend;
import itomichi.gathering.Split;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Gatherer;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import java.util.Optional;
import java.util.stream.Stream;

/** The same sheets shared over other signatures, as a thing to try. */
final class OtherSplits {

    private OtherSplits() {}

    /** Splits into fewer signatures that are still comfortable, the best first; none where a recipe says what lies in them. */
    static Stream<Split> fewer(BookSpec spec, int signatures) {
        if (!spec.gathering().recipes().isEmpty()) {
            return Stream.of();
        }
        int now = signatures - (spec.gathering().wish().endpapersApart() ? 2 : 0);
        Length most = spec.bound().form().comfort().most();
        return Gatherer.splits(spec).stream()
                .filter(split -> split.signatures() < now && !split.fold().isMoreThan(most));
    }

    /** The book so divided. */
    static BookSpec taken(BookSpec spec, Split split) {
        return spec.withGathering(spec.gathering().withChosen(Optional.of(GatherWish.Chosen.of(split))));
    }

    static Phrase words(Split split) {
        return Phrase.of("Take {} sheets", split.sharing().words());
    }

    static Mend<BookSpec> mend(BookSpec spec, Split split) {
        return new Mend<>(words(split), taken(spec, split));
    }
}
