package itomichi.plan;

import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.FoldFrame;
import itomichi.path.PathFault;
import itomichi.path.ThreadPath;
import itomichi.station.Stations;
import java.util.List;

/**
 * Everything that is worked out from a {@link BookSpec}.
 *
 * @param spec what it was worked out from
 * @param signature the folded sheets
 * @param sheetThickness thickness of one sheet
 * @param coverSize the soft cover opened flat; nothing where there is none
 * @param fold stations, thicknesses and thread that the path lies in
 * @param hole width of the holes to make
 * @param path the thread's way
 * @param pathFaults what the independent checks found; empty for a sound path
 * @param steps the sewing, a hand's move at a time
 * @param figures the figures of the band, each with its working, in the order of the work
 * @param remarks what is to be said, the gravest first
 * @param next the next thing to do, stage by stage
 */
public record BookPlan(
        BookSpec spec,
        Signature signature,
        Length sheetThickness,
        CoverSize coverSize,
        FoldFrame fold,
        Length hole,
        ThreadPath path,
        List<PathFault> pathFaults,
        List<StepLine> steps,
        List<Figure> figures,
        List<Remark<BookSpec>> remarks,
        NextThing next) {

    public BookPlan {
        pathFaults = List.copyOf(pathFaults);
        steps = List.copyOf(steps);
        figures = List.copyOf(figures);
        remarks = List.copyOf(remarks);
    }

    /** Size of a cover opened flat. */
    public record CoverSize(Length width, Length height) {}

    /** Where the holes are. */
    public Stations stations() {
        return fold.stations();
    }

    /** The figure of that key. */
    public Figure figure(String key) {
        return figures.stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No figure is called " + key));
    }

    /** Whether a remark says that the book cannot be made like this. */
    public boolean stopped() {
        return remarks.stream().anyMatch(remark -> remark.weight() == Remark.Weight.STOP);
    }

    /**
     * The next thing to do.
     *
     * @param stage the first stage that is not done; SEW when only sewing is left or all is done
     * @param finished whether every stage is done
     * @param words one sentence
     */
    public record NextThing(Stage stage, boolean finished, Phrase words) {}
}
