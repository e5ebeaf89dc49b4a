package itomichi.server.plan;

import itomichi.cover.CoverLook;
import itomichi.cover.CoverStep;
import itomichi.cover.Outline;
import itomichi.cover.PieceStuff;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How the sewn block is covered, for the screen.
 *
 * @param kind key of the kind of cover
 * @param kinds those that fit, the usual one first
 * @param settings what is settled of it
 * @param block the measures of the sewn block
 * @param pieces what is cut for it
 * @param stuffs what those pieces are cut from that comes in sheets
 * @param jigs helpers of card for making it
 * @param looks how it is drawn, in mm
 * @param steps the order of work
 * @param care the usual caution beside what is cut
 */
public record CoveringView(
        String kind,
        List<CoverKindView> kinds,
        List<CoverSettingView> settings,
        List<BlockMeasureView> block,
        List<CoverPieceView> pieces,
        List<CoverStuffView> stuffs,
        List<CoverPieceView> jigs,
        List<CoverLookView> looks,
        List<CoverStepView> steps,
        String care) {

    /** What pieces are cut from. */
    public record CoverStuffView(PieceStuff stuff, String words) {}

    /** A kind of cover. */
    public record CoverKindView(String key, String name, String purpose) {}

    /** How a setting is settled. */
    public enum Settled {
        LENGTH,
        /** Of a thing that is there already: empty until it is measured. */
        MEASURED,
        PERCENT,
        WAY
    }

    /**
     * Something that is settled of a cover.
     *
     * @param shown what it reads as; of a way, its words
     * @param number a share in percent; left out of anything else
     * @param of what a share is of
     * @param way the key of the way chosen
     * @param ways the ways to choose from, the usual one first
     */
    public record CoverSettingView(
            String key,
            Settled settled,
            String words,
            InUnits shown,
            @Nullable Double number,
            @Nullable String of,
            @Nullable String way,
            List<CoverWayView> ways) {}

    /** One of the ways. */
    public record CoverWayView(String key, String words) {}

    /** A measure of the sewn block: as planned, with the least and the most to be expected, and as measured. */
    public record BlockMeasureView(
            String key,
            String words,
            InUnits planned,
            InUnits low,
            InUnits high,
            @Nullable InUnits measured,
            boolean unexpected) {}

    /**
     * A piece to be cut; its grain runs along its height.
     *
     * @param shaped whether it has a shape to be drawn at true size, and is not only a length
     */
    public record CoverPieceView(
            String key, String name, String stuff, int count, InUnits width, InUnits height, boolean shaped) {}

    /** A drawing, in mm. */
    public record CoverLookView(
            CoverLook.View view,
            String seen,
            double widthMm,
            double heightMm,
            List<CoverOutlineView> outlines,
            InUnits words,
            List<CoverGripView> grips) {}

    /** Where a part is moved: its place, mm; what is settled by it now, and how much more that is for a mm to the right or down. */
    public record CoverGripView(
            String setting,
            String words,
            double xMm,
            double yMm,
            boolean across,
            double number,
            double perMm,
            double least,
            double most) {}

    /** Something in a drawing; two points make a line. */
    public record CoverOutlineView(Outline.Role role, String name, List<FlatPointView> points, boolean hidden) {}

    /** A point, mm from the left and from the top. */
    public record FlatPointView(double xMm, double yMm) {}

    /**
     * A step of the work.
     *
     * @param number from 1, over all of the work
     * @param waitsOn numbers of steps, where it does not just wait on the one before
     * @param meanwhile whether it is done while an earlier one lies
     */
    public record CoverStepView(
            String key,
            CoverStep.Part part,
            InUnits words,
            String lies,
            int number,
            List<Integer> waitsOn,
            boolean meanwhile) {}
}
