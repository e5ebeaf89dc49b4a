package itomichi.cover;

import static itomichi.cover.Blocks.figureMm;
import static itomichi.cover.Blocks.piece;
import static itomichi.cover.Blocks.settled;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Remark.Weight;
import itomichi.gathering.Back;
import itomichi.property.Draw;
import itomichi.property.Property;
import itomichi.structure.Covering;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds for every kind of cover, and the rules of thumb of single ones. */
public class CoverKindsTest {

    private static List<CoverBase> bases(SewnBlock block) {
        return List.of(
                Blocks.cased(block, Back.FLAT),
                Blocks.cased(block, Back.ROUNDED),
                Blocks.boarded(block),
                Blocks.stabbed(block),
                Blocks.soft(block, Covering.ONE_FOLD),
                Blocks.soft(block, Covering.THROUGH_SPINE),
                Blocks.soft(block, Covering.PLEAT));
    }

    private record Fitting(CoverKind kind, CoverBase base) {}

    private static Stream<Fitting> fitting(SewnBlock block) {
        return bases(block).stream()
                .flatMap(base -> CoverKinds.fitting(base).stream().map(kind -> new Fitting(kind, base)));
    }

    @DataProvider
    Object[][] kinds() {
        return fitting(Blocks.a5())
                .map(one -> new Object[] {one.kind().name(), one})
                .toArray(Object[][]::new);
    }

    @Test
    public void everyKindFitsSomething() {
        List<String> fitting =
                fitting(Blocks.a5()).map(one -> one.kind().key()).distinct().toList();
        assertEquals(
                new HashSet<>(fitting),
                new HashSet<>(CoverKinds.all().stream().map(CoverKind::key).toList()));
    }

    @Test
    public void settingsOfOneKeyAreTheSame() {
        Map<String, Setting> seen = new HashMap<>();
        CoverKinds.settings()
                .forEach(setting -> assertEquals(seen.merge(setting.key(), setting, (a, b) -> a), setting));
    }

    @Test(dataProvider = "kinds")
    public void asUsualNothingIsWrongWithASoundBlock(String name, Fitting one) {
        assertEquals(one.kind().work(one.base(), CoverChoices.USUAL).faults(), List.of());
    }

    @Test(dataProvider = "kinds")
    public void whatIsSettledAsUsualChangesNothing(String name, Fitting one) {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> schools = new HashMap<>();
        for (Setting setting : one.kind().settings()) {
            setting.match(new Setting.Cases<Void>() {
                @Override
                public Void measure(Setting.Measure measure) {
                    numbers.put(measure.key(), measure.usualMm());
                    return null;
                }

                @Override
                public Void share(Setting.Share share) {
                    numbers.put(share.key(), share.usual());
                    return null;
                }

                @Override
                public Void measured(Setting.Measured measured) {
                    // what is there already is as it is; nothing is usual of it
                    return null;
                }

                @Override
                public Void school(Setting.School school) {
                    schools.put(school.key(), school.options().get(0).key());
                    return null;
                }
            });
        }
        assertEquals(
                one.kind()
                        .work(one.base(), new CoverChoices(numbers, schools))
                        .pieces()
                        .toString(),
                one.kind().work(one.base(), CoverChoices.USUAL).pieces().toString());
    }

    /** A choice that is offered changes what is cut, done or drawn; one that is not offered changes none of it. */
    @Test(dataProvider = "kinds")
    public void whatIsAskedForMakesADifference(String name, Fitting one) {
        String before = said(one, CoverChoices.USUAL);
        for (Setting setting : one.kind().settings()) {
            CoverChoices changed = changed(setting);
            boolean differs = !said(one, changed).equals(before);
            assertEquals(
                    differs, one.kind().counts(setting, one.base(), CoverChoices.USUAL), name + ", " + setting.words());
        }
    }

