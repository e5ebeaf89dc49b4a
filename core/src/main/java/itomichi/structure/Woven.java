package itomichi.structure;

import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.StitchPattern;
import itomichi.path.ThreadPath;
import java.util.function.ToIntFunction;

/** Signatures woven through one by one, each with a thread of its own; or all pierced at once and woven through as one. */
final class Woven implements Stitching {

    private final String name;
    private final boolean sewnAtOnce;

    /**
     * @param name what it is called, for a line that refuses a count
     * @param sewnAtOnce whether all signatures are pierced as one
     */
    Woven(String name, boolean sewnAtOnce) {
        this.name = name;
        this.sewnAtOnce = sewnAtOnce;
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return Weave.takesStations(count);
    }

    @Override
    public String stationsWanted(String variant) {
        return name + " takes 2 to " + Weave.MOST_STATIONS + " stations; an odd number has a centre to begin at";
    }

    private int signatures(Choice choice) {
        return sewnAtOnce ? 1 : choice.signatures();
    }

    @Override
    public ThreadPath stitch(Choice choice) {
        PathBuilder path = new PathBuilder();
        for (int signature = 1; signature <= signatures(choice); signature++) {
            new Weave(signature, choice).sew(path);
            path.cut();
        }
        return path.end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        StitchPattern.Builder pattern = new StitchPattern.Builder();
        for (int signature = 1; signature <= signatures(choice); signature++) {
            new Weave(signature, choice).show(pattern);
        }
        return pattern.apart();
    }

    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        return hole -> 2;
    }

    @Override
    public boolean choosesKnot() {
        return true;
    }

    @Override
    public boolean sewnAtOnce() {
        return sewnAtOnce;
    }
}
