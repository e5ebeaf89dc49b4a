package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.advice.Use;
import itomichi.cover.CoverStuff;
import itomichi.finding.Stage;
import itomichi.finding.Working;
import itomichi.gathering.Back;
import itomichi.gathering.Extent;
import itomichi.gathering.Springs;
import itomichi.habit.Learned;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.station.StationScheme;
import itomichi.structure.Stitching;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A book as its binder wants it. Everything else is worked out from this.
 *
 * @param title what it is called and what it is for
 * @param structure key of the way it is bound
 * @param use what it has to do, which the structure is advised by
 * @param edition how its copies differ
 * @param extent how long it is to be
 * @param leaf size of a folded leaf
 * @param papers what it is made from
 * @param gathering how its sheets are gathered
 * @param pageWish how its pages are counted
 * @param holes where the holes go
 * @param cover the soft cover sewn on with it, if any
 * @param covering how the sewn block is covered
 * @param thread what it is sewn with, and how
 * @param stitch how it is sewn, where there is a choice
 * @param done stages that the binder has said are done
 * @param learned what was taken into it of what finished books taught
 */
@RecordBuilder
public record BookSpec(
        Title title,
        String structure,
        Use use,
        EditionWish edition,
        Extent extent,
        Leaf leaf,
        Papers papers,
        GatherWish gathering,
        PageWish pageWish,
        HoleWish holes,
        Cover cover,
        CoverWish covering,
        Sewing thread,
        StitchWish stitch,
        Set<Stage> done,
        Learned learned)
        implements BookSpecBuilder.With {

    /**
     * Checked and copied.
     *
     * @throws UnfitValueException if a value is one that no book can have
     */
    public BookSpec {
        done = done.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(done));
        BookLimits.check(title.unit(), structure, use, extent);
        EditionLimits.check(edition, use, title.unit());
        PaperLimits.check(papers, title.unit());
        GatherLimits.check(gathering, papers.all().size(), title.unit());
        PageLimits.check(pageWish, papers.all().size(), title.unit());
        HoleLimits.check(holes, title.unit());
        SewingLimits.check(stitch, title.unit());
        BookLimits.check(cover, title.unit());
        CoverLimits.check(covering, title.unit());
        LearnedLimits.check(learned);
    }

    /** The paper that is taken where nothing else is said. */
    public Paper paper() {
        return papers.main().paper();
    }

    /** How thick a sheet of one of its papers is: as was learned, else as it was measured or by its kind. */
    public Working thickness(Paper of) {
        return of.thickness(learned);
    }

    /** How far its folds spring back. */
    public Springs springs() {
        return Springs.of(gathering.pressing(), learned);
    }

    /** How much more thread than the straight way it is given. */
    public Slack slack() {
        return Slack.of(this);
    }

    /** What the way it is bound knows. */
    public Structure bound() {
        return Structures.keyed(structure)
                .orElseThrow(() -> new IllegalStateException("No structure is called " + structure));
    }

    /** Where the holes along the fold go: as wanted, or where a pattern of the binder's own has them. */
    public StationScheme stations() {
        return bound().stations(holes.stations(), stitch.own(), leaf.height());
    }

    /** How it is sewn; empty where it is not, or where a pattern of the binder's own is wanted and none was taken. */
    public Optional<Stitching> stitching() {
        return bound().stitching(stitch.own());
    }

    /** The way it is sewn, of those the structure knows. */
    public String variant() {
        return stitching().map(sewn -> sewn.known(stitch.variant())).orElse(Stitching.USUAL);
    }

    /** Height of the leaves of a signature, counted from 1: the book's, or its own where it is unlike the others. */
    public Length height(int signature) {
        return gathering.heights().getOrDefault(signature, leaf.height());
    }

    /** Whether anything is pasted into it, or room is left for that. */
    public boolean pastedIn() {
        return gathering.pasteIns().isMoreThan(Length.ZERO)
                || !pageWish.pasted().isEmpty();
    }

    /** Its copies by what they are made of; those as the book is are first, even where there are none. */
    public List<EditionWish.CopyRun> copyRuns() {
        return edition.runs(use.copies());
    }

    /** How many copies are cut, what is spare among them. */
    public int copiesCut() {
        return copyRuns().stream().mapToInt(EditionWish.CopyRun::made).sum();
    }

    /** How its back will be: only what is cased is rounded. */
    public Back back() {
        return bound().mayBeRounded() ? gathering.back() : Back.FLAT;
    }

    /** Pages wanted. */
    public int pages() {
        return extent.pages(bound().form().folded());
    }

    /**
     * What a book is called.
     *
     * @param name its name
     * @param purpose what it is for
     * @param unit the unit its binder measures it in and prints it in
     */
    public record Title(String name, String purpose, Unit unit) {
        public Title {
            name = name.strip();
            BookLimits.check(name, purpose);
        }
    }

    /**
     * Size of a leaf, and what becomes of its fore edge.
     *
     * @param width from fold to fore edge
     * @param height from head to tail
     * @param trimmed whether the creep is cut off
     */
    @RecordBuilder
    public record Leaf(Length width, Length height, boolean trimmed) implements BookSpecLeafBuilder.With {
        public Leaf {
            BookLimits.checkLeaf(width, height);
        }
    }

    /**
     * A soft cover.
     *
     * @param wanted whether there is one
     * @param thickness of the cover stuff
     * @param square how far it stands out
     * @param height of a cover at hand; nothing where it is cut to the book
     * @param spine width of the spine of a cover at hand; nothing where it follows from the block
     * @param headSquare how far it stands out at the head; nothing where head and tail share alike
     * @param stuff what it is made of
     * @param loose the measured stack of signatures before any pressing, where the spine is to be made to it; nothing where it is made to
     *     the block as pressed
     */
    @RecordBuilder
    public record Cover(
            boolean wanted,
            Length thickness,
            Length square,
            Optional<Length> height,
            Optional<Length> spine,
            Optional<Length> headSquare,
            CoverStuff stuff,
            Optional<Length> loose)
            implements BookSpecCoverBuilder.With {
        public Cover {
            BookLimits.checkCover(thickness, square);
        }

        /** A cover that is cut to the book. */
        public Cover(boolean wanted, Length thickness, Length square) {
            this(
                    wanted,
                    thickness,
                    square,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    CoverStuff.CARD,
                    Optional.empty());
        }
    }

    /**
     * Thread, needle and knot.
     *
     * @param thread the thread
     * @param strands 1, or 2 when it is doubled
     * @param tail left hanging at each end
     * @param slackPercent more than the straight lengths, in percent
     * @param needleEye width of the needle at its eye
     * @param knot the face the knot sits on
     * @param turns of the knot
     */
    @RecordBuilder
    public record Sewing(
            SewingThread thread, int strands, Length tail, double slackPercent, Length needleEye, Face knot, int turns)
            implements BookSpecSewingBuilder.With {
        public Sewing {
            SewingLimits.check(thread, strands, tail, slackPercent, needleEye, knot, turns);
        }
    }

    /** The same book made in so many copies. */
    public BookSpec madeIn(int copies, EditionWish other) {
        return with(book -> book.use(new Use(use.needs(), copies, use.hands())).edition(other));
    }

    /** The same book with so many pages. */
    public BookSpec withPages(int wanted) {
        return withExtent(Extent.ofPages(wanted));
    }

    /** The same book of another paper, its other papers left as they are. */
    public BookSpec withPaper(Paper other) {
        return withPapers(papers.withMain(papers.main().withPaper(other)));
    }

    /** The same book with its stations along the fold placed otherwise. */
    public BookSpec withStations(StationScheme other) {
        return withHoles(holes.withStations(other));
    }
}
