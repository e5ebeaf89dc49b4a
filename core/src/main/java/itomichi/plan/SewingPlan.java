package itomichi.plan;

import itomichi.path.FoldFrame;
import itomichi.path.PathFault;
import itomichi.path.ThreadPath;
import itomichi.station.Stations;
import java.util.List;

/**
 * Thread of a structure whose sewing can be planned.
 *
 * @param fold stations, thicknesses and thread that the path lies in
 * @param path the thread's way
 * @param pathFaults what the independent checks found; empty for a sound path
 * @param steps the sewing, a hand's move at a time
 */
public record SewingPlan(FoldFrame fold, ThreadPath path, List<PathFault> pathFaults, List<StepLine> steps) {

    public SewingPlan {
        pathFaults = List.copyOf(pathFaults);
        steps = List.copyOf(steps);
    }

    /** Where the holes are. */
    public Stations stations() {
        return fold.stations();
    }
}
