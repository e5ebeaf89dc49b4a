package itomichi.server.patterns;

import itomichi.book.Planner;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternOrder;
import itomichi.pattern.PatternText;
import itomichi.plan.SewingPlan;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import itomichi.server.document.StitchDocuments;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.WayView;
import itomichi.server.plan.WayViews;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.OwnStitching;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Looks a pattern over: how it is sewn, or what it wants. */
final class PatternLook {

    /** One sheet: what a pattern is tried on. */
    private static final int FEW_PAGES = 4;

    private PatternLook() {}

    /** Whether a pattern can be sewn. */
    enum Kind {
        SEWN,
        LACKING,
        UNSEWABLE
    }

    /**
     * What came of it.
     *
     * @param words how it is sewn, what is to be added, or why it holds nothing
     * @param add the stitches to add; none where it can be sewn
     * @param text the pattern, written
     * @param way the thread's way in a plain book; left out where it cannot be sewn
     */
    record LookView(
            Kind kind,
            InUnits words,
            List<BookDocument.PatternLine> add,
            String text,
            @Nullable WayView way) {}

    static LookView of(BookDocument.Pattern document) {
        OwnPattern pattern = StitchDocuments.pattern(document);
        OwnStitching own = new OwnStitching(pattern);
        String text = PatternText.write(pattern);
        return own.order()
                .match(
                        sewn -> sewn(document, pattern, text),
                        lacking -> new LookView(
                                Kind.LACKING, InUnits.of(lacking.words(pattern)), lines(lacking), text, null),
                        nothing -> new LookView(
                                Kind.UNSEWABLE, InUnits.of(Phrase.of("{}", nothing.reason())), List.of(), text, null));
    }

    private static LookView sewn(BookDocument.Pattern document, OwnPattern pattern, String text) {
        SewingPlan sewing = Planner.plan(BookDocuments.spec(bound(plain(pattern), document)))
                .sewn();
        Phrase words = Phrase.of(
                pattern.side()
                        ? "One thread sews it: {} for a thin block {} high."
                        : "One thread sews it: {} for a signature of four pages, {} high.",
                sewing.need().cut().length().at(Fineness.THREAD),
                pattern.height().at(Fineness.CUT));
        return new LookView(Kind.SEWN, InUnits.of(words), List.of(), text, WayViews.of(sewing));
    }

    private static List<BookDocument.PatternLine> lines(PatternOrder.Lacking lacking) {
        return lacking.add().stream()
                .map(line -> new BookDocument.PatternLine(line.outer(), line.from(), line.to()))
                .toList();
    }

    /** A starting book as high as the pattern was drawn for. */
    private static BookDocument plain(OwnPattern pattern) {
        BookDocument start = StartingBook.in(Unit.MM);
        BookSpec spec = BookDocuments.spec(start);
        BookSpec high = spec.withLeaf(new BookSpec.Leaf(spec.leaf().width(), pattern.height(), false));
        return BookDocuments.changed(start, high.withPages(FEW_PAGES));
    }

    /** A book bound in a pattern; all that does not belong to the way it is bound stays. */
    static BookDocument bound(BookDocument book, BookDocument.Pattern pattern) {
        BookSpec spec = BookDocuments.spec(book);
        Structure to = Structures.forPattern(pattern.side());
        BookSpec as = Binding.as(spec, to);
        BookSpec own = as.withStitch(
                        as.stitch().withOwn(Optional.of(new OwnStitching(StitchDocuments.pattern(pattern)))))
                .withHoles(as.holes().withSide(as.holes().side().withByHand(Optional.empty())));
        return BookDocuments.changed(book, own);
    }

    /** A book to begin with, as high as the pattern was drawn for. */
    static BookDocument beginning(BookDocument.Pattern pattern, Unit unit) {
        BookDocument start = StartingBook.in(unit);
        BookSpec spec = BookDocuments.spec(start);
        BookSpec high = spec.withLeaf(new BookSpec.Leaf(
                spec.leaf().width(), StitchDocuments.pattern(pattern).height(), false));
        return bound(BookDocuments.changed(start, high), pattern)
                .withName(pattern.name().strip());
    }
}
