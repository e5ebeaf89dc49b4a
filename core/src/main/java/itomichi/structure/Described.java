package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/** What is said of a structure in words and a few numbers; each structure's file says it of itself. */
abstract class Described implements Structure {

    private final String key;
    private final String name;
    private final String purpose;
    private final Form form;
    private final Skill skill;
    private final int inNumber;
    private final int usualStations;
    private final boolean inSoftCover;
    private final Holing holing;
    private final Map<Need, Judgement> judgements = new EnumMap<>(Need.class);

    Described(
            String key,
            String name,
            String purpose,
            Form form,
            Skill skill,
            int inNumber,
            int usualStations,
            Holing holing,
            boolean inSoftCover) {
        this.key = key;
        this.name = name;
        this.purpose = purpose;
        this.form = form;
        this.skill = skill;
        this.inNumber = inNumber;
        this.usualStations = usualStations;
        this.holing = holing;
        this.inSoftCover = inSoftCover;
    }

    /** Said while it is made, never after. */
    final void judge(Need need, int weight, String words) {
        judgements.put(need, new Judgement(weight, words));
    }

    @Override
    public final String key() {
        return key;
    }

    @Override
    public final String name() {
        return name;
    }

    @Override
    public final String purpose() {
        return purpose;
    }

    @Override
    public final Form form() {
        return form;
    }

    @Override
    public final Skill skill() {
        return skill;
    }

    @Override
    public final int inNumber() {
        return inNumber;
    }

    @Override
    public final int usualStations() {
        return usualStations;
    }

    @Override
    public final Holing holing() {
        return holing;
    }

    @Override
    public final boolean inSoftCover() {
        return inSoftCover;
    }

    @Override
    public final Map<Need, Judgement> judgements() {
        return Collections.unmodifiableMap(judgements);
    }
}
