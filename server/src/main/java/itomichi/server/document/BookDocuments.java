package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.document.Checked.mmIfAny;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.advice.Use;
import itomichi.gathering.Extent;
import itomichi.habit.Learned;
import itomichi.habit.Taught;
import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Turns documents into specs and specs into documents. */
public final class BookDocuments {

    private BookDocuments() {}

    /**
     * The spec that a document describes.
     *
     * @throws UnfitValueException if a part is missing or a value is one that no book can have
     */
    public static BookSpec spec(BookDocument document) {
        return new BookSpec(
                new BookSpec.Title(
                        given("name", document.name()),
                        given("purpose", document.purpose()),
                        given("unit", document.unit())),
                given("structure", document.structure()),
                use(given("use", document.use())),
                EditionDocuments.edition(given("edition", document.edition())),
                extent(given("extent", document.extent())),
                leaf(given("leaf", document.leaf())),
                PaperDocuments.papers(document),
                GatheringDocuments.gathering(given("gathering", document.gathering())),
                PageDocuments.pages(given("pages", document.pages())),
                HoleDocuments.holes(document),
                cover(given("cover", document.cover())),
                CoverDocuments.covering(given("covering", document.covering())),
                sewing(given("thread", document.thread())),
                StitchDocuments.stitch(given("stitch", document.stitch())),
                Set.copyOf(whole("done", given("done", document.done()))),
                learned(given("learned", document.learned())));
    }

    private static Learned learned(Map<String, BookDocument.Taught> taught) {
        Map<String, Taught> taken = new TreeMap<>();
        taught.forEach((habit, sent) -> {
            BookDocument.Taught one = given("learned", sent);
            taken.put(habit, new Taught(one.books(), one.middle(), one.low(), one.high()));
        });
        return new Learned(taken);
    }

    private static Map<String, BookDocument.Taught> learned(Learned learned) {
        Map<String, BookDocument.Taught> taken = new TreeMap<>();
        learned.taught().forEach((habit, taught) -> taken.put(habit, document(taught)));
        return taken;
    }

    /** What was taught, as it travels. */
    public static BookDocument.Taught document(Taught taught) {
        return new BookDocument.Taught(taught.count(), taught.middle(), taught.low(), taught.high());
    }

    private static BookSpec.Leaf leaf(BookDocument.Leaf leaf) {
        return new BookSpec.Leaf(
                mm("leaf.widthMm", leaf.widthMm()), mm("leaf.heightMm", leaf.heightMm()), leaf.trimmed());
    }

    private static Use use(BookDocument.Use use) {
        return new Use(
                Set.copyOf(whole("use.needs", given("use.needs", use.needs()))),
                use.copies(),
                given("use.hands", use.hands()));
    }

    private static Extent extent(BookDocument.Extent extent) {
        return new Extent(given("extent.by", extent.by()), extent.number());
    }

    private static BookSpec.Cover cover(BookDocument.Cover cover) {
        return new BookSpec.Cover(
                cover.wanted(),
                mm("cover.thicknessMm", cover.thicknessMm()),
                mm("cover.squareMm", cover.squareMm()),
                mmIfAny("cover.heightMm", cover.heightMm()),
                mmIfAny("cover.spineMm", cover.spineMm()),
                mmIfAny("cover.headSquareMm", cover.headSquareMm()),
                given("cover.stuff", cover.stuff()),
                mmIfAny("cover.looseMm", cover.looseMm()));
    }

    private static BookSpec.Sewing sewing(BookDocument.Thread thread) {
        SewingThread sewn = new SewingThread(
                given("thread.name", thread.name()).strip(),
                given("thread.fibre", thread.fibre()),
                count(given("thread.count", thread.count())));
        return new BookSpec.Sewing(
                sewn,
                thread.strands(),
                mm("thread.tailMm", thread.tailMm()),
                thread.slackPercent(),
                mm("thread.needleEyeMm", thread.needleEyeMm()),
                given("thread.knot", thread.knot()),
                thread.turns());
    }

    private static ThreadCount count(BookDocument.Count count) {
        return switch (given("thread.count.system", count.system())) {
            case TEX -> new ThreadCount.Tex(count.number());
            case LINEN -> new ThreadCount.Linen(count.number(), count.ply());
            case COTTON -> new ThreadCount.Cotton(count.number(), count.ply());
            case WOUND -> new ThreadCount.Wound(count.turns(), mm("thread.woundMm", count.widthMm()));
        };
    }

    /** Something that is pasted to a page, as it travels. */
    public static BookDocument.Pasted pasted(PastedOn pasted) {
        return PageDocuments.pasted(pasted);
    }

    /**
     * The document of a changed spec.
     *
     * @param before the document it was changed from, whose numbers of unused schemes are kept
     * @param spec the changed spec
     */
    public static BookDocument changed(BookDocument before, BookSpec spec) {
        return new BookDocument(
                spec.title().name(),
                spec.title().purpose(),
                spec.title().unit(),
                spec.structure(),
                new BookDocument.Use(
                        List.copyOf(new TreeSet<>(spec.use().needs())),
                        spec.use().copies(),
                        spec.use().hands()),
                EditionDocuments.document(spec.edition(), before.edition().kinds()),
                new BookDocument.Extent(spec.extent().by(), spec.extent().number()),
                new BookDocument.Leaf(
                        spec.leaf().width().mm(),
                        spec.leaf().height().mm(),
                        spec.leaf().trimmed()),
                PaperDocuments.changed(before.paper(), spec.papers().main()),
                PaperDocuments.others(before.otherPapers(), spec.papers()),
                PaperDocuments.cutting(spec.papers()),
                GatheringDocuments.changed(spec.gathering()),
                PageDocuments.document(spec.pageWish()),
                HoleDocuments.stations(before.stations(), spec.holes()),
                HoleDocuments.rows(before.rows(), spec.holes().rows()),
                HoleDocuments.side(before.side(), spec.holes().side()),
                cover(spec.cover()),
                CoverDocuments.document(spec.covering(), before.covering().stocks()),
                thread(before.thread(), spec.thread()),
                StitchDocuments.document(spec.stitch()),
                List.copyOf(new TreeSet<>(spec.done())),
                learned(spec.learned()));
    }

    private static BookDocument.Cover cover(BookSpec.Cover cover) {
        return new BookDocument.Cover(
                cover.wanted(),
                cover.thickness().mm(),
                cover.square().mm(),
                cover.height().map(Length::mm).orElse(null),
                cover.spine().map(Length::mm).orElse(null),
                cover.headSquare().map(Length::mm).orElse(null),
                cover.stuff(),
                cover.loose().map(Length::mm).orElse(null));
    }

    private static BookDocument.Thread thread(BookDocument.Thread before, BookSpec.Sewing sewing) {
        return new BookDocument.Thread(
                sewing.thread().name(),
                sewing.thread().fibre(),
                count(before.count(), sewing.thread().count()),
                sewing.strands(),
                sewing.tail().mm(),
                sewing.slackPercent(),
                sewing.needleEye().mm(),
                sewing.knot(),
                sewing.turns(),
                // another thread is not the one in the drawer
                sewing.thread().name().equals(before.name()) ? before.drawerId() : null);
    }

    private static BookDocument.Count count(BookDocument.Count before, ThreadCount count) {
        if (count instanceof ThreadCount.Linen linen) {
            return new BookDocument.Count(
                    BookDocument.CountSystem.LINEN, linen.count(), linen.ply(), before.turns(), before.widthMm());
        }
        return before;
    }
}
