package itomichi.space;

import static itomichi.space.Shapes.figure;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.gathering.Back;
import itomichi.gathering.Block;
import itomichi.gathering.Gathered;
import itomichi.path.Knot;
import itomichi.path.Move;
import itomichi.path.Point3;
import itomichi.path.Polyline;
import itomichi.path.SewingStep;
import itomichi.plan.SewingPlan;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.structure.Structures;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The book in space against its plan, over every structure that is drawn so. */
public class BookInSpaceTest {

    private static Stream<BookPlan> plans() {
        return Structures.all().stream()
                .map(structure -> Books.bound(structure.key()).withPages(96))
                .flatMap(book -> book.bound().mayBeRounded() ? Stream.of(book, rounded(book)) : Stream.of(book))
                .map(Planner::plan)
                .filter(plan -> BookInSpace.of(plan.worked()).isPresent());
    }

    private static BookSpec rounded(BookSpec book) {
        return book.withGathering(book.gathering().withBack(Back.ROUNDED));
    }

    @DataProvider
    Object[][] books() {
        return plans().map(plan -> new Object[] {plan.spec().structure(), plan}).toArray(Object[][]::new);
    }

    @DataProvider
    Object[][] folded() {
        return plans().filter(plan -> plan.foldHoles().isPresent())
                .map(plan -> new Object[] {plan.spec().structure(), plan})
                .toArray(Object[][]::new);
    }

    /** Those whose signatures lie on each other. */
    @DataProvider
    Object[][] blocks() {
        return Arrays.stream(folded())
                .filter(row -> !of((BookPlan) row[1]).backToBack())
                .toArray(Object[][]::new);
    }

    private static BookInSpace of(BookPlan plan) {
        return BookInSpace.of(plan.worked()).orElseThrow();
    }

    private static Block block(BookPlan plan) {
        return plan.worked()
                .gathered()
                .folded()
                .map(Gathered.InSignatures::block)
                .orElseThrow();
    }

    private static List<Profile> sheets(BookInSpace book) {
        return parts(book, Part.SHEET);
    }

    private static List<Profile> parts(BookInSpace book, Part part) {
        return book.profiles().stream()
                .filter(profile -> profile.part() == part)
                .toList();
    }

    @Test
    public void mostStructuresAreDrawn() {
        assertTrue(plans().count() >= 12, "only " + plans().count());
    }

    /** Stations are where the plan has them, and holes go from the outside of the fold to its inside. */
    @Test(dataProvider = "folded")
    public void holesAreWhereThePlanHasThem(String structure, BookPlan plan) {
        BookInSpace book = of(plan);
        for (Pierced hole : book.holes()) {
            double stationMm =
                    plan.foldHoles().orElseThrow().stations().at(hole.station()).mm();
            assertEquals(hole.from().xMm(), stationMm, 1e-6);
            double flatMm = block(plan)
                    .signatures()
                    .get(hole.signature() - 1)
                    .laidFlat()
                    .mm();
            assertTrue(Math.abs(hole.from().zMm() - hole.to().zMm()) >= flatMm - 1e-6, hole.toString());
        }
        assertEquals(
                book.holes().size(),
                plan.foldHoles().orElseThrow().folds().stream()
                        .mapToInt(fold -> fold.stations().size())
                        .sum());
    }

    /** Away from the folds nothing but paper lies between the leaves. */
    @Test(dataProvider = "blocks")
    public void theForeEdgeIsAsThickAsThePressedBlock(String structure, BookPlan plan) {
        List<Profile> sheets = sheets(of(plan));
        double least = sheets.stream()
                .mapToDouble(sheet -> sheet.across().get(0).yMm() - sheet.thickMm() / 2)
                .min()
                .orElseThrow();
        double most = sheets.stream()
                .mapToDouble(
                        sheet -> sheet.across().get(sheet.across().size() - 1).yMm() + sheet.thickMm() / 2)
                .max()
                .orElseThrow();
        assertEquals(most - least, block(plan).pressed().length().mm(), 0.02 * (most - least));
    }

