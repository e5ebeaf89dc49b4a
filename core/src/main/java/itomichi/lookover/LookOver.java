package itomichi.lookover;

import static itomichi.lookover.Check.look;
import static itomichi.lookover.Check.measure;

import itomichi.book.BookPlan;
import itomichi.cover.Dimension;
import itomichi.finding.Stage;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.lookover.Check.Measure;
import itomichi.material.Paper;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.path.Kettle;
import itomichi.path.Link;
import itomichi.plan.Holes;
import itomichi.plan.PaperPlan;
import itomichi.plan.SewingPlan;
import itomichi.plan.WorkedBook;
import itomichi.structure.Stitching;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What practitioners look at and measure, by structure and cover. All of it is common practice, no published source. */
public final class LookOver {

    /** Thickness of the pressed stack at its folds, before it is sewn. */
    public static final String STACK_AT_FOLDS = "stack-folds";

    /** Sheets are cut and holes are pricked as truly as this: common practice. */
    private static final Length TRUE = Length.ofMm(0.5);
    /** Squares are seen to be uneven from this on: common practice. */
    private static final Length SQUARE_TRUE = Length.ofMm(0.7);

    private final WorkedBook book;
    private final List<Check> checks = new ArrayList<>();

    private LookOver(WorkedBook book) {
        this.book = book;
    }

    /** What is looked at on a book, in the order of the work. */
    public static List<Check> of(BookPlan plan) {
        LookOver over = new LookOver(plan.worked());
        over.paper();
        over.book.gathered().folded().ifPresentOrElse(over::signatures, over::sheets);
        over.book.holes().ifPresent(over::holes);
        over.book.sewing().ifPresent(over::sewing);
        over.cover();
        over.finish();
        return List.copyOf(over.checks);
    }

    private void paper() {
        checks.add(look(
                "grain",
                Stage.PAPER,
                "Bent both ways, a sheet gives more easily along the fold than across it.",
                "Turn the sheets before any is folded, or cut new ones from the other side of the stock.",
                "Folds crack, leaves stand stiff, and the book pulls itself crooked when the air turns damp."));
        PaperPlan main = book.papers().get(0);
        if (!main.forSheets().isEmpty()) {
            Length high = main.forSheets().get(0).height();
            checks.add(measure(
                    "sheet-height",
                    Stage.PAPER,
                    "Height of a sheet as it is cut.",
                    Measure.about(high, TRUE, Fineness.CUT),
                    "Cut the pile to the lowest sheet, against a stop.",
                    "Heads do not lie level; holes measured from the head wander from fold to fold."));
        }
    }

    private void signatures(Gathered.InSignatures folded) {
        checks.add(look(
                "folds-level",
                Stage.GATHER,
                "Every fold is sharp and lies flat; nested sheets meet at the head and in the fold.",
                "Open the signature, tap it level at head and fold, crease it again from the middle outwards.",
                "A sheet that hangs lower is pricked beside its fold and stands out for good."));
        boolean several = folded.block().signatures().size() > 1;
        if (several) {
            Working stack = folded.block().stackAtFolds();
            checks.add(measure(
                    STACK_AT_FOLDS,
                    Stage.GATHER,
                    "Thickness of the pressed stack at the folds, before any thread.",
                    new Measure(
                            stack.length(),
                            stack.low().orElseThrow().times(1 - Paper.BULK_SPREAD),
                            stack.high().orElseThrow(),
                            Fineness.BUNDLE),
                    "Knock the folds flat with the bone, and press once more, folds turned to both sides.",
                    "What the folds spring back and what the thread adds cannot be told apart once it is sewn."));
        }
        // nothing is pasted in yet
        Length edge = folded.block().foreEdge().length().minus(folded.block().pasteIns());
        checks.add(measure(
                "pressed",
                Stage.GATHER,
                several
                        ? "Thickness of the pressed block at the fore edge."
                        : "Thickness of the pressed signature at the fore edge.",
                new Measure(
                        edge, edge.times(1 - Paper.BULK_SPREAD), edge.times(1 + Paper.BULK_SPREAD), Fineness.BUNDLE),
                "Press it once more, longer and heavier; measure the paper and give its thickness at Paper.",
                "Spine, cover and thread are worked out for another thickness."));
        if (several) {
            checks.add(look(
                    "order",
                    Stage.PAGES,
                    "Leafed through from the front: nothing upside down, the marks on the folds step down evenly.",
                    "Put it right now; it costs a minute.",
                    "A signature that is turned over is found by the reader, and the whole sewing comes out again."));
        }
    }

    private void sheets() {
        checks.add(look(
                "level",
                Stage.GATHER,
                "The sheets are tapped level at spine and head, and clamped between boards.",
                "Loosen the clamp, tap spine and head on the table, clamp again.",
                "The drill goes through at a slant, and leaves stand out at the fore edge."));
    }

    private void holes(Holes holes) {
        checks.add(look(
                "holes-line",
                Stage.TEMPLATE,
                holes.match(
                        folds -> "Laid beside each other, the holes of all folds stand in line; each lies on its fold.",
                        side -> "The holes stand in one line, and straight through to the last sheet."),
                holes.match(
                        folds ->
                                "Prick the sheet or signature anew by the template; a hole that missed the fold is closed with thin paper.",
                        side -> "Turn the block over and drill from the other side where they wandered."),
                "Threads slant over the spine, and pull unevenly."));
        Length first = holes.match(
                folds -> folds.stations().at(1), side -> side.holes().get(0).fromHead());
        checks.add(measure(
                "first-hole",
                Stage.TEMPLATE,
                "From the head to the first hole.",
                Measure.about(first, TRUE, Fineness.MARK),
                "Measure the printed bar of the template and give it to the printer\u2019s correction.",
                "With a template that is too long or too short every station is off, most of all the last."));
    }

