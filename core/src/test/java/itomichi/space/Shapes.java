package itomichi.space;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.cover.CoverPiece;
import itomichi.path.Point3;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.List;
import java.util.Map;

/** Books in covers, in space, and what is asked of them. */
final class Shapes {

    private Shapes() {}

    static BookPlan covered(String structure, String kind, Map<String, String> schools) {
        return covered(Books.bound(structure).withPages(96), kind, schools);
    }

    static BookPlan covered(BookSpec book, String kind, Map<String, String> schools) {
        return Planner.plan(Books.covered(book, kind, Map.of(), schools));
    }

    static BookInSpace inSpace(BookPlan plan) {
        return BookInSpace.of(plan.worked()).orElseThrow();
    }

    static List<Profile> parts(BookPlan plan, Part part) {
        return inSpace(plan).profiles().stream()
                .filter(profile -> profile.part() == part)
                .toList();
    }

    static CoverPiece piece(BookPlan plan, String key) {
        return plan.covering().work().pieces().stream()
                .filter(piece -> piece.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    static double figure(BookPlan plan, String key) {
        return plan.covering()
                .work()
                .figure(key)
                .orElseThrow()
                .working()
                .length()
                .mm();
    }

    static double leastMm(Profile profile) {
        return profile.across().stream().mapToDouble(Point3::zMm).min().orElseThrow();
    }

    static double mostMm(Profile profile) {
        return profile.across().stream().mapToDouble(Point3::zMm).max().orElseThrow();
    }

    /** Of the sheets at the fore edge, on the front. */
    static double frontMm(BookPlan plan) {
        return parts(plan, Part.SHEET).stream()
                .mapToDouble(sheet -> sheet.across().get(0).yMm() - sheet.thickMm() / 2)
                .min()
                .orElseThrow();
    }
}