    /** A leaf that is folded back lies over itself: the book is so much thicker at the fore edge. */
    @Test
    public void whatFoldsOutLiesTwiceAtTheForeEdge() {
        BookPlan plan = Planner.plan(Books.bound("pamphlet")
                .withPapers(Books.twoPapers())
                .withGathering(GatherWish.PLAIN.withRecipes(List.of(Books.mixedRecipe()))));
        List<Profile> sheets = sheets(of(plan));
        Profile outer = sheets.get(sheets.size() - 1);
        double wide = outer.across().get(outer.across().size() - 1).yMm()
                - outer.across().get(0).yMm();
        // every leaf once, the one that folds out twice: it is of the innermost sheet
        double leaves = 2 * sheets.stream().mapToDouble(Profile::thickMm).sum();
        // leaves slant from the thicker spine, and end a little before their full width
        assertEquals(
                wide + outer.thickMm(),
                leaves + sheets.get(0).thickMm(),
                0.03 * sheets.get(0).thickMm());
    }

    /** A sheet is as long round its fold as it was cut: chords of a bend are shorter by little. */
    @Test(dataProvider = "folded")
    public void everySheetIsAsWideAsItWasCut(String structure, BookPlan plan) {
        BookSpec spec = plan.spec();
        assertTrue(!spec.leaf().trimmed(), "an untrimmed book is looked at");
        for (Profile sheet : sheets(of(plan))) {
            assertEquals(
                    Polyline.lengthMm(sheet.across()),
                    2 * spec.leaf().width().mm(),
                    0.01 * spec.leaf().width().mm());
        }
    }

    /** Each leaf spends a quarter circle on going round what lies in it: closed geometry. */
    @Test
    public void innerSheetsStandOutByTheCreep() {
        BookPlan plan = Planner.plan(Books.bound("pamphlet").withPages(48));
        List<Profile> sheets = sheets(of(plan));
        double inner = -sheets.get(0).across().get(0).zMm();
        double outer = -sheets.get(sheets.size() - 1).across().get(0).zMm();
        double creepMm = block(plan).signatures().get(0).creep().result().number();
        assertEquals(inner - outer, creepMm, 0.02 * creepMm);
    }

    @Test(dataProvider = "books")
    public void theThreadIsAsLongAsThePlanSays(String structure, BookPlan plan) {
        SewingPlan sewing = plan.sewn();
        BookInSpace book = of(plan);
        double knots = sewing.path().moves(Knot.class).stream()
                .mapToDouble(knot -> knot.lengthMm(sewing.frame()))
                .sum();
        double planned = sewing.path().sewnMm(sewing.frame()) - knots;
        double drawn = book.thread().stream()
                        .mapToDouble(laid -> Polyline.lengthMm(laid.points()))
                        .sum()
                - knots
                - sewing.path().tailsMm(sewing.frame());
        // turns of a knot are drawn with fewer corners, and side by side
        assertEquals(drawn, planned, 0.01 * planned + 0.03 * knots, structure);
    }

    /** From hole to hole without a gap, and every step has its thread. */
    @Test(dataProvider = "books")
    public void theThreadGoesOnFromStepToStep(String structure, BookPlan plan) {
        Map<Integer, Laid> bySteps = new HashMap<>();
        of(plan).thread().forEach(laid -> bySteps.put(laid.step(), laid));
        Optional<Point3> end = Optional.empty();
        for (SewingStep step : SewingStep.of(plan.sewn().path())) {
            Laid laid = bySteps.get(step.number());
            if (laid == null) {
                assertTrue(step.moves().stream().noneMatch(Move::passes), "step " + step.number() + " is not drawn");
                continue;
            }
            if (!step.begins() && end.isPresent()) {
                assertEquals(laid.points().get(0).distanceMm(end.get()), 0, 1e-6, "step " + step.number());
            }
            end = Optional.of(laid.points().get(laid.points().size() - 1));
        }
    }

