package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/** What is said of a structure in words and a few numbers; each structure's file says it of itself. */
abstract class Described implements Structure {

    private final Description description;
    private final Map<Need, Judgement> judgements = new EnumMap<>(Need.class);

    Described(Description description) {
        this.description = description;
    }

    /** Said while it is made, never after. */
    final void judge(Need need, int weight, String words) {
        judgements.put(need, new Judgement(weight, words));
    }

    @Override
    public final String key() {
        return description.key;
    }

    @Override
    public final String name() {
        return description.name;
    }

    @Override
    public final String purpose() {
        return description.purpose();
    }

    @Override
    public final Form form() {
        return description.form();
    }

    @Override
    public final Skill skill() {
        return description.skill();
    }

    @Override
    public final int inNumber() {
        return description.inNumber();
    }

    @Override
    public final int usualStations() {
        return description.usualStations();
    }

    @Override
    public final Holing holing() {
        return description.holing();
    }

    @Override
    public final boolean mayBeRounded() {
        return description.roundable();
    }

    @Override
    public final Set<Covering> coverings() {
        return description.coverings();
    }

    @Override
    public final Map<Need, Judgement> judgements() {
        return Collections.unmodifiableMap(judgements);
    }
}
