package itomichi.book;

import itomichi.cover.CoverSize;
import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.gathering.Gathered;
import itomichi.measure.Phrase;
import itomichi.plan.CoverPlan;
import itomichi.plan.Holes;
import itomichi.plan.PaperPlan;
import itomichi.plan.SewingPlan;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import java.util.List;
import java.util.Optional;

/**
 * Everything that is worked out from a {@link BookSpec}, and what is said of it.
 *
 * @param worked what was worked out
 * @param figures the figures of the band, each with its working, in the order of the work
 * @param remarks what is to be said, the gravest first
 * @param next the next thing to do, stage by stage
 */
public record BookPlan(WorkedBook worked, List<Figure> figures, List<Remark<BookSpec>> remarks, NextThing next) {

    public BookPlan {
        figures = List.copyOf(figures);
        remarks = List.copyOf(remarks);
    }

    /** What it was worked out from. */
    public BookSpec spec() {
        return worked.spec();
    }

    /** The sheets as they are gathered. */
    public Gathered gathered() {
        return worked.gathered();
    }

    /** The book's papers, each with how thick it is and how its stock is cut, in the order of the spec. */
    public List<PaperPlan> papers() {
        return worked.papers();
    }

    /** Where the holes are and what makes them; nothing where the book has none. */
    public Optional<Holes> holes() {
        return worked.holes();
    }

    /** The thread; nothing where it cannot be sewn as it is. */
    public Optional<SewingPlan> sewing() {
        return worked.sewing();
    }

    /** The soft cover opened flat; nothing where there is none. */
    public Optional<CoverSize> coverSize() {
        return worked.covering().work().size();
    }

    /** How the sewn block is covered. */
    public CoverPlan covering() {
        return worked.covering();
    }

    /**
     * The thread of a book whose sewing can be planned.
     *
     * @throws IllegalStateException if it cannot
     */
    public SewingPlan sewn() {
        return sewing().orElseThrow(
                        () -> new IllegalStateException("A " + spec().bound().name() + " cannot be sewn as it is"));
    }

    /** Holes through folds, of a book that has such. */
    public Optional<Holes.InFolds> foldHoles() {
        return holes().flatMap(Holes::inFolds);
    }

    /** Holes through the side, of a book that has such. */
    public Optional<Holes.ThroughSide> sideHoles() {
        return holes().flatMap(Holes::throughSide);
    }

    /** The pages nobody asked for, by number; empty where there are none. */
    public String blanksNamed() {
        return worked.blanksNamed();
    }

    /**
     * The figure of that key.
     *
     * @throws IllegalArgumentException if there is none
     */
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
     * @param stage the first stage that is not done; the last when all is done
     * @param finished whether every stage is done
     * @param words one sentence
     */
    public record NextThing(Stage stage, boolean finished, Phrase words) {}
}
