package itomichi.server.plan;

import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.server.document.BookDocument;
import itomichi.server.platform.ProblemException;
import itomichi.structure.Stitching;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A plan for the screen: figures, remarks, and the geometry that drawings are made from, in mm.
 *
 * @param measures what the measures of the document read as, by their names, for instance {@code leaf.widthMm}
 * @param covering how the sewn block is covered
 * @param holes where the holes are; left out where the book has none
 * @param sewing the thread; left out where it cannot be sewn as it is
 */
public record PlanView(
        int pages,
        int sheets,
        String blanks,
        BoundView bound,
        List<FigureView> figures,
        List<RemarkView> remarks,
        LeafView leaf,
        BlockView block,
        List<PaperView> papers,
        @Nullable CoverView cover,
        CoveringView covering,
        @Nullable HolesView holes,
        @Nullable SewingView sewing,
        Map<String, InUnits> measures,
        String grammage,
        String tex,
        Next next,
        boolean stopped) {

    /**
     * The thread.
     *
     * @throws ProblemException if it cannot be planned
     */
    public SewingView sewn() {
        SewingView planned = sewing;
        if (planned == null) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "As it is, a " + bound.name().toLowerCase(Locale.ROOT) + " cannot be sewn; the remarks say why.");
        }
        return planned;
    }

    /**
     * How it is bound.
     *
     * @param folded whether sheets are folded
     * @param mostSignatures how many signatures it takes at most
     * @param rows whether it is sewn through a cover whose spine is divided into rows
     * @param plannable whether its sewing can be planned
     * @param mayBeRounded whether its back may be rounded
     */
    public record BoundView(
            String key,
            String name,
            boolean folded,
            int mostSignatures,
            boolean rows,
            boolean plannable,
            boolean mayBeRounded) {}

    /** Size of a leaf. */
    public record LeafView(double widthMm, double heightMm) {}

    /** A soft cover opened flat, and how wide its front is once it is closed. */
    public record CoverView(double widthMm, double heightMm, double thicknessMm, double frontMm) {}

    /** A figure with its working. */
    public record FigureView(String key, Stage stage, String label, InUnits value, WorkingView working) {}

    /** How a figure came about. */
    public record WorkingView(
            String formula,
            InUnits sum,
            List<TermView> terms,
            String source,
            @Nullable RangeView range,
            List<InUnits> notes) {}

    /** A letter of a formula. */
    public record TermView(String symbol, String meaning, InUnits value) {}

    /** The least and the most. */
    public record RangeView(InUnits low, InUnits high) {}

    /** Something the plan has to say. */
    public record RemarkView(Remark.Weight weight, Stage stage, String key, InUnits words, List<MendView> mends) {}

    /** A change that mends a remark: the book as it would then be. */
    public record MendView(InUnits words, BookDocument document) {}

    /**
     * The thread; the thread to cut and what the rule of thumb would cut are for all strands together.
     *
     * @param notation the way, written
     * @param steps how many steps the sewing has
     * @param variant the way it is sewn, of those the structure knows
     * @param choosesKnot whether the side of the knot is chosen
     * @param goesOn whether a thread goes on from signature to signature
     * @param sewnOn what is sewn on with it
     * @param threads the lengths to cut
     */
    public record SewingView(
            double threadMm,
            double cutMm,
            double ruleLowMm,
            double ruleHighMm,
            String notation,
            int steps,
            String variant,
            boolean choosesKnot,
            boolean goesOn,
            Stitching.SewnOn sewnOn,
            List<WayView.ThreadCut> threads) {}

    /**
     * The folded signatures on each other, or the single sheets.
     *
     * @param nests how the sheets lie in signatures that differ
     * @param stubMm as wide a stub as a loose leaf is usually hooked in by
     */
    public record BlockView(
            String words,
            List<SignatureView> signatures,
            List<List<NestedView>> nests,
            double pressedMm,
            double foreEdgeMm,
            double spineMm,
            double spineLooseMm,
            double pasteInsMm,
            double stubMm) {}

    /** A signature: its sheets, how thick it is folded, and which of the nests it is, from 0. */
    public record SignatureView(int number, int sheets, double foldMm, int nest, boolean endpaper) {}

    /** A sheet in the nest, the innermost first; the leaves' widths are those before and after the fold. */
    public record NestedView(
            int paper, double sheetMm, double innerRadiusMm, double fallsBackMm, double firstMm, double secondMm) {}

    /** A paper of the book. */
    public record PaperView(
            String name,
            double sheetMm,
            InUnits thickness,
            String grammage,
            Grain grain,
            List<DemandView> demands,
            @Nullable CuttingView cutting,
            List<HalvingView> halvings) {}

    /** Sheets of one size that are wanted. */
    public record DemandView(double widthMm, double heightMm, InUnits size, int number) {}

    /** How a stock sheet is parted. */
    public record CuttingView(
            double widthMm,
            double heightMm,
            InUnits size,
            SheetGrain grain,
            boolean possible,
            List<LayoutView> layouts,
            int right,
            int wrong,
            int eitherWay,
            int stockSheets,
            int stockSheetsAcross,
            int shortOf,
            @Nullable Integer have,
            int wastePercent) {}

    /** Stock sheets parted alike. */
    public record LayoutView(int sheets, List<PieceView> pieces, List<CutView> cuts, List<InUnits> steps) {}

    /** A piece where it lies on the stock sheet. */
    public record PieceView(int demand, double xMm, double yMm, double widthMm, double heightMm, boolean turned) {}

    /** A cut, and the step it belongs to. */
    public record CutView(int step, double x1Mm, double y1Mm, double x2Mm, double y2Mm) {}

    /** A leaf that the stock sheet folds to. */
    public record HalvingView(
            int times, int sheetsEach, double leafWidthMm, double leafHeightMm, InUnits leaf, Grain grain) {}

    /** The next thing to do. */
    public record Next(Stage stage, boolean finished, InUnits words) {}
}
