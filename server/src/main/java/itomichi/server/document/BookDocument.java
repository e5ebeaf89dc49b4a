package itomichi.server.document;

import itomichi.cover.CoverStuff;
import itomichi.cover.PieceStuff;
import itomichi.cutting.CutWish;
import itomichi.finding.Stage;
import itomichi.gathering.Back;
import itomichi.gathering.Pressing;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Unit;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.spec.PageWish;
import itomichi.spec.PastedOn;
import itomichi.spec.StitchWish;
import itomichi.station.Level;
import itomichi.station.Role;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import itomichi.structure.Need;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A book as it travels and is kept. Lengths are in mm, weights in g/m2, whatever unit they are shown in.
 *
 * <p>The file format of the same shape is described by {@code schema/book-10.json}.
 */
public record BookDocument(
        String name,
        String purpose,
        Unit unit,
        String structure,
        Use use,
        Edition edition,
        Extent extent,
        Leaf leaf,
        Paper paper,
        List<Paper> otherPapers,
        Cutting cutting,
        Gathering gathering,
        Pages pages,
        Stations stations,
        Rows rows,
        Side side,
        Cover cover,
        Covering covering,
        Thread thread,
        Stitch stitch,
        List<Stage> done,
        Map<String, Taught> learned) {

    /**
     * What finished books taught of a habit, as it was taken into this one, by the habit's key: of how many books, the middle, and between
     * what eight of ten of the next come to. Millimetres of a sheet, minutes for a hundred planned, percent of the rest.
     */
    public record Taught(int books, double middle, double low, double high) {}

    /** What it has to do, how many are made, by whose hands. */
    public record Use(List<Need> needs, int copies, Hands hands) {}

    /**
     * How its copies differ, how much more of each kind is cut, of what share of the time a copy still takes at twice the number, what copies
     * are called from the first on, and a line that is printed for every copy.
     */
    public record Edition(
            List<CopyKind> kinds, int sparePercent, int practicePercent, List<String> names, String colophon) {}

    /** Copies unlike the book in what they are made of; {@code thread} is left out, and {@code stocks} hold nothing, where it is the book's. */
    public record CopyKind(
            String name, int copies, @Nullable KindThread thread, List<CoverStock> stocks) {}

    /** A thread as fine as the book's; {@code drawerId} says where in the drawer it lies. */
    public record KindThread(String name, @Nullable UUID drawerId) {}

    /** How long it is to be, as it was counted. */
    public record Extent(itomichi.gathering.Extent.By by, int number) {}

    /** Size of a folded leaf; {@code trimmed} says whether the creep is cut off. */
    public record Leaf(double widthMm, double heightMm, boolean trimmed) {}

    /**
     * A paper; its thickness comes from {@code stack} where one was measured, else from {@code bulk}. {@code grain} counts where there is
     * no stock, else the stock's own. {@code drawerId} says where in the drawer it was taken from.
     */
    public record Paper(
            String name,
            double grammageGsm,
            BulkKind bulk,
            @Nullable Stack stack,
            Grain grain,
            @Nullable Stock stock,
            @Nullable UUID drawerId) {}

    /** The sheets it comes in: their size, their grain, what deckle is cut off, how many there are, what one costs. */
    public record Stock(
            double widthMm,
            double heightMm,
            SheetGrain grain,
            double deckleMm,
            @Nullable Integer have,
            @Nullable Double price) {}

    /** How stock sheets are parted, and what is left standing to be trimmed. */
    public record Cutting(CutWish.Manner manner, boolean grainFirst, double trimMm) {}

    /**
     * How sheets are gathered; {@code signatures} is left out where the best split is to be taken, {@code filledTo} where signatures need not
     * hold more sheets than the pages want.
     */
    public record Gathering(
            @Nullable Integer signatures,
            boolean filled,
            @Nullable Integer filledTo,
            Wish wish,
            Pressing pressing,
            Back back,
            double pasteInsMm,
            List<List<RecipeSheet>> recipes,
            List<Unlike> unlike) {}

    /**
     * How pages are counted: where those stand that nobody asked for, how many of the text come before any is counted, how many are then
     * counted in roman figures, the number of the page after those; whether single sheets are folded at the fore edge; and what is pasted to
     * pages.
     */
    public record Pages(
            PageWish.BlankPlace blanks,
            int uncounted,
            int roman,
            int first,
            boolean doubled,
            Made artwork,
            List<Pasted> pasted) {}

    /** Something pasted to a page, counted through the book from 1: of which paper, from 0, its size, how thick what a pocket holds. */
    public record Pasted(PastedOn.Kind kind, int page, int paper, double widthMm, double heightMm, double holdsMm) {}

    /** What was made on sheets beforehand, and which halves of them are to face each other. */
    public record Made(List<Picture> pictures, List<Facing> facing) {}

    /** What is on a half. */
    public record Picture(Half half, String words) {}

    /** Half of a side of a sheet; signatures as they are sewn, and sheets in them, are counted from 1. */
    public record Half(int signature, int sheet, boolean back, boolean right) {}

    /** Two halves that are to face each other. */
    public record Facing(Half one, Half other) {}

    /** A signature, from 1, that is not as tall as the leaf. */
    public record Unlike(int signature, double heightMm) {}

    /** What is preferred of a split. */
    public record Wish(
            boolean odd,
            @Nullable Integer signatures,
            @Nullable Integer sheetsEach,
            @Nullable Integer mostSheets,
            boolean endpapersApart) {}

    /** A sheet of a recipe: which paper, from 0, and the widths of its leaves where they are not the book's. */
    public record RecipeSheet(
            int paper, @Nullable Double firstMm, @Nullable Double secondMm) {}

    /** A measured stack. */
    public record Stack(int sheets, double totalMm) {}

    /** How stations are placed. */
    public enum Scheme {
        MARGINS,
        SHARE,
        EQUAL,
        PAIRS,
        EXEMPLAR,
        PLACED
    }

    /** Stations along the fold; every scheme's numbers are kept, so that going back to one finds them again. */
    public record Stations(
            Scheme scheme,
            int count,
            double headMm,
            double tailMm,
            double sharePercent,
            int pairs,
            double pairMm,
            double kettleMm,
            double exemplarHeightMm,
            List<Double> exemplarMm,
            StationScheme.Carry carry,
            List<Double> placedMm,
            boolean symmetric,
            Level level) {}

    /** How a cover's spine is divided. */
    public enum School {
        EQUAL,
        MARGIN,
        PITCH,
        THICKNESS,
        PLACED
    }

    /** Rows across a cover's spine; places are from its left edge seen from outside. */
    public record Rows(School school, double marginMm, double pitchMm, List<Double> placedMm) {}

    /** Holes through the side of a block besides its main ones; {@code placed} counts only where they are placed {@code byHand}. */
    public record Side(
            double edgeMm,
            double alongMm,
            double extraEdgeMm,
            boolean inner,
            double innerEdgeMm,
            boolean byHand,
            List<SidePlace> placed,
            List<Loose> loose) {}

    /** A hole through the side. */
    public record SidePlace(Role role, double fromHeadMm, double fromSpineMm) {}

    /** A sheet that is not of the book's size. */
    public record Loose(String name, double widthMm, double heightMm, Level level) {}

    /**
     * A cover; height, spine and square at the head are left out where they follow from the book, {@code looseMm} where the spine is made to
     * the pressed block and not to the loose stack.
     */
    public record Cover(
            boolean wanted,
            double thicknessMm,
            double squareMm,
            @Nullable Double heightMm,
            @Nullable Double spineMm,
            @Nullable Double headSquareMm,
            CoverStuff stuff,
            @Nullable Double looseMm) {}

    /**
     * How the sewn block is covered; {@code kind} is left out where the usual cover is taken. {@code numbers} are lengths in mm and shares in
     * percent, {@code schools} the ways chosen, {@code stocks} the sheets its pieces are cut from, {@code ticked} the steps that are done.
     */
    public record Covering(
            @Nullable String kind,
            Map<String, Double> numbers,
            Map<String, String> schools,
            Measured block,
            List<CoverStock> stocks,
            List<String> ticked) {}

    /** A sheet that pieces of a cover are cut from; {@code colour} is left out where it is not known, {@code drawerId} says where in the drawers it lies. */
    public record CoverStock(
            PieceStuff stuff,
            String name,
            double widthMm,
            double heightMm,
            SheetGrain grain,
            @Nullable Dye colour,
            @Nullable UUID drawerId) {}

    /** What was measured on the sewn block; left out where the plan stands in for it. */
    public record Measured(
            @Nullable Double heightMm,
            @Nullable Double widthMm,
            @Nullable Double spineMm,
            @Nullable Double foreEdgeMm,
            @Nullable Double boardMm) {}

    /** How a thread's fineness is told. */
    public enum CountSystem {
        TEX,
        LINEN,
        COTTON,
        WOUND
    }

    /** A thread's count: {@code number} is tex or the linen or cotton count; a wound thread has turns and width instead. */
    public record Count(CountSystem system, double number, int ply, int turns, double widthMm) {}

    /** Thread, needle and knot; {@code drawerId} says where in the drawer the thread was taken from. */
    @SuppressWarnings("JavaLangClash") // as the book file calls it
    public record Thread(
            String name,
            Fibre fibre,
            Count count,
            int strands,
            double tailMm,
            double slackPercent,
            double needleEyeMm,
            Face knot,
            int turns,
            @Nullable UUID drawerId) {}

    /**
     * How it is sewn, where there is a choice; {@code pattern} is the binder's own, for the structures that are one.
     */
    public record Stitch(
            String variant,
            double tapeMm,
            double cordMm,
            double boardMm,
            double boardHoleMm,
            StitchWish.Threads threads,
            double workHeights,
            @Nullable Pattern pattern) {}

    /** A pattern of the binder's own: holes, stitches on either face, wraps. */
    public record Pattern(
            String name,
            boolean side,
            double heightMm,
            List<PatternHole> holes,
            List<PatternLine> lines,
            List<PatternTurn> turns) {}

    /** A hole of a pattern; {@code fromSpineMm} is nought in a fold. */
    public record PatternHole(double fromHeadMm, double fromSpineMm) {}

    /** A stitch of a pattern between two holes, counted from 1; {@code outer} is outside or front. */
    public record PatternLine(boolean outer, int from, int to) {}

    /** A wrap of a pattern at a hole, counted from 1. */
    public record PatternTurn(int hole, Edge edge) {}

    /** The same book sewn so. */
    public BookDocument withStitch(Stitch other) {
        return with(name, edition, gathering, covering, thread, other, done, learned);
    }

    /** The same book covered so. */
    public BookDocument withCovering(Covering other) {
        return with(name, edition, gathering, other, thread, stitch, done, learned);
    }

    /** The same book with its thread from there in the drawers. */
    public BookDocument withThread(UUID drawerId) {
        Thread from = new Thread(
                thread.name(),
                thread.fibre(),
                thread.count(),
                thread.strands(),
                thread.tailMm(),
                thread.slackPercent(),
                thread.needleEyeMm(),
                thread.knot(),
                thread.turns(),
                drawerId);
        return with(name, edition, gathering, covering, from, stitch, done, learned);
    }

    /** The same book under another name. */
    public BookDocument withName(String other) {
        return with(other, edition, gathering, covering, thread, stitch, done, learned);
    }

    /** The same book in such copies. */
    public BookDocument withEdition(Edition other) {
        return with(name, other, gathering, covering, thread, stitch, done, learned);
    }

    /** The same book gathered so. */
    public BookDocument withGathering(Gathering other) {
        return with(name, edition, other, covering, thread, stitch, done, learned);
    }

    /** The same book with this taken into it of what finished books taught; without, it is left out again. */
    public BookDocument withTaught(String habit, @Nullable Taught taught) {
        Map<String, Taught> other = new TreeMap<>(learned);
        if (taught == null) {
            other.remove(habit);
        } else {
            other.put(habit, taught);
        }
        return with(name, edition, gathering, covering, thread, stitch, done, other);
    }

    /** The same book with these stages done. */
    public BookDocument withDone(List<Stage> stages) {
        return with(name, edition, gathering, covering, thread, stitch, stages, learned);
    }

    private BookDocument with(
            String name,
            Edition edition,
            Gathering gathering,
            Covering covering,
            Thread thread,
            Stitch stitch,
            List<Stage> done,
            Map<String, Taught> learned) {
        return new BookDocument(
                name,
                purpose,
                unit,
                structure,
                use,
                edition,
                extent,
                leaf,
                paper,
                otherPapers,
                cutting,
                gathering,
                pages,
                stations,
                rows,
                side,
                cover,
                covering,
                thread,
                stitch,
                done,
                learned);
    }
}
