package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.measure.Length;
import itomichi.station.Role;
import itomichi.station.SideHole;
import itomichi.station.StationScheme;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A way of binding: how its sheets lie, what it is good for, how much thread it takes by rule of thumb, and how it is sewn. */
public interface Structure {

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

    /** Whether signatures after the first are read from their own front, the book turned over. */
    default boolean turnedOver() {
        return false;
    }

    /** Whether its back may be rounded before it is cased. */
    boolean mayBeRounded();

    /** How a cover may come on to it. */
    Set<Covering> coverings();

    /** Whether it is usually sewn into a soft cover. */
    default boolean inSoftCover() {
        return coverings().stream().anyMatch(Covering::soft);
    }

    /** The rule of thumb for its thread, sewn in that way. */
    ThumbRule threadRule(int stations, int signatures, String variant);

    /** How its stations, or its main holes, are placed at first. */
    default StationScheme startStations() {
        return holing().start(Math.max(2, usualStations()));
    }

    /** Whether how it is sewn follows from a pattern of the binder's own, which is to be taken first. */
    default boolean wantsPattern() {
        return false;
    }

    /** Whether it can be sewn at all. */
    default boolean sewn() {
        return wantsPattern() || stitching(Optional.empty()).isPresent();
    }

    /** Whether it is sewn by a pattern of that kind: through the side of a block, or through folds. */
    default boolean takesPattern(boolean side) {
        return false;
    }

    /**
     * How it is sewn; empty where it is not sewn, or wants a pattern of the binder's own that was not taken.
     *
     * @param own the pattern that was taken, if any
     */
    default Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.empty();
    }

    /**
     * Where its stations go, or its main holes.
     *
     * @param wanted where the binder wants them
     * @param own the pattern that was taken, if any
     * @param height of the fold or the block
     */
    default StationScheme stations(StationScheme wanted, Optional<OwnStitching> own, Length height) {
        return wanted;
    }

    /**
     * Holes through the side that a pattern has by itself; empty where they are laid by a school.
     *
     * @param own the pattern that was taken, if any
     * @param height of the block
     */
    default Optional<List<SideHole>> patternHoles(Optional<OwnStitching> own, Length height) {
        return Optional.empty();
    }

    /** How many of the holes through the side count for the way it is sewn: the main ones, others follow from them. */
    default int countedHoles(List<SideHole> holes) {
        return (int) holes.stream()
                .filter(hole -> hole.role() == Role.MAIN || hole.role() == Role.BY_HAND)
                .count();
    }
}