    private void sewing(SewingPlan sewing) {
        boolean folds = book.gathered().folded().isPresent();
        checks.add(look(
                "thread-flat",
                Stage.SEW,
                folds
                        ? "The thread lies flat inside every fold and outside on the spine; nothing stands off."
                        : "The thread lies flat on both sides and over the spine; nothing stands off.",
                "Take the slack on from hole to hole with a blunt needle, towards the tail.",
                "Loose stitches catch, and the leaves shift against each other."));
        checks.add(look(
                "tension",
                Stage.SEW,
                folds
                        ? "Pulled along the fold, no thread gives; opened wide, no fold tears."
                        : "Pulled along the spine, no thread gives, and no hole is torn longer.",
                "Loose: tighten from the first stitch on. Too tight: ease it at the tail before the knot is made.",
                "Too loose it works itself apart, too tight it saws through its holes."));
        checks.add(look(
                "unpierced",
                Stage.SEW,
                "Tugged, every stitch still slides: none was pierced by the needle.",
                "Cut the pierced stitch out to the last knot and sew it anew.",
                "A pierced thread breaks there first, and cannot be drawn tight."));
        boolean kettles = sewing.path().moves().stream().anyMatch(Kettle.class::isInstance);
        if (kettles || sewing.path().moves().stream().anyMatch(Link.class::isInstance)) {
            checks.add(look(
                    "kettles",
                    Stage.SEW,
                    kettles
                            ? "Kettles hang under each other, as tight at the head as at the tail."
                            : "Links hang under each other, all drawn the same way.",
                    "Draw a loose one on with the needle\u2019s eye while the signature above is still loose.",
                    "The spine leans to the looser end."));
        }
        if (sewing.stitching().sewnOn(sewing.choice().variant()) == Stitching.SewnOn.TAPES) {
            checks.add(look(
                    "tapes",
                    Stage.SEW,
                    "The tapes run straight across the spine and still slide under the thread.",
                    "Pull them straight by both ends before the back is glued.",
                    "The boards are held askew."));
        }
        Dimension spine = book.covering().base().block().spine();
        checks.add(measure(
                "swell",
                Stage.SEW,
                "Thickness at the spine, sewn.",
                new Measure(spine.planned(), spine.low(), spine.high(), Fineness.BUNDLE),
                "Knock the folds down with a smooth hammer between boards, press overnight; measure again and give it at Cover.",
                "A wedge: the cover gapes at the fore edge, a spine piece as planned is too narrow."));
    }

    private void cover() {
        if (book.covering().work().pieces().isEmpty()) {
            return;
        }
        boolean boards = book.covering().kind().boards();
        checks.add(look(
                "squares",
                Stage.COVER,
                boards
                        ? "The boards stand out evenly at head, tail and fore edge, front and back alike."
                        : "The cover meets the leaves evenly at head and tail, and closes without pulling.",
                boards
                        ? "While the paste is wet, shift the block; dry, only a new case helps."
                        : "Trim it, or fold it anew along the spine.",
                "The leaves bear on the shelf, or the front edge frays."));
        if (boards) {
            book.covering()
                    .work()
                    .figure("square-fore")
                    .flatMap(figure -> figure.working().result().length())
                    .ifPresent(square -> checks.add(measure(
                            "square-fore",
                            Stage.COVER,
                            "Square at the fore edge.",
                            Measure.about(square, SQUARE_TRUE, Fineness.MARK),
                            "Cut the boards anew before they are covered.",
                            "The book looks too small or too large for its boards.")));
            checks.add(look(
                    "corners",
                    Stage.COVER,
                    "Corners are closed and flat; no board shows through.",
                    "Nip them in again with the bone while the glue is soft.",
                    "Open corners are the first to wear."));
        }
        checks.add(look(
                "joint",
                Stage.COVER,
                boards
                        ? "The joints are pressed in over their whole length, and the boards swing freely."
                        : "The folds at the spine are scored, and lie on its edges.",
                boards
                        ? "Lay rods into the joints and press once more before it is dry."
                        : "Score them once more from outside.",
                "The cover pulls the first leaves open, and tears there."));
    }

    private void finish() {
        boolean flat = book.gathered().folded().isPresent();
        checks.add(look(
                "opens",
                Stage.FINISH,
                flat
                        ? "Opened in the middle and near both ends it lies as it should; nothing sticks, nothing creaks."
                        : "Opened anywhere, the leaves bend at the crease and not in the holes.",
                flat
                        ? "Open it a few leaves at a time from both ends, pressing down along the fold."
                        : "Crease the leaves along the sewing with a bone, one after the other.",
                "Forced open later, the back breaks."));
        checks.add(look(
                "hinge",
                Stage.FINISH,
                "First and last leaf follow the cover without pulling the next.",
                "Free what was glued too far with a thin blade, and lay wax paper between until it is dry.",
                "The hinge tears at the first reading."));
        checks.add(look(
                "upright",
                Stage.FINISH,
                "Text and pictures stand upright and in order, front cover to the front.",
                "Before the cover is on, it can be turned; after that it is a new cover.",
                "Everybody sees it."));
    }

    /** The one of that key. */
    public static Optional<Check> keyed(List<Check> checks, String key) {
        return checks.stream().filter(check -> check.key().equals(key)).findFirst();
    }
}
