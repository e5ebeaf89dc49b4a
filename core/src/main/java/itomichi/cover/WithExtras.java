package itomichi.cover;

import java.util.List;
import java.util.stream.Stream;

/**
 * A kind of cover that something may be added to; one that is sewn through its spine has a grid to punch it by.
 *
 * @param kind the kind as it is without
 * @param extras what may be added, in the order of the work
 */
record WithExtras(CoverKind kind, List<Extra> extras) implements CoverKind {

    static CoverKind of(CoverKind kind, Extra... extras) {
        return new WithExtras(kind, List.of(extras));
    }

    @Override
    public String key() {
        return kind.key();
    }

    @Override
    public String name() {
        return kind.name();
    }

    @Override
    public String purpose() {
        return kind.purpose();
    }

    @Override
    public boolean fits(CoverBase base) {
        return kind.fits(base);
    }

    @Override
    public List<Setting> settings() {
        return Stream.concat(kind.settings().stream(), extras.stream().flatMap(extra -> extra.settings().stream()))
                .toList();
    }

    @Override
    public boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        return extras.stream()
                .filter(extra -> extra.settings().contains(setting))
                .findFirst()
                .map(extra -> extra.counts(setting, choices))
                .orElseGet(() -> kind.counts(setting, base, choices));
    }

    @Override
    public boolean spineSeen() {
        return kind.spineSeen();
    }

    @Override
    public boolean boards() {
        return kind.boards();
    }

    @Override
    public AtSpine atSpine(CoverChoices choices) {
        return kind.atSpine(choices);
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        CoverWork work = HoleGrid.added(kind.work(base, choices), base);
        for (Extra extra : extras) {
            work = extra.added(work, base, choices);
        }
        return work;
    }
}