    private static CoverChoices changed(Setting setting) {
        return setting.match(new Setting.Cases<>() {
            @Override
            public CoverChoices measure(Setting.Measure measure) {
                return settled(measure.key() + "=" + (measure.usualMm() + 1));
            }

            @Override
            public CoverChoices share(Setting.Share share) {
                return settled(share.key() + "=" + (share.usual() + 3));
            }

            @Override
            public CoverChoices measured(Setting.Measured measured) {
                return settled(measured.key() + "=" + (measured.leastMm() + 1));
            }

            @Override
            public CoverChoices school(Setting.School school) {
                return settled(school.key() + "=" + school.options().get(1).key());
            }
        });
    }

    private static String said(Fitting one, CoverChoices choices) {
        CoverWork work = one.kind().work(one.base(), choices);
        return work.pieces() + " " + work.steps() + " " + work.looks() + work.figures();
    }

    /** Whatever is typed: no piece is less than nothing, drawings hold what is in them, and what cannot be cut is said. */
    @Test
    public void whateverIsSettledNoPieceIsLessThanNothing() {
        Draw<List<Double>> block = dice -> List.of(
                20 + dice.nextDouble() * 500,
                20 + dice.nextDouble() * 400,
                0.3 + dice.nextDouble() * 90,
                0.3 + dice.nextDouble() * 120,
                0.3 + dice.nextDouble() * 9.7);
        Property.holdsFor(200).of(block, Draw.between(0, 1_000_000), (sizes, seed) -> {
            SplittableRandom dice = new SplittableRandom(seed);
            return fitting(Blocks.block(sizes.get(0), sizes.get(1), sizes.get(2), sizes.get(3), sizes.get(4)))
                    .allMatch(one -> sound(one, anyhow(one.kind(), dice)));
        });
    }

    private static CoverChoices anyhow(CoverKind kind, SplittableRandom dice) {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> schools = new HashMap<>();
        for (Setting setting : kind.settings()) {
            setting.match(new Setting.Cases<Void>() {
                @Override
                public Void measure(Setting.Measure m) {
                    numbers.put(m.key(), m.leastMm() + dice.nextDouble() * (m.mostMm() - m.leastMm()));
                    return null;
                }

                @Override
                public Void share(Setting.Share s) {
                    numbers.put(s.key(), s.least() + dice.nextDouble() * (s.most() - s.least()));
                    return null;
                }

                @Override
                public Void measured(Setting.Measured m) {
                    numbers.put(m.key(), m.leastMm() + dice.nextDouble() * (m.mostMm() - m.leastMm()));
                    return null;
                }

                @Override
                public Void school(Setting.School s) {
                    schools.put(
                            s.key(),
                            s.options().get(dice.nextInt(s.options().size())).key());
                    return null;
                }
            });
        }
        return new CoverChoices(numbers, schools);
    }

    private static boolean sound(Fitting one, CoverChoices choices) {
        CoverWork work = one.kind().work(one.base(), choices);
        boolean stopped = work.faults().stream().anyMatch(fault -> fault.weight() == Weight.STOP);
        return work.pieces().stream().allMatch(CoverPiece::real)
                && (stopped || work.looks().stream().allMatch(CoverKindsTest::held));
    }

    private static boolean held(CoverLook look) {
        return look.outlines().stream()
                .flatMap(outline -> outline.points().stream())
                .allMatch(point -> point.xMm() > -0.01
                        && point.yMm() > -0.01
                        && point.xMm() < look.widthMm() + 0.01
                        && point.yMm() < look.heightMm() + 0.01);
    }

    @Test(dataProvider = "kinds")
    public void everyStepHasANameOfItsOwn(String name, Fitting one) {
        List<String> keys = new ArrayList<>();
        one.kind().work(one.base(), CoverChoices.USUAL).steps().forEach(step -> keys.add(step.key()));
        assertEquals(new HashSet<>(keys).size(), keys.size());
    }

