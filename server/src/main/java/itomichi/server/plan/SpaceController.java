package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.cover.CoverPiece;
import itomichi.cover.PieceStuff;
import itomichi.path.Point3;
import itomichi.server.document.BookDocument;
import itomichi.server.document.Dye;
import itomichi.server.platform.ProblemException;
import itomichi.space.BookInSpace;
import itomichi.space.Laid;
import itomichi.space.Pierced;
import itomichi.space.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A book in space, without keeping anything. All in mm, to the hundredth; see {@link BookInSpace} for what is where. */
@RestController
class SpaceController {

    private static final double HUNDREDTHS = 100;

    /**
     * A book in space.
     *
     * @param signatures that are sewn; 1 of a block
     * @param folded whether the sheets are folded at the spine
     * @param backToBack whether it is two sections that lie fold to fold and open each by itself
     * @param threadMm how thick the thread is
     * @param stuffs what its cover is cut from, each with its dye where that is known
     */
    record SpaceView(
            double heightMm,
            double widthMm,
            int signatures,
            boolean folded,
            boolean backToBack,
            double threadMm,
            List<DyedView> stuffs,
            List<ProfileView> profiles,
            List<HoleView> holes,
            List<LaidView> thread) {}

    /** What something is cut from, and the colour of that where it is known. */
    record DyedView(PieceStuff stuff, @Nullable Dye dye) {}

    /**
     * Something flat that runs along the spine.
     *
     * @param across its middle: through the book, out of the spine; one after the other
     * @param turn the number of the point about which it parts when the book is opened
     * @param cuts what is cut off at each point: where it begins, where it ends; none where it is as high everywhere
     */
    record ProfileView(
            Profile.Part part,
            int signature,
            int paper,
            double fromMm,
            double toMm,
            double thickMm,
            List<Double> across,
            int turn,
            List<Double> cuts) {}

    /** A hole: along the spine, through the book, out of the spine, of either end. */
    record HoleView(int signature, int station, List<Double> ends, double wideMm) {}

    /** The thread of a step: along the spine, through the book, out of the spine; one after the other. */
    record LaidView(int step, List<Double> points) {}

    @PostMapping("/api/plan/space")
    SpaceView space(@RequestBody BookDocument document) {
        BookPlan plan = PlanViews.plan(document);
        BookInSpace book = BookInSpace.of(plan.worked())
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.UNPROCESSABLE_CONTENT, "As it is, this book cannot be sewn; the remarks say why."));
        return new SpaceView(
                book.heightMm(),
                book.widthMm(),
                book.signatures(),
                book.folded(),
                book.backToBack(),
                book.threadMm(),
                stuffs(document, plan),
                book.profiles().stream().map(SpaceController::view).toList(),
                book.holes().stream().map(SpaceController::view).toList(),
                book.thread().stream().map(SpaceController::view).toList());
    }

    private static List<DyedView> stuffs(BookDocument document, BookPlan plan) {
        return plan.covering().work().pieces().stream()
                .map(CoverPiece::stuff)
                .distinct()
                .map(stuff -> new DyedView(stuff, Looks.dye(document, stuff)))
                .toList();
    }

    private static ProfileView view(Profile profile) {
        List<Double> across = new ArrayList<>();
        for (Point3 point : profile.across()) {
            across.add(rounded(point.yMm()));
            across.add(rounded(point.zMm()));
        }
        return new ProfileView(
                profile.part(),
                profile.signature(),
                profile.paper(),
                rounded(profile.fromMm()),
                rounded(profile.toMm()),
                // paper is thinner than the others are told
                profile.thickMm(),
                across,
                profile.turn(),
                profile.cuts().stream()
                        .flatMap(cut -> Stream.of(rounded(cut.headMm()), rounded(cut.tailMm())))
                        .toList());
    }

    private static HoleView view(Pierced hole) {
        return new HoleView(
                hole.signature(), hole.station(), points(List.of(hole.from(), hole.to())), rounded(hole.wideMm()));
    }

    private static LaidView view(Laid laid) {
        return new LaidView(laid.step(), points(laid.points()));
    }

    private static List<Double> points(List<Point3> all) {
        List<Double> points = new ArrayList<>();
        for (Point3 point : all) {
            points.add(rounded(point.xMm()));
            points.add(rounded(point.yMm()));
            points.add(rounded(point.zMm()));
        }
        return points;
    }

    private static double rounded(double mm) {
        return Math.round(mm * HUNDREDTHS) / HUNDREDTHS;
    }
}
