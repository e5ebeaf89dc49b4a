package itomichi.server.plan;

import itomichi.finding.Remark;
import itomichi.path.Face;
import itomichi.plan.Stage;
import itomichi.server.document.BookDocument;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A plan for the screen: figures, remarks, and the geometry that drawings are made from, in mm.
 *
 * @param measures what the measures of the document read as, by their names, for instance {@code leaf.widthMm}
 */
public record PlanView(
        int pages,
        int sheets,
        String blanks,
        List<FigureView> figures,
        List<RemarkView> remarks,
        Shape shape,
        List<StationView> stations,
        List<StepView> steps,
        String notation,
        Map<String, InUnits> measures,
        String grammage,
        String tex,
        Next next,
        boolean stopped) {

    /** A figure with its working. */
    public record FigureView(String key, String label, InUnits value, WorkingView working) {}

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
    public record RemarkView(
            Remark.Weight weight,
            String key,
            InUnits words,
            @Nullable MendView mend) {}

    /** A change that mends a remark: the book as it would then be. */
    public record MendView(InUnits words, BookDocument document) {}

    /** Sizes of the drawing, mm; the thread to cut and what the rule of thumb would cut are for all strands together. */
    public record Shape(
            double leafWidthMm,
            double leafHeightMm,
            double sheetMm,
            double foldMm,
            double creepMm,
            double holeMm,
            double threadMm,
            double cutMm,
            double ruleLowMm,
            double ruleHighMm,
            boolean coverWanted,
            double coverWidthMm,
            double coverHeightMm,
            double coverThicknessMm,
            List<NestedView> nested) {}

    /** A sheet in the nest, the innermost first. */
    public record NestedView(double innerRadiusMm, double fallsBackMm) {}

    /** A station; the gap before it reaches to the station above, or to the head. */
    public record StationView(
            int number, double fromHeadMm, InUnits fromHead, InUnits fromTail, InUnits gapBefore, int passes) {}

    /** A step of the sewing; {@code stitches} are the runs it leaves. */
    public record StepView(
            int number,
            String notation,
            InUnits insideUp,
            InUnits outsideUp,
            @Nullable InUnits care,
            InUnits used,
            InUnits left,
            double leftMm,
            int station,
            Face face,
            boolean ties,
            List<StitchView> stitches) {}

    /** A run of thread on a face. */
    public record StitchView(Face face, int from, int to) {}

    /** The next thing to do. */
    public record Next(Stage stage, boolean finished, InUnits words) {}
}
