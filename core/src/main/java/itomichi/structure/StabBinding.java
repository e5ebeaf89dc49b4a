package itomichi.structure;

import itomichi.gathering.Form;
import itomichi.order.EulerTrail;
import itomichi.order.Question;
import itomichi.path.Face;
import itomichi.path.Hole;
import itomichi.path.PathBuilder;
import itomichi.path.Spot;
import itomichi.path.StitchPattern;
import itomichi.path.StitchPattern.Tie;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.station.Role;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

/** Single sheets sewn through the side, near the spine: one thread pattern, several looks. */
final class StabBinding extends Described implements Stitching {

    private static final String AT_THE_BACK = "knot-at-back";
    private static final String OPEN_ENDS = "open-ends";
    private static final String OPEN_AT_THE_BACK = "open-ends-knot-at-back";
    private static final String ENDS = "ends-wrapped";
    private static final String ENDS_AT_THE_BACK = "ends-wrapped-knot-at-back";

    /** In which order the thread goes through the main holes, and whether it is wrapped round the spine there. */
    private enum Order {
        /** In and out only. */
        UNWRAPPED,
        WRAPPED_ON_THE_WAY_OUT,
        WRAPPED_ON_THE_WAY_BACK,
        /** With holes besides the main ones, as the search for an order finds it. */
        FOUND
    }

    private final Order order;
    private final double heights;

    /** @param heights of the book that its thread takes by rule of thumb */
    private StabBinding(Description description, Order order, double heights) {
        super(description.form(Form.LOOSE));
        this.order = order;
        this.heights = heights;
        judge(Need.WRITE, -1, "the spine margin swallows what is written near it");
        judge(Need.WET_MEDIA, -1, "held fast at the side, wet sheets buckle");
        judge(Need.PASTE_IN, 1, "a narrow strip between the sheets at the spine makes room");
        judge(Need.CARRY, 2, "lasts, the thread holds every sheet");
        judge(Need.LIE_FLAT, -3, "never lies flat");
        judge(Need.LOOSE_SHEETS, 3, "made for sheets that are already single");
    }

    private static Description looking(String key, String name, String look) {
        return Description.of(key, name)
                .purpose("Single sheets sewn through the side; " + look + ". Does not lie flat; lasts.")
                .covered(Covering.SIDE);
    }

    static StabBinding plain() {
        return new StabBinding(
                looking("stab-plain", "Stab, running", "in and out and back again, the spine not wrapped")
                        .skill(Skill.FIRST_BOOK)
                        .inNumber(2)
                        .holes(5, Holing.side()),
                Order.UNWRAPPED,
                3);
    }

    static StabBinding running() {
        return new StabBinding(
                looking(
                                "stab-running",
                                "Stab, running and wrapped",
                                "in and out to the end, each hole wrapped round the spine on the way back")
                        .skill(Skill.FIRST_BOOK)
                        .inNumber(1)
                        .holes(5, Holing.side()),
                Order.WRAPPED_ON_THE_WAY_BACK,
                4);
    }

    static StabBinding fourHole() {
        return new StabBinding(
                looking("stab-four-hole", "Stab, four holes", "four holes, each wrapped round the spine on the way out")
                        .skill(Skill.FIRST_BOOK)
                        .inNumber(1)
                        .holes(4, Holing.side()),
                Order.WRAPPED_ON_THE_WAY_OUT,
                4);
    }

    static StabBinding cornerHoles() {
        return new StabBinding(
                looking("stab-corners", "Stab, corner holes", "two holes more that guard the corners")
                        .skill(Skill.SOME_PRACTICE)
                        .inNumber(0)
                        .holes(4, Holing.side(Role.CORNER)),
                Order.FOUND,
                5);
    }

    static StabBinding tortoiseShell() {
        return new StabBinding(
                looking(
                                "stab-tortoise-shell",
                                "Stab, tortoise-shell",
                                "each hole with two beside it, wrapped like a shell")
                        .skill(Skill.SOME_PRACTICE)
                        .inNumber(-1)
                        .holes(4, Holing.side(Role.SATELLITE)),
                Order.FOUND,
                7);
    }

    static StabBinding hempLeaf() {
        return new StabBinding(
                looking("stab-hemp-leaf", "Stab, hemp-leaf", "a second row of holes and a net of crossing threads")
                        .skill(Skill.MUCH_PRACTICE)
                        .inNumber(-1)
                        .holes(5, Holing.side(Role.CORNER, Role.BETWEEN)),
                Order.FOUND,
                8);
    }

    @Override
    public Optional<Stitching> stitching(Optional<OwnStitching> own) {
        return Optional.of(this);
    }

