package itomichi.server.document;

import static itomichi.server.document.Checked.mm;
import static itomichi.server.platform.Sent.given;

import itomichi.spec.Artwork;
import itomichi.spec.PageWish;
import itomichi.spec.PastedOn;
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
                artwork(given("pages.artwork", pages.artwork())),
                given("pages.pasted", pages.pasted()).stream()
                        .map(PageDocuments::pasted)
                        .toList());
    }

    private static PastedOn pasted(BookDocument.Pasted sent) {
        BookDocument.Pasted pasted = given("pages.pasted", sent);
        return new PastedOn(
                given("pages.pasted", pasted.kind()),
                pasted.page(),
                pasted.paper(),
                mm("pages.pasted", pasted.widthMm()),
                mm("pages.pasted", pasted.heightMm()),
                mm("pages.pasted", pasted.holdsMm()));
    }

    /** One as it travels. */
    static BookDocument.Pasted pasted(PastedOn pasted) {
        return new BookDocument.Pasted(
                pasted.kind(),
                pasted.page(),
                pasted.paper(),
                pasted.width().mm(),
                pasted.height().mm(),
                pasted.holds().mm());
    }

    private static Artwork artwork(BookDocument.Made made) {
        Map<Artwork.Spot, String> pictures = new TreeMap<>();
        for (BookDocument.Picture sent : given("pages.artwork.pictures", made.pictures())) {
            BookDocument.Picture picture = given("pages.artwork.pictures", sent);
            Artwork.Spot spot = spot(picture.half());
            if (pictures.put(spot, given("pages.artwork.pictures", picture.words())) != null) {
                throw new UnfitValueException(
                        "pages.artwork.pictures", "What is on " + spot.named() + " is said twice.");
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
        return new Artwork.Spot(half.signature(), half.sheet(), half.back(), half.right());
    }

    static BookDocument.Pages document(PageWish wish) {
        return new BookDocument.Pages(
                wish.blanks(),
                wish.uncounted(),
                wish.roman(),
                wish.first(),
                wish.doubled(),
                made(wish.artwork()),
                wish.pasted().stream().map(PageDocuments::pasted).toList());
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
        return new BookDocument.Half(spot.signature(), spot.sheet(), spot.back(), spot.right());
    }
}
