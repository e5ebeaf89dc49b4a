package itomichi.plan;

import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * Everything that is worked out from a {@link BookSpec}.
 *
 * @param spec what it was worked out from
 * @param gathered the sheets as they are gathered
 * @param papers the book's papers, each with how thick it is and how its stock is cut, in the order of the spec
 * @param coverSize the soft cover opened flat; nothing where there is none
 * @param holes where the holes are and what makes them; nothing where the book has none
 * @param sewing the thread; nothing where it cannot be sewn as it is
 * @param figures the figures of the band, each with its working, in the order of the work
 * @param remarks what is to be said, the gravest first
 * @param next the next thing to do, stage by stage
 */
public record BookPlan(
        BookSpec spec,
        Gathered gathered,
        List<PaperPlan> papers,
        Optional<CoverSize> coverSize,
        Optional<Holes> holes,
        Optional<SewingPlan> sewing,
        List<Figure> figures,
        List<Remark<BookSpec>> remarks,
        NextThing next) {

    public BookPlan {
        papers = List.copyOf(papers);
        figures = List.copyOf(figures);
        remarks = List.copyOf(remarks);
    }

    /** Size of a cover opened flat. */
    public record CoverSize(Length width, Length height) {}

    /** The fold and the thread of a book whose sewing can be planned.
     *
     * @throws IllegalStateException if it cannot
     */
    public SewingPlan sewn() {
        return sewing.orElseThrow(
                () -> new IllegalStateException("A " + spec.bound().name() + " cannot be sewn as it is"));
    }

    /** Holes through folds, of a book that has such. */
    public Optional<Holes.InFolds> foldHoles() {
        return holes.filter(Holes.InFolds.class::isInstance).map(Holes.InFolds.class::cast);
    }

    /** Holes through the side, of a book that has such. */
    public Optional<Holes.ThroughSide> sideHoles() {
        return holes.filter(Holes.ThroughSide.class::isInstance).map(Holes.ThroughSide.class::cast);
    }

    /** The pages nobody asked for, by number; empty where there are none. */
    public String blanksNamed() {
        return Blanks.of(spec, gathered).named();
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
