package itomichi.cover;

import java.util.List;

/** No cover: the block as it was sewn. */
final class Bare extends ToldKind {

    Bare() {
        super("bare", "Left as it is sewn", "No cover: the first and last leaf are its outside.");
    }

    @Override
    public boolean fits(CoverBase base) {
        return base.soft().isEmpty() && !base.boundIn();
    }

    @Override
    public List<Setting> settings() {
        return List.of();
    }

    @Override
    public CoverWork work(CoverBase base, CoverChoices choices) {
        return CoverWork.NOTHING;
    }
}
