package itomichi.server.supply;

import itomichi.book.BookPlan;
import itomichi.edition.Edition;
import itomichi.plan.UsedUp;
import itomichi.server.book.BookService;
import itomichi.server.book.StoredBook;
import itomichi.server.copies.CopiesService;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.PlanViews;
import itomichi.server.platform.ProblemException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What one more copy of a book would take, and what spoilt ones need anew. */
@Service
class CopySupplies {

    private final BookService books;
    private final CopiesService copies;
    private final Amounts amounts;
    private final StageUses stages;
    private final ActKeeping keeping;

    CopySupplies(BookService books, CopiesService copies, Amounts amounts, StageUses stages, ActKeeping keeping) {
        this.books = books;
        this.copies = copies;
        this.amounts = amounts;
        this.stages = stages;
        this.keeping = keeping;
    }

    CopySuppliesView look(UUID id) {
        StoredBook book = books.stored(id);
        BookDocument document = book.document();
        BookPlan plan = PlanViews.plan(document);
        Edition edition = Edition.of(plan);
        List<AmountView> one = amounts.views(document, edition.withOneMore(), UsedUp.of(plan.worked()));
        CopiesService.Untaken open = copies.untaken(id);
        return new CopySuppliesView(
                one,
                Amounts.cost(one),
                amounts.views(document, edition.anew(open.before(), open.copies())),
                open.copies().size());
    }

    /** Takes what spoilt copies need anew out of the drawers. */
    void takeAnew(UUID id) {
        StoredBook book = books.stored(id);
        CopiesService.Untaken open = copies.untaken(id);
        if (open.copies().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "No spoilt copy of “" + book.document().name() + "” needs anything anew.");
        }
        UsedUp used = Edition.of(PlanViews.plan(book.document())).anew(open.before(), open.copies());
        keeping.anew(id, open.ids(), stages.all(book.document(), used));
    }
}
