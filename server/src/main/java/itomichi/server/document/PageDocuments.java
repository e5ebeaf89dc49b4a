package itomichi.server.document;

import static itomichi.server.platform.Sent.given;

import itomichi.spec.Artwork;
import itomichi.spec.PageWish;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Turns what documents say of pages into wishes and back. */
final class PageDocuments {

    private PageDocuments() {}

    static PageWish pages(BookDocument.Pages pages) {
        return new PageWish(
                given("pages.blanks", pages.blanks()),
                pages.uncounted(),
                pages.roman(),
                pages.first(),
                pages.doubled(),
                artwork(given("pages.artwork", pages.artwork())));
    }

    private static Artwork artwork(BookDocument.Made made) {
        Map<Artwork.Spot, String> pictures = new TreeMap<>();
        for (BookDocument.Picture sent : given("pages.artwork.pictures", made.pictures())) {
            BookDocument.Picture picture = given("pages.artwork.pictures", sent);
            Artwork.Spot spot = spot(picture.half());
            if (pictures.put(spot, given("pages.artwork.pictures", picture.words())) != null) {
                throw new UnfitValueException(
                        "pages.artwork.pictures", "What is on " + spot.words() + " is said twice.");
            }
        }
        List<Artwork.Facing> facing = given("pages.artwork.facing", made.facing()).stream()
                .map(sent -> given("pages.artwork.facing", sent))
                .map(two -> new Artwork.Facing(spot(two.one()), spot(two.other())))
                .toList();
        return new Artwork(pictures, facing);
    }

    private static Artwork.Spot spot(BookDocument.Half sent) {
        BookDocument.Half half = given("pages.artwork", sent);
        return new Artwork.Spot(half.sheet(), half.back(), half.right());
    }

    static BookDocument.Pages document(PageWish wish) {
        return new BookDocument.Pages(
                wish.blanks(), wish.uncounted(), wish.roman(), wish.first(), wish.doubled(), made(wish.artwork()));
    }

    private static BookDocument.Made made(Artwork artwork) {
        return new BookDocument.Made(
                artwork.pictures().entrySet().stream()
                        .map(one -> new BookDocument.Picture(half(one.getKey()), one.getValue()))
                        .toList(),
                artwork.facing().stream()
                        .map(two -> new BookDocument.Facing(half(two.one()), half(two.other())))
                        .toList());
    }

    private static BookDocument.Half half(Artwork.Spot spot) {
        return new BookDocument.Half(spot.sheet(), spot.back(), spot.right());
    }
}