    @Override
    public List<Variant> variants() {
        return order == Order.UNWRAPPED
                ? List.of(
                        new Variant(USUAL, "start hidden, nothing wrapped", "Two lines of thread, and no knot shows."),
                        new Variant(AT_THE_BACK, "knot at the back, nothing wrapped", "The quickest of all."),
                        new Variant(
                                ENDS, "start hidden, head and tail wrapped", "No knot shows; the corners are guarded."),
                        new Variant(
                                ENDS_AT_THE_BACK,
                                "knot at the back, head and tail wrapped",
                                "Quick, and the corners are guarded."))
                : List.of(
                        new Variant(
                                USUAL, "start hidden, head and tail wrapped", "No knot shows; both ends are guarded."),
                        new Variant(
                                AT_THE_BACK,
                                "knot at the back, head and tail wrapped",
                                "Quicker to start; the knot shows at the back."),
                        new Variant(
                                OPEN_ENDS,
                                "start hidden, head and tail left open",
                                "A little less thread; corners wear sooner."),
                        new Variant(OPEN_AT_THE_BACK, "knot at the back, head and tail left open", "The plainest."));
    }

    private boolean endsWrapped(String variant) {
        return order == Order.UNWRAPPED
                ? variant.equals(ENDS) || variant.equals(ENDS_AT_THE_BACK)
                : !variant.equals(OPEN_ENDS) && !variant.equals(OPEN_AT_THE_BACK);
    }

    @Override
    public boolean takesStations(int count, String variant) {
        return count >= 2;
    }

    @Override
    public String stationsWanted(String variant) {
        return "a stab binding takes two main holes or more";
    }

    private SideStitches stitches(Choice choice) {
        SideStitches stitches =
                new SideStitches(choice.side(), order != Order.UNWRAPPED, endsWrapped(choice.variant()));
        if (!stitches.sewable()) {
            throw new IllegalArgumentException("Two main holes are wanted; read " + choice.side());
        }
        return stitches;
    }

    /**
     * The two ties of an inner binding, if there is one; then from the middle hole to the head and back and to the tail and back. Start and
     * end lie in the middle hole, on the back: a hidden start only goes as far as the inside of the block and
     * uses as much thread.
     */
    @Override
    public ThreadPath stitch(Choice choice) {
        SideStitches stitches = stitches(choice);
        PathBuilder path = new PathBuilder();
        List<Integer> inner = stitches.inner();
        for (int i = 0; i + 1 < inner.size(); i += 2) {
            Hole first = new Hole(1, inner.get(i));
            path.from(first, Face.FRONT, Tail.Side.FREE)
                    .pass(first, Face.BACK)
                    .pass(new Hole(1, inner.get(i + 1)), Face.FRONT)
                    .runTo(first)
                    .tie(choice.turns())
                    .cut();
        }
        Hole middle = new Hole(1, stitches.middle());
        path.from(middle, Face.BACK, Tail.Side.FREE).pass(middle, Face.FRONT);
        if (order == Order.FOUND) {
            Question question = new Question(
                    stitches.segments(),
                    new Spot(middle, Face.FRONT),
                    new Spot(middle, Face.BACK),
                    Set.of(),
                    SideStitches.frame(choice.side()));
            EulerTrail.find(question).sewn().forEach(path::then);
        } else {
            new StabWeave(stitches, order == Order.WRAPPED_ON_THE_WAY_OUT, path).sew();
        }
        return path.tie(choice.turns()).end();
    }

    @Override
    public StitchPattern pattern(Choice choice) {
        SideStitches stitches = stitches(choice);
        StitchPattern.Builder pattern = new StitchPattern.Builder().leave(stitches.segments());
        List<Integer> inner = stitches.inner();
        for (int i = 0; i + 1 < inner.size(); i += 2) {
            pattern.stitch(Face.BACK, 1, inner.get(i), inner.get(i + 1))
                    .stitch(Face.FRONT, 1, inner.get(i), inner.get(i + 1))
                    .hold(Tie.KNOT, 1, inner.get(i));
        }
        return pattern.hold(Tie.KNOT, 1, stitches.middle()).build();
    }

    /** As often as stitches end there on one face, which is as few as can be. */
    @Override
    public ToIntFunction<Hole> mostPasses(Choice choice) {
        StitchPattern pattern = pattern(choice);
        Map<Hole, Integer> ends = pattern.endsOn(Face.FRONT);
        return hole -> ends.getOrDefault(hole, 0);
    }

    @Override
    public boolean hiddenStart(String variant) {
        return !variant.equals(AT_THE_BACK) && !variant.equals(OPEN_AT_THE_BACK) && !variant.equals(ENDS_AT_THE_BACK);
    }

    @Override
    public ThumbRule threadRule(int stations, int signatures, String variant) {
        if (order == Order.UNWRAPPED) {
            return endsWrapped(variant)
                    ? new ThumbRule(3, 4, "about 3.5 heights, twice along the spine and round the ends, and the tails")
                    : new ThumbRule(2.5, 3.5, "about 3 heights, twice along the spine, and the tails");
        }
        return holing().extras().isEmpty()
                ? new ThumbRule(
                        heights - 0.5, heights + 0.5, "about " + Math.round(heights) + " heights, wraps included")
                : new ThumbRule(4, heights, "about 4 heights for a plain one, more for every hole besides");
    }
}
