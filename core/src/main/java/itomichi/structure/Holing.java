package itomichi.structure;

import itomichi.station.Role;
import itomichi.station.StationScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What holes a structure takes: through what, in what roles, how often the needle passes each, and how they are placed at first. The
 * numbers to begin with are common practice, no published source.
 */
public final class Holing {

    /** How a cover's spine is divided into rows. */
    public enum RowsFor {
        /** No cover is sewn through, or only along its one fold. */
        NOTHING,
        EACH_SIGNATURE,
        /** Each signature hangs in the cover by itself: the spine is made as wide as its rows want. */
        EACH_BY_ITSELF,
        EACH_PAIR;

        /** Signatures that share a row. */
        public int signatures() {
            return this == EACH_PAIR ? 2 : 1;
        }
    }

    /** How the roles of stations follow from their number. */
    private enum RoleOrder {
        NONE,
        ALIKE,
        KETTLES_AND_LINKS,
        KETTLES_AND_PAIRS,
        LINKS_AND_LONG,
        SIDE
    }

    /** Stations at first lie a tenth of the height from head and tail. */
    private static final double START_SHARE = 0.1;

    private final RoleOrder order;
    private final RowsFor rows;
    private final Set<Role> extras;
    private final Map<Role, Integer> passes;

    private Holing(RoleOrder order, RowsFor rows, Set<Role> extras, Map<Role, Integer> passes) {
        this.order = order;
        this.rows = rows;
        this.extras = Set.copyOf(extras);
        this.passes = Map.copyOf(passes);
    }

    private static Holing of(RoleOrder order, Map<Role, Integer> passes) {
        return new Holing(order, RowsFor.NOTHING, Set.of(), passes);
    }

    /** No holes at all. */
    static Holing none() {
        return of(RoleOrder.NONE, Map.of());
    }

    /** Stations along a fold, all alike, each passed so often. */
    static Holing stations(int each) {
        return of(RoleOrder.ALIKE, Map.of(Role.STATION, each));
    }

    /** A kettle near each end, links between; kerfs may be sawn instead of holes punched. */
    static Holing links() {
        return of(RoleOrder.KETTLES_AND_LINKS, Map.of(Role.KETTLE, 1, Role.LINK, 2));
    }

    /** A kettle near each end, pairs between; kerfs may be sawn instead of holes punched. */
    static Holing pairs() {
        return of(RoleOrder.KETTLES_AND_PAIRS, Map.of(Role.KETTLE, 1, Role.PAIR, 1));
    }

    /** A link near each end, long stitches between. */
    static Holing linksAndLong() {
        return of(RoleOrder.LINKS_AND_LONG, Map.of(Role.LINK, 2, Role.LONG, 1));
    }

    /** Through the side of a block, with these holes besides the main ones. */
    static Holing side(Role... extras) {
        return new Holing(
                RoleOrder.SIDE,
                RowsFor.NOTHING,
                Set.of(extras),
                Map.of(
                        Role.MAIN, 4,
                        Role.CORNER, 3,
                        Role.SATELLITE, 3,
                        Role.BETWEEN, 5,
                        Role.INNER, 1,
                        Role.BY_HAND, 4));
    }

    /** The same, sewn through a cover whose spine is divided into rows. */
    Holing rowsFor(RowsFor which) {
        return new Holing(order, which, extras, passes);
    }

    /** Whether there are holes at all. */
    public boolean any() {
        return order != RoleOrder.NONE;
    }

    /** Whether they go through the side of a block instead of through folds. */
    public boolean throughSide() {
        return order == RoleOrder.SIDE;
    }

    /** What a cover's spine is divided into rows for. */
    public RowsFor rows() {
        return rows;
    }

    /** Whether a clamped block may be sawn instead of folds punched. */
    public boolean maySaw() {
        return order == RoleOrder.KETTLES_AND_LINKS || order == RoleOrder.KETTLES_AND_PAIRS;
    }

    /** Whether stations besides the kettles lie in pairs about supports or links. */
    public boolean inPairs() {
        return order == RoleOrder.KETTLES_AND_PAIRS;
    }

    /** Holes of a stab binding besides the main ones. */
    public Set<Role> extras() {
        return extras;
    }

    /** Passes of the needle through a hole of that role, in one signature. */
    public int passes(Role role) {
        return passes.getOrDefault(role, 2);
    }

    /** What each of so many stations is for, from the head down. */
    public List<Role> roles(int stations) {
        List<Role> roles = new ArrayList<>();
        for (int number = 1; number <= stations; number++) {
            boolean end = number == 1 || number == stations;
            roles.add(
                    switch (order) {
                        case NONE, ALIKE -> Role.STATION;
                        case SIDE -> Role.MAIN;
                        case KETTLES_AND_LINKS -> end ? Role.KETTLE : Role.LINK;
                        case KETTLES_AND_PAIRS -> end ? Role.KETTLE : Role.PAIR;
                        case LINKS_AND_LONG -> end ? Role.LINK : Role.LONG;
                    });
        }
        return roles;
    }

    /** How so many stations are placed at first. */
    public StationScheme start(int stations) {
        if (order == RoleOrder.KETTLES_AND_PAIRS) {
            return new StationScheme.Pairs(
                    Math.max(1, (stations - 2) / 2), StationScheme.USUAL_SUPPORT, StationScheme.USUAL_KETTLE);
        }
        if (order == RoleOrder.SIDE) {
            return new StationScheme.Margins(
                    Math.max(2, stations), StationScheme.USUAL_KETTLE, StationScheme.USUAL_KETTLE);
        }
        return new StationScheme.Share(Math.max(2, stations), START_SHARE);
    }
}
