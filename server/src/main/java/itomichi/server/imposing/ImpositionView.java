package itomichi.server.imposing;

import itomichi.imposition.Box;
import itomichi.imposition.Canon;
import itomichi.imposition.Imposition;
import itomichi.imposition.Mark;
import itomichi.imposition.OpenedSheet;
import itomichi.imposition.Placed;
import itomichi.imposition.PrintGroup;
import itomichi.imposition.PrintedSheet;
import itomichi.imposition.PrintedSide;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.server.imposing.ImpositionService.LaidOut;
import itomichi.server.imposing.PrintWishDocument.PrintMargins;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView.RemarkView;
import itomichi.server.plan.PlanViews;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A text as it would be printed; lengths of what is drawn in mm.
 *
 * @param wish how it is printed
 * @param measures its lengths as they read, by their fields
 * @param fault why it cannot be printed so; left out where it can
 * @param sheets the printer's sheets
 * @param openings the same as a reader turns them
 * @param wantsLarger whether sheets of the book are too large for the printer's usual sheet
 * @param creeps how far inner sheets stand out, and how far their pages are moved for it
 * @param remarks what is to be said of it
 * @param canons margins to start from
 * @param papers sheets that printers take
 */
record ImpositionView(
        PrintWishDocument wish,
        Map<String, InUnits> measures,
        @Nullable String fault,
        List<PrinterSheetView> sheets,
        List<PrinterSideView> openings,
        boolean wantsLarger,
        List<CreepView> creeps,
        List<RemarkView> remarks,
        List<CanonView> canons,
        List<PrinterPaper> papers) {

    private static final Imposition NOTHING = new Imposition(List.of(), List.of(), List.of(), 0, List.of());

    /** A printer's sheet; {@code back} is left out where nothing is printed on it. */
    record PrinterSheetView(
            String group,
            int number,
            String holds,
            PrinterSideView front,
            @Nullable PrinterSideView back) {}

    /** A side of it. */
    record PrinterSideView(double widthMm, double heightMm, List<PlacedView> pages, List<MarkView> marks) {}

    /** A page of the text, from 0: where all of it would lie, and what of it is seen. */
    record PlacedView(int page, BoxView at, BoxView shown) {}

    /** A rectangle. */
    record BoxView(double xMm, double yMm, double widthMm, double heightMm) {
        static BoxView of(Box box) {
            return new BoxView(box.x(), box.y(), box.width(), box.height());
        }
    }

    /** A line that is printed besides the text; words have a place and no end. */
    record MarkView(
            Mark.@Nullable Kind kind, @Nullable String words, double x1Mm, double y1Mm, double x2Mm, double y2Mm) {}

    /** How far a sheet stands out past the outermost, and how far its pages are moved. */
    record CreepView(int signature, int sheet, InUnits creep, InUnits taken) {}

    /** Margins to start from. */
    record CanonView(Canon canon, String words, String construction, PrintMargins margins) {}

    /** A sheet that printers take. */
    record PrinterPaper(String name, double widthMm, double heightMm) {}

    static ImpositionView of(LaidOut laid) {
        Imposition imposition = laid.imposition().orElse(NOTHING);
        return new ImpositionView(
                PrintWishDocument.of(laid.wish()),
                measures(laid.wish()),
                laid.unfit().map(UnfitValueException::getMessage).orElse(null),
                imposition.groups().stream()
                        .flatMap(group -> group.sheets().stream().map(sheet -> sheet(group, sheet)))
                        .toList(),
                imposition.proof().stream().map(ImpositionView::side).toList(),
                laid.unfit()
                        .map(unfit ->
                                unfit.field().equals("sheet") || unfit.field().equals("larger"))
                        .orElse(imposition.larger()),
                imposition.creeps().stream().map(ImpositionView::creep).toList(),
                imposition.remarks().stream()
                        .map(remark -> PlanViews.remark(laid.book().document(), remark))
                        .toList(),
                List.of(Canon.values()).stream()
                        .map(canon -> canon(canon, laid))
                        .toList(),
                PrintWish.printerSheets().stream()
                        .map(size -> new PrinterPaper(
                                size.name(), size.width().mm(), size.height().mm()))
                        .toList());
    }

    private static Map<String, InUnits> measures(PrintWish wish) {
        Map<String, InUnits> measures = new TreeMap<>();
        measures.put("margins.foldMm", read(wish.margins().fold()));
        measures.put("margins.headMm", read(wish.margins().head()));
        measures.put("margins.foreEdgeMm", read(wish.margins().foreEdge()));
        measures.put("margins.tailMm", read(wish.margins().tail()));
        measures.put("bleedMm", read(wish.bleed()));
        measure(measures, "sheet", wish.sheet());
        wish.larger().ifPresent(larger -> measure(measures, "larger", larger));
        return measures;
    }

    private static void measure(Map<String, InUnits> measures, String field, PrinterSheet sheet) {
        measures.put(field + ".widthMm", read(sheet.width()));
        measures.put(field + ".heightMm", read(sheet.height()));
        measures.put(field + ".unprintableMm", read(sheet.unprintable()));
    }

    private static InUnits read(Length length) {
        return InUnits.of(length.at(Fineness.CUT));
    }

    private static PrinterSheetView sheet(PrintGroup group, PrintedSheet sheet) {
        return new PrinterSheetView(
                group.name(),
                sheet.number(),
                String.join("; ", sheet.holds().stream().map(OpenedSheet::words).toList()),
                side(sheet.front()),
                sheet.back().map(ImpositionView::side).orElse(null));
    }

    private static PrinterSideView side(PrintedSide side) {
        return new PrinterSideView(
                side.width(),
                side.height(),
                side.pages().stream().map(ImpositionView::placed).toList(),
                side.marks().stream().map(ImpositionView::mark).toList());
    }

    private static PlacedView placed(Placed placed) {
        return new PlacedView(placed.page(), BoxView.of(placed.at()), BoxView.of(placed.shown()));
    }

    private static MarkView mark(Mark mark) {
        return mark.match(
                line -> new MarkView(line.kind(), null, line.x1(), line.y1(), line.x2(), line.y2()),
                words -> new MarkView(null, words.text(), words.x(), words.y(), words.x(), words.y()));
    }

    private static CreepView creep(Imposition.CreepTaken creep) {
        return new CreepView(
                creep.signature(),
                creep.sheet(),
                InUnits.of(creep.creep().at(Fineness.BUNDLE)),
                InUnits.of(creep.taken().at(Fineness.BUNDLE)));
    }

    private static CanonView canon(Canon canon, LaidOut laid) {
        var leaf = laid.spec().leaf();
        return new CanonView(
                canon,
                canon.words(),
                canon.construction(),
                PrintMargins.of(canon.margins(leaf.width(), leaf.height())));
    }

    /** What is being done with a text, or was done last. */
    record JobView(
            Job.State state, int done, int of, @Nullable String line, List<Job.PrintedFile> files, boolean changed) {
        static Optional<JobView> of(Optional<Job> job, int mark) {
            return job.map(last -> new JobView(
                    last.state(),
                    last.done(),
                    last.of(),
                    last.line(),
                    last.files(),
                    !last.files().isEmpty() && last.mark() != mark));
        }
    }
}
