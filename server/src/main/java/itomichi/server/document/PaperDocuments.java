package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.cutting.CutWish;
import itomichi.material.MeasuredStack;
import itomichi.material.Paper;
import itomichi.material.Supply;
import itomichi.measure.Grammage;
import itomichi.spec.BookPaper;
import itomichi.spec.Papers;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Papers of documents and of specs. */
public final class PaperDocuments {

    private PaperDocuments() {}

    static Papers papers(BookDocument document) {
        List<BookPaper> all = new ArrayList<>();
        all.add(paper("paper", given("paper", document.paper())));
        for (BookDocument.Paper other : whole("otherPapers", given("otherPapers", document.otherPapers()))) {
            all.add(paper("otherPapers", other));
        }
        BookDocument.Cutting cutting = given("cutting", document.cutting());
        return new Papers(
                all,
                new CutWish(given("cutting.manner", cutting.manner()), cutting.grainFirst()),
                mm("cutting.trimMm", cutting.trimMm()));
    }

    /**
     * A paper of a document.
     *
     * @throws UnfitValueException if a part is missing or a number cannot be what it stands for
     */
    public static BookPaper paper(String field, BookDocument.Paper paper) {
        BookDocument.@Nullable Stack stack = paper.stack();
        double gsm = paper.grammageGsm();
        if (!(Math.abs(gsm) < 1e6)) {
            throw new UnfitValueException(field + ".grammageGsm", "Read " + gsm + " g/m²; a paper's weight is wanted.");
        }
        Paper made = new Paper(
                given(field + ".name", paper.name()).strip(),
                Grammage.ofGsm(gsm),
                given(field + ".bulk", paper.bulk()),
                stack == null
                        ? Optional.empty()
                        : Optional.of(new MeasuredStack(stack.sheets(), mm(field + ".stack.totalMm", stack.totalMm()))),
                given(field + ".grain", paper.grain()));
        return new BookPaper(made, supply(field + ".stock", paper.stock()));
    }

    /** The sheets a paper comes in; nothing where it comes cut to size. */
    public static Optional<Supply> supply(String field, BookDocument.@Nullable Stock stock) {
        return stock == null
                ? Optional.empty()
                : Optional.of(new Supply(
                        mm(field + ".widthMm", stock.widthMm()),
                        mm(field + ".heightMm", stock.heightMm()),
                        given(field + ".grain", stock.grain()),
                        mm(field + ".deckleMm", stock.deckleMm()),
                        Optional.ofNullable(stock.have()),
                        Optional.ofNullable(stock.price())));
    }

    static BookDocument.Paper changed(BookDocument.Paper before, BookPaper paper) {
        return document(paper, before.drawerId());
    }

    private static BookDocument.Paper document(BookPaper of, @Nullable UUID drawerId) {
        Paper paper = of.paper();
        return new BookDocument.Paper(
                paper.name(),
                paper.grammage().gsm(),
                paper.kind(),
                paper.measured()
                        .map(stack -> new BookDocument.Stack(
                                stack.sheets(), stack.total().mm()))
                        .orElse(null),
                paper.grain(),
                of.supply().map(PaperDocuments::stock).orElse(null),
                drawerId);
    }

    private static BookDocument.Stock stock(Supply supply) {
        return new BookDocument.Stock(
                supply.width().mm(),
                supply.height().mm(),
                supply.grain(),
                supply.deckle().mm(),
                supply.have().orElse(null),
                supply.price().orElse(null));
    }

    static List<BookDocument.Paper> others(List<BookDocument.Paper> before, Papers papers) {
        List<BookDocument.Paper> others = new ArrayList<>();
        for (int i = 1; i < papers.all().size(); i++) {
            others.add(changed(before.get(i - 1), papers.all().get(i)));
        }
        return others;
    }

    static BookDocument.Cutting cutting(Papers papers) {
        return new BookDocument.Cutting(
                papers.cutting().manner(),
                papers.cutting().grainFirst(),
                papers.trim().mm());
    }
}
