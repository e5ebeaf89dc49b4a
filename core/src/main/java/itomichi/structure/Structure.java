package itomichi.structure;

import itomichi.gathering.Form;
import java.util.Map;
import java.util.Optional;

/** A way of binding: how its sheets lie, what it is good for, how much thread it takes by rule of thumb, and how it is sewn. */
public interface Structure {

    /** Key of the structure that is a pattern of the binder's own through folds. */
    String OWN_FOLD = "own-fold";
    /** Key of the structure that is a pattern of the binder's own through the side. */
    String OWN_SIDE = "own-side";

    /** A name that does not change, kept with books. */
    String key();

    /** What a binder calls it. */
    String name();

    /** What it is for, in a sentence. */
    String purpose();

    /** How its sheets lie. */
    Form form();

    /** How it meets the needs it has to do with; a need that is not there makes no difference to it. */
    Map<Need, Judgement> judgements();

    /** How much practice it asks. */
    Skill skill();

    /** How well it goes when many copies are made, from 2 to -2. */
    int inNumber();

    /** Stations that are usual; of a stab binding its main holes. */
    int usualStations();

    /** What holes it takes. */
    Holing holing();

    /** Whether it is usually sewn into a soft cover. */
    boolean inSoftCover();

    /** The rule of thumb for its thread. */
    ThumbRule threadRule(int stations, int signatures);

    /** Whether it is a pattern of the binder's own, and its sewing follows from that. */
    default boolean own() {
        return key().equals(OWN_FOLD) || key().equals(OWN_SIDE);
    }

    /** How it is sewn; empty where it is not sewn, or is a pattern of the binder's own. */
    default Optional<Stitching> stitching() {
        return Optional.empty();
    }
}