    /** Through paper the thread goes at holes alone. */
    @Test(dataProvider = "folded")
    public void theThreadGoesThroughPaperAtHolesAlone(String structure, BookPlan plan) {
        BookInSpace book = of(plan);
        for (Laid laid : book.thread()) {
            List<Point3> points = laid.points();
            for (int i = 1; i < points.size(); i++) {
                for (double t = 0; t <= 1; t += 0.1) {
                    Point3 at = points.get(i - 1).toward(points.get(i), t);
                    int in = paperAt(book, at);
                    if (in > 0) {
                        assertTrue(
                                book.holes().stream()
                                        .anyMatch(hole -> hole.signature() == in
                                                && Math.abs(hole.from().xMm() - at.xMm()) <= hole.wideMm() / 2 + 1e-6
                                                && Math.abs(hole.from().yMm() - at.yMm()) <= hole.wideMm() / 2 + 1e-6),
                                structure + ", step " + laid.step() + ": " + at + " is in the paper of signature "
                                        + in);
                    }
                }
            }
        }
    }

    /** Fold to fold, with twice the cover between them; their leaves go away from each other. */
    @Test
    public void sectionsSewnAtOnceLieBackToBack() {
        BookPlan plan = Planner.plan(Books.bound("double-pamphlet").withPages(96));
        BookInSpace book = of(plan);
        Profile first = outermost(book, 1);
        Profile second = outermost(book, 2);
        double between = second.across().get(second.turn()).zMm()
                - first.across().get(first.turn()).zMm()
                - (first.thickMm() + second.thickMm()) / 2;
        assertEquals(between, 2 * plan.spec().cover().thickness().mm(), 1e-6);
        assertTrue(
                first.across().get(0).zMm() < first.across().get(first.turn()).zMm(), "the first to one side");
        assertTrue(
                second.across().get(0).zMm()
                        > second.across().get(second.turn()).zMm(),
                "the second to the other");
    }

    private static Profile outermost(BookInSpace book, int signature) {
        return sheets(book).stream()
                .filter(sheet -> sheet.signature() == signature)
                .reduce((inner, outer) -> outer)
                .orElseThrow();
    }

    /** The signature in whose folded paper a point lies; 0 where it lies in none. */
    private static int paperAt(BookInSpace book, Point3 at) {
        if (at.xMm() < 0 || at.xMm() > book.heightMm()) {
            return 0;
        }
        double room = book.threadMm() / 2;
        for (int signature = 1; signature <= book.signatures(); signature++) {
            int number = signature;
            List<Profile> nest = sheets(book).stream()
                    .filter(sheet -> sheet.signature() == number)
                    .toList();
            double flat = nest.stream().mapToDouble(Profile::thickMm).sum();
            Profile outer = nest.get(nest.size() - 1);
            Point3 back = outer.across().get(outer.turn());
            // the second of two that lie back to back looks the other way
            int out = outer.across().get(0).zMm() < back.zMm() ? 1 : -1;
            double beyond = out * (at.zMm() - back.zMm()) - outer.thickMm() / 2 + flat + room;
            double y = at.yMm() - back.yMm();
            double off = beyond >= 0 ? Math.hypot(y, beyond) : Math.abs(y);
            if (off > room + 1e-6 && off < room + flat - 1e-6) {
                return signature;
            }
        }
        return 0;
    }

    @Test
    public void aBookThatCannotBeSewnIsNotDrawn() {
        BookSpec odd = Books.bound("long-stitch").withPages(96).withStations(Books.placed(20, 60, 120, 150, 190));
        assertTrue(BookInSpace.of(Planner.plan(odd).worked()).isEmpty());
    }

    @Test
    public void tapesLieOnTheSpineBetweenTheirStations() {
        BookPlan plan = Planner.plan(Books.bound("tapes").withPages(96));
        List<Profile> tapes = parts(of(plan), Part.TAPE);
        assertEquals(tapes.size(), (plan.foldHoles().orElseThrow().stations().count() - 2) / 2);
        for (Profile tape : tapes) {
            assertTrue(tape.across().get(tape.turn()).zMm() > 0, "outside the folds");
            assertTrue(tape.toMm() - tape.fromMm() <= 12 && tape.toMm() > tape.fromMm(), tape.toString());
        }
    }

