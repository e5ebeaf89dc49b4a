package itomichi.server.template;

import itomichi.book.BookPlan;
import itomichi.documents.sheets.TemplateKind;
import itomichi.server.platform.ProblemException;
import java.util.List;
import org.springframework.http.HttpStatus;

/** The templates that serve a book, of which there is one at least. */
public final class ServedTemplates {

    private ServedTemplates() {}

    /**
     * Those of a book, the one that is usual first.
     *
     * @throws ProblemException if nothing is punched for it
     */
    public static List<TemplateKind> of(BookPlan plan) {
        List<TemplateKind> served = TemplateKind.of(plan);
        if (served.isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Nothing is punched for this structure ("
                            + plan.spec().bound().name() + ").");
        }
        return served;
    }
}
