package itomichi.server.document;

import static itomichi.server.document.Checked.whole;
import static itomichi.server.platform.Sent.given;

import itomichi.spec.EditionWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a book's copies differ, as it travels and as it is planned with. */
final class EditionDocuments {

    private EditionDocuments() {}

    static EditionWish edition(BookDocument.Edition edition) {
        List<EditionWish.Kind> kinds = new ArrayList<>();
        for (BookDocument.CopyKind kind : whole("edition.kinds", given("edition.kinds", edition.kinds()))) {
            kinds.add(new EditionWish.Kind(
                    given("edition.kinds.name", kind.name()),
                    kind.copies(),
                    Optional.ofNullable(kind.thread())
                            .map(thread -> given("edition.kinds.thread.name", thread.name())
                                    .strip()),
                    CoverDocuments.stocks("edition.kinds.stocks", kind.stocks())));
        }
        return new EditionWish(
                kinds,
                edition.sparePercent(),
                edition.practicePercent(),
                whole("edition.names", given("edition.names", edition.names())),
                given("edition.colophon", edition.colophon()));
    }

    /** @param before the kinds as they were, which know where in the drawers things lie */
    static BookDocument.Edition document(EditionWish wish, List<BookDocument.CopyKind> before) {
        List<BookDocument.CopyKind> kinds = new ArrayList<>();
        for (int i = 0; i < wish.kinds().size(); i++) {
            EditionWish.Kind kind = wish.kinds().get(i);
            BookDocument.@Nullable CopyKind known = i < before.size() ? before.get(i) : null;
            kinds.add(new BookDocument.CopyKind(
                    kind.name(),
                    kind.copies(),
                    kind.thread().map(name -> thread(name, known)).orElse(null),
                    CoverDocuments.stocks(kind.stocks(), known == null ? List.of() : known.stocks())));
        }
        return new BookDocument.Edition(
                kinds, wish.sparePercent(), wish.practicePercent(), wish.names(), wish.colophon());
    }

    private static BookDocument.KindThread thread(String name, BookDocument.@Nullable CopyKind before) {
        BookDocument.@Nullable KindThread known = before == null ? null : before.thread();
        return new BookDocument.KindThread(name, known != null && known.name().equals(name) ? known.drawerId() : null);
    }
}
