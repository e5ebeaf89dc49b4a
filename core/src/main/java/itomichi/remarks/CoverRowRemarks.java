package itomichi.remarks;

import itomichi.finding.Remark;
import itomichi.finding.Remark.Mend;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.spec.BookSpec;
import itomichi.station.RowFault;
import itomichi.station.RowScheme;
import itomichi.structure.Holing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What is to be said about the rows of a cover that is sewn through, and how signatures sit in it. */
final class CoverRowRemarks {

    /** A cover at hand that is narrower than its block by more than this pulls the spine round: common practice. */
    static final Length NARROW = Length.ofMm(2);

    /** A spine may be so many times as wide as its signatures: common practice. */
    private static final double WIDEST = 1.25;

    /** Splits that are tried, the best first. */
    private static final int MOST_SPLITS = 3;

    private static final RowScheme EQUAL = new RowScheme.EqualGaps();

    private final BookSpec spec;
    private final List<Draft> remarks = new ArrayList<>();
    private final BookSpec equal;

    private CoverRowRemarks(BookSpec spec) {
        this.spec = spec;
        this.equal = spec.withHoles(spec.holes().withRows(EQUAL));
    }

    static List<Draft> of(BookSpec spec, Holes.InFolds holes) {
        CoverRowRemarks said = new CoverRowRemarks(spec);
        if (holes.cover().isPresent()) {
            said.rows(holes.cover().get());
            said.squares(holes.cover().get());
        } else if (spec.bound().holing().rows() != Holing.RowsFor.NOTHING) {
            said.remarks.add(Draft.caution(
                            "no-cover",
                            Phrase.of(
                                    "{}: it is sewn through a cover, and none is wanted.",
                                    spec.bound().name()))
                    .mendedBy(
                            Phrase.of("Sew it through a soft cover"),
                            spec.withCover(spec.cover().withWanted(true))));
        }
        return said.remarks;
    }

    private void rows(Holes.InCover cover) {
        cover.unfit()
                .ifPresent(reason -> remarks.add(
                        Draft.stop("rows-unfit", Phrase.of("{}; the drawing shows equal gaps instead.", reason))
                                .mendedBy(Phrase.of("Divide the spine into equal gaps"), equal)));
        for (RowFault fault : cover.faults(cover.rows())) {
            String key = "rows-" + fault.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
            Draft remark = Draft.of(
                    Remark.Weight.of(fault.kind().impossible(), fault.kind().minor()), key, fault.words());
            remarks.add(mended(remark, fault, cover));
        }
    }

    /** The rows otherwise on this spine, then fewer and thicker signatures, then a spine that is a little wider. */
    private Draft mended(Draft remark, RowFault fault, Holes.InCover cover) {
        Draft mended = spec.holes().rows().equals(EQUAL)
                ? remark
                : remark.mendedBy(Phrase.of("Divide the spine into equal gaps"), equal);
        if (fault.kind() == RowFault.Kind.NEAR_EDGE) {
            RowScheme inFromTheEdge = new RowScheme.EdgeMargin(RowFault.EDGE_GOOD);
            return mended.mendedBy(
                    Phrase.of("Set the outermost rows {} from the edges", RowFault.EDGE_GOOD.at(Fineness.MARK)),
                    spec.withHoles(spec.holes().withRows(inFromTheEdge)));
        }
        if (fault.kind() == RowFault.Kind.OFF_SPINE) {
            return mended;
        }
        return mended.mendedBy(() -> fewerSignatures(cover.rows().count())).mendedBy(() -> widerSpine(cover));
    }

    private Stream<Mend<BookSpec>> fewerSignatures(int rows) {
        int signatures = rows * spec.bound().holing().rows().signatures();
        return OtherSplits.fewer(spec, signatures).limit(MOST_SPLITS).map(split -> OtherSplits.mend(spec, split));
    }

    /** A spine at hand is as it is, and one much wider than its signatures hangs loose. */
    private Stream<Mend<BookSpec>> widerSpine(Holes.InCover cover) {
        Length wide = RowFault.wideEnough(
                cover.rows().count(), cover.hole(), cover.stuff().between());
        return spec.cover().spine().isPresent()
                        || wide.mm() > WIDEST * cover.natural().mm()
                ? Stream.of()
                : Stream.of(new Mend<>(
                        Phrase.of("Cut the cover with a spine of {}", wide.at(Fineness.MARK)),
                        equal.withCover(spec.cover().withSpine(Optional.of(wide)))));
    }

    private void squares(Holes.InCover cover) {
        Length least = cover.head().isLessThan(cover.tail()) ? cover.head() : cover.tail();
        if (least.micrometres() < 0) {
            boolean whole = cover.head().plus(cover.tail()).micrometres() < 0;
            Draft remark = Draft.stop(
                    "cover-short",
                    Phrase.of(
                            "The cover is {} high: signatures of {} stand out past it by {} at the {}.",
                            cover.height().at(Fineness.CUT),
                            spec.leaf().height().at(Fineness.CUT),
                            new Length(-least.micrometres()).at(Fineness.MARK),
                            least.equals(cover.head()) ? "head" : "tail"));
            BookSpec mend = whole
                    ? spec.withCover(spec.cover().withHeight(Optional.empty()).withHeadSquare(Optional.empty()))
                    : spec.withCover(spec.cover().withHeadSquare(Optional.empty()));
            remarks.add(
                    remark.mendedBy(Phrase.of(whole ? "Cut a cover to the book" : "Share the squares evenly"), mend));
        }
        natural(cover);
    }

    /** A spine at hand against the signatures as planned; a block that was measured is held against it where it is covered. */
    private void natural(Holes.InCover cover) {
        Optional<Length> atHandUnmeasured = spec.covering().measured().spine().isPresent()
                ? Optional.empty()
                : spec.cover().spine();
        atHandUnmeasured.ifPresent(atHand -> {
            Length needed = cover.natural();
            if (atHand.plus(NARROW).isLessThan(needed)) {
                remarks.add(Draft.caution(
                                "spine-narrow",
                                Phrase.of(
                                        "The spine at hand is {}; the signatures take {} as they lie.",
                                        atHand.at(Fineness.MARK),
                                        needed.at(Fineness.MARK)))
                        .mendedBy(
                                Phrase.of("Take a spine of {}", needed.at(Fineness.MARK)),
                                spec.withCover(spec.cover().withSpine(Optional.empty()))));
            }
        });
    }
}