    /** Case boards: height of block + 4 mm; width of block - 3 to 4 mm. Common practice, no source. */
    @Test
    public void caseBoardsAreFourHigherAndThreeAndAHalfNarrower() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), CoverChoices.USUAL);
        assertEquals(piece(work, "board").high().mm(), 214, 0.01);
        assertEquals(piece(work, "board").wide().mm(), 144.5, 0.01);
    }

    /** Two boards of 2 mm and 4 mm. Common practice, no source. */
    @Test
    public void aJointOfTwoBoardsAndFourIsEight() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("joints=BOARDS"));
        assertEquals(figureMm(work, "joint"), 8, 0.01);
    }

    /** The strip that holds a case in line: 30 mm of paper on each side of the spine piece. Common practice, no source. */
    @Test
    public void theStripReachesThirtyMillimetresPastTheSpinePiece() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), CoverChoices.USUAL);
        assertEquals(piece(work, "strip").wide().mm(), 80, 0.01);
    }

    /** The arc over a third of a circle is 1.209 times its chord: 2 pi / (3 sqrt 3). Plane geometry. */
    @Test
    public void aThirdOfACircleIsAFifthLongerThanItsChord() {
        CoverWork work = new RoundCase().work(Blocks.cased(Blocks.a5(), Back.ROUNDED), CoverChoices.USUAL);
        assertEquals(piece(work, "spine-piece").wide().mm(), 24.18, 0.02);
    }

    @Test
    public void aFlapOfHalfTheFrontIsHalfTheFront() {
        CoverWork work = new SoftWrapped().work(Blocks.soft(Blocks.a5(), Covering.ONE_FOLD), settled("flap=50"));
        assertEquals(figureMm(work, "cover-flap"), 76, 0.01);
    }

    /** Hemmed twice at 6 mm: 12 mm more at every edge. */
    @Test
    public void hemsAreTurnedTwice() {
        CoverBase base = Blocks.soft(Blocks.a5(), Covering.ONE_FOLD);
        CoverWork raw = new SoftWrapped().work(base, CoverChoices.USUAL);
        CoverWork hemmed = new SoftWrapped().work(base, settled("edges=HEMMED", "edge=6"));
        assertEquals(
                piece(hemmed, "cover").wide().mm() - piece(raw, "cover").wide().mm(), 24, 0.01);
        assertEquals(hemmed.size(), raw.size(), "as it is sewn on it is as large");
    }

    @Test
    public void aFlapWiderThanTheFrontIsStopped() {
        CoverWork work = new SoftWrapped().work(Blocks.soft(Blocks.a5(), Covering.ONE_FOLD), settled("flap=120"));
        assertEquals(work.faults().get(0).weight(), Weight.STOP);
    }

    @Test
    public void aTurnInWiderThanHalfABoardIsStopped() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("turn-in=80"));
        assertEquals(work.faults().get(0).key(), "cover-turn-in");
    }

    @Test
    public void boardsThatLeaveTheLeavesBareAreCautioned() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("joint=6"));
        assertEquals(work.faults().get(0).key(), "cover-square");
    }

    @Test
    public void aRoundThatRisesOverHalfACircleIsStopped() {
        CoverWork work =
                new RoundCase().work(Blocks.cased(Blocks.a5(), Back.ROUNDED), settled("round=RISE", "rise=12"));
        assertTrue(work.faults().stream().anyMatch(fault -> fault.key().equals("cover-rise")));
    }

    @Test
    public void aPocketThatOpensAboveIsGluedAtOneSideAndTheFoot() {
        CoverWork work = new SoftFolded()
                .work(Blocks.soft(Blocks.a5(), Covering.ONE_FOLD), settled("ends-made=ABOVE", "ends-wide=80"));
        assertEquals(figureMm(work, "pocket-wide"), 74, 0.01);
        assertEquals(figureMm(work, "pocket-high"), 210, 0.01);
    }

    @Test
    public void wholePieceAndFullCoverDoNotCutOffCorners() {
        CoverWork work = new SoftSewn().work(Blocks.soft(Blocks.a5(), Covering.ONE_FOLD), CoverChoices.USUAL);
        assertFalse(piece(work, "cover").outline().isPresent());
    }

    @Test
    public void twoCoversFoldToFoldHaveNoPleat() {
        CoverWork work = new PleatedStrip().work(Blocks.soft(Blocks.a5(), Covering.PLEAT), settled("pleat-made=TWO"));
        assertEquals(piece(work, "cover").count(), 2);
        assertEquals(piece(work, "cover").wide().mm(), 2 * 152 + 10, 0.01);
    }

    @Test
    public void aClothCoverIsCutFromCloth() {
        CoverWork work = new SoftSewn().work(Blocks.soft(Blocks.a5(), Covering.ONE_FOLD), CoverChoices.USUAL);
        assertEquals(piece(work, "cover").stuff(), PieceStuff.CLOTH);
    }

    /** Where no board goes in, its thickness makes no difference; where one does, it makes one. */
    @Test(dataProvider = "kinds")
    public void theThicknessOfABoardMattersWhereThereIsOne(String name, Fitting one) {
        CoverBase base = one.base();
        CoverBase thick = new CoverBase(
                Blocks.block(210, 148, 20, 18, 3),
                base.coverings(),
                base.back(),
                base.sewnOn(),
                base.soft(),
                base.pierced(),
                base.sideEdge(),
                base.endsApart(),
                base.sewing());
        boolean differs =
                !said(new Fitting(one.kind(), thick), CoverChoices.USUAL).equals(said(one, CoverChoices.USUAL));
        assertEquals(differs, one.kind().boards());
    }

    @Test
    public void aHingeOfPaperIsCautioned() {
        CoverWork work = new StabHinged().work(Blocks.stabbed(Blocks.block(210, 148, 8, 8, 0.4)), CoverChoices.USUAL);
        assertEquals(work.faults().get(0).key(), "cover-thin-board");
    }

    /** Lining 25 mm on to each board; spine cloth trimmed 38 mm from the stiffener; papers 3 mm over it. Common practice, no source. */
    @Test
    public void aFreeSpineHangsOnItsDoubledEdges() {
        CoverWork work = new SpineFree().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("turn-in=16"));
        assertEquals(piece(work, "open-cloth").wide().mm(), 70, 0.01);
        assertEquals(piece(work, "spine-cloth").wide().mm(), 96, 0.01);
        assertEquals(piece(work, "side").wide().mm(), 148 - 19 + 3 + 16, 0.01);
        assertEquals(piece(work, "board").wide().mm(), 148, 0.01);
    }

    private static double jigMm(CoverWork work, String key) {
        return work.jigs().stream()
                .filter(jig -> jig.key().equals(key))
                .findFirst()
                .orElseThrow()
                .wide()
                .mm();
    }

    @Test
    public void jigsAreAsWideAsWhatTheyMeasure() {
        CoverWork work =
                new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("turn-in=16", "joints=BOARDS"));
        assertEquals(jigMm(work, "jig-turn-in"), 16, 0.01);
        assertEquals(jigMm(work, "jig-joint"), 8, 0.01);
        assertEquals(jigMm(work, "jig-corner"), 3, 0.01);
    }

    /** A ribbon reaches from corner to corner of the leaf: the diagonal of 148 by 210 mm is 256.9 mm (Pythagoras); 70 mm more, common practice. */
    @Test
    public void aRibbonReachesFromCornerToCorner() {
        CoverWork work =
                new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("ribbon=ONE", "headbands=BOUGHT"));
        assertEquals(piece(work, "ribbon").high().mm(), 256.9 + 70, 0.05);
        assertEquals(piece(work, "headband").wide().mm(), 20, 0.01);
        assertEquals(piece(work, "headband").count(), 2);
    }

    @Test
    public void aSpinePieceOverTheBoardsMakesNoWiderLining() {
        CoverWork work = new FlatCase().work(Blocks.cased(Blocks.a5(), Back.FLAT), settled("case-spine=BOARDS"));
        assertEquals(piece(work, "spine-piece").wide().mm(), 24, 0.01);
        assertEquals(piece(work, "back-lining").wide().mm(), 20, 0.01);
        assertEquals(piece(work, "open-cloth").wide().mm(), 70, 0.01);
    }

    @Test
    public void aRoundBackIsLinedOverItsArc() {
        CoverWork work = new RoundCase().work(Blocks.cased(Blocks.a5(), Back.ROUNDED), CoverChoices.USUAL);
        assertEquals(piece(work, "back-lining").wide().mm(), 24.18, 0.02);
        assertEquals(piece(work, "open-cloth").wide().mm(), 24.18 + 50, 0.02);
    }
}