    /** The thread goes round the cord: its middle is half of each away from the middle of the cord. */
    @Test
    public void theThreadGoesRoundTheCord() {
        BookPlan plan = Planner.plan(Books.bound("corded-pamphlet").withPages(48));
        BookInSpace book = of(plan);
        Profile cord = parts(book, Part.CORD).get(0);
        double middle = cord.across().stream()
                .limit(12)
                .mapToDouble(Point3::zMm)
                .average()
                .orElseThrow();
        double cordMm = plan.sewn().frame().supports().cord().mm();
        Laid round = book.thread().stream()
                .filter(laid -> laid.points().stream().anyMatch(point -> point.zMm() > middle))
                .findFirst()
                .orElseThrow();
        List<Point3> over =
                round.points().stream().filter(point -> point.zMm() > middle).toList();
        for (Point3 point : over) {
            assertEquals(
                    Math.hypot(point.yMm(), point.zMm() - middle), (cordMm + book.threadMm()) / 2, book.threadMm() / 2);
        }
    }

    /** Through the ends of its chord and the end of its rise goes one circle: closed geometry. The rise is what the cover is made for. */
    @Test
    public void foldsOfARoundedBackLieOnAnArc() {
        BookPlan plan = Planner.plan(rounded(Books.bound("tapes").withPages(160)));
        double rise = figure(plan, "rise");
        double radius = figure(plan, "radius");
        List<Point3> folds = sheets(of(plan)).stream()
                .filter(sheet -> sheet.paper() == 0)
                .map(sheet -> sheet.across().get(sheet.turn()))
                .toList();
        List<Point3> flat = sheets(of(Planner.plan(Books.bound("tapes").withPages(160)))).stream()
                .map(sheet -> sheet.across().get(sheet.turn()))
                .toList();
        double middle = (folds.get(0).yMm() + folds.get(folds.size() - 1).yMm()) / 2;
        double most = 0;
        for (int i = 0; i < folds.size(); i++) {
            double slid = folds.get(i).zMm() - flat.get(i).zMm();
            most = Math.max(most, slid);
            assertEquals(Math.hypot(folds.get(i).yMm() - middle, slid - (rise - radius)), radius, 0.02 * radius);
        }
        assertEquals(most, rise, 0.05 * rise);
    }

    /** The leaves slide with their folds, so that the fore edge is as hollow as the back is round; boards stay where they were. */
    @Test
    public void theForeEdgeOfARoundedBookIsHollow() {
        BookSpec book = Books.bound("tapes").withPages(160);
        assertEquals(hollowMm(Planner.plan(book)), 0, 1e-6);
        BookPlan round = Planner.plan(rounded(book));
        List<Profile> sheets = sheets(of(round));
        Profile first = sheets.get(0);
        Profile last = sheets.get(sheets.size() - 1);
        double half = (last.across().get(last.turn()).yMm()
                        - first.across().get(first.turn()).yMm())
                / 2;
        double radius = figure(round, "radius");
        // how far a circle falls from its top so far aside
        assertEquals(hollowMm(round), radius - Math.sqrt(radius * radius - half * half), 0.02 * radius);
    }

    /** How far the outermost leaves of the middle signature end inside those of the first. */
    private static double hollowMm(BookPlan plan) {
        List<Profile> sheets = sheets(of(plan));
        int middle = (of(plan).signatures() + 1) / 2;
        double first = 0;
        double inside = 0;
        for (Profile sheet : sheets) {
            first = sheet.signature() == 1 ? sheet.across().get(0).zMm() : first;
            inside = sheet.signature() == middle ? sheet.across().get(0).zMm() : inside;
        }
        return inside - first;
    }

    /** What covers a rounded back lies outside of every fold. */
    @Test
    public void theCoverGoesRoundARoundedBack() {
        BookInSpace book = of(Planner.plan(rounded(Books.bound("tapes").withPages(160))));
        double outermost = sheets(book).stream()
                .mapToDouble(sheet -> sheet.across().get(sheet.turn()).zMm() + sheet.thickMm() / 2)
                .max()
                .orElseThrow();
        List<Profile> over = book.profiles().stream()
                .filter(profile -> profile.part() == Part.SPINE_PIECE || profile.part() == Part.CLOTH)
                .toList();
        assertEquals(over.size(), 2);
        for (Profile cover : over) {
            assertTrue(cover.across().get(cover.turn()).zMm() > outermost, cover.part() + " at the middle");
            for (Point3 point : cover.across()) {
                assertEquals(paperAt(book, new Point3(100, point.yMm(), point.zMm())), 0, cover.part() + " " + point);
            }
        }
    }
}
