package itomichi.server.course;

import itomichi.plan.UsedUp;
import itomichi.server.document.BookDocument;
import itomichi.server.platform.ProblemException;
import itomichi.server.supply.SupplyService;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is taken for classes, in one transaction; nothing is planned here. */
@Service
class CourseKeeping {

    private final CourseStore store;
    private final SupplyService supplies;

    CourseKeeping(CourseStore store, SupplyService supplies) {
        this.store = store;
        this.supplies = supplies;
    }

    /** Takes what the kits hold once: a press that came twice takes once. */
    @Transactional
    void take(UUID id, UUID book, BookDocument document, UsedUp used) {
        UUID before = store.held(id).map(CourseStore.Stored::act).orElse(null);
        if (before != null && supplies.stands(before)) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "What the kits of a class of “" + document.name() + "” hold was taken already.");
        }
        store.taken(id, supplies.takeForClass(book, document, used));
    }
}
