package itomichi.server.drawer;

import itomichi.measure.Unit;
import itomichi.server.platform.ProblemException;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done with the things in the drawers. */
@Service
public class DrawerService {

    private static final int LONGEST_NAME = 60;

    private final DrawerStore store;

    DrawerService(DrawerStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    List<ThingView> things(Drawer drawer) {
        Map<UUID, List<ThingView.UsedIn>> uses = store.uses();
        return store.in(drawer).stream()
                .map(thing -> ThingViews.of(thing, uses.getOrDefault(thing.id(), List.of())))
                .toList();
    }

    @Transactional(readOnly = true)
    List<Thing> plain(Drawer drawer) {
        return store.in(drawer);
    }

    private ThingView view(UUID id) {
        return ThingViews.of(found(id), store.uses().getOrDefault(id, List.of()));
    }

    private Thing found(UUID id) {
        return store.get(id).orElseThrow(DrawerService::none);
    }

    private static ProblemException none() {
        return new ProblemException(HttpStatus.NOT_FOUND, "There is no such thing in the drawers.");
    }

    /** Lays a new thing into a drawer. */
    @Transactional
    ThingView add(Drawer drawer, String name, Map<String, String> typed, Unit unit) {
        String read = Thing.readName(name);
        checkFree(drawer, read, null);
        UUID id = UUID.randomUUID();
        store.insert(List.of(new Thing(id, drawer, read, Thing.read(drawer, Map.of(), typed, unit), 1, false)));
        return view(id);
    }

    /**
     * Changes what is known of a thing.
     *
     * @param version the version that was changed
     * @param typed what was typed anew, by the columns' keys; the name under {@code name}
     */
    @Transactional
    ThingView change(UUID id, long version, Map<String, String> typed, Unit unit) {
        Thing thing = store.held(id).orElseThrow(DrawerService::none);
        if (thing.version() != version) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "“" + thing.name() + "” was changed in another window; it is shown as it is now.");
        }
        String typedName = typed.get(Drawer.NAME.key());
        String name = typedName == null ? thing.name() : Thing.readName(typedName);
        checkFree(thing.drawer(), name, id);
        store.update(List.of(new Thing(
                id,
                thing.drawer(),
                name,
                Thing.read(thing.drawer(), thing.particulars(), typed, unit),
                version,
                thing.putAway())));
        return view(id);
    }

    private void checkFree(Drawer drawer, String name, @org.jspecify.annotations.Nullable UUID except) {
        store.named(drawer, name).filter(other -> !other.id().equals(except)).ifPresent(other -> {
            throw new UnfitValueException(
                    Drawer.NAME.key(),
                    "“" + other.name() + "” is in this drawer already; a name of its own is wanted.");
        });
    }

    /** Whether there is or was such a thing. */
    @Transactional(readOnly = true)
    public boolean known(UUID id) {
        return store.get(id).isPresent();
    }

    /** Keeps a thing for this transaction: nobody else takes of it until it ends. */
    @Transactional
    public void hold(UUID id) {
        if (store.held(id).isEmpty()) {
            throw none();
        }
    }

    /** Something that can be used up, if it is there. */
    @Transactional(readOnly = true)
    public Optional<StockThing> stock(UUID id) {
        return store.get(id).filter(thing -> !thing.putAway()).map(ThingViews::stock);
    }

    /** What was cut off a thing before and lies in its drawer, the smallest first. */
    @Transactional(readOnly = true)
    public List<StockThing> offcutsOf(UUID id) {
        Thing whole = found(id);
        return store.in(whole.drawer()).stream()
                .map(ThingViews::stock)
                .filter(thing -> thing.offcutOf().equalsIgnoreCase(whole.name()))
                .filter(thing -> thing.sheet().isPresent())
                .sorted(Comparator.comparingDouble(DrawerService::area))
                .toList();
    }

    private static double area(StockThing thing) {
        return thing.sheet()
                .map(sheet -> sheet.width().mm() * sheet.height().mm())
                .orElse(0.0);
    }

    /**
     * Takes something out of its drawer, as far as there is any; an off-cut that is used up is put away.
     *
     * @param number how much is taken; less than nothing is laid in
     * @return how much was taken; nothing where it is not known how much there is
     */
    @Transactional
    public double take(UUID id, double number) {
        Thing thing = store.held(id).orElseThrow(DrawerService::none);
        String amount = thing.drawer().amount();
        if (!(thing.particulars().get(amount) instanceof Number there)) {
            return 0;
        }
        double taken = Math.min(number, there.doubleValue());
        double left = Math.round((there.doubleValue() - taken) * 1000) / 1000.0;
        Map<String, Object> after = new LinkedHashMap<>(thing.particulars());
        after.put(amount, left);
        store.update(List.of(new Thing(id, thing.drawer(), thing.name(), after, thing.version(), thing.putAway())));
        boolean usedUp = left == 0 && after.containsKey(Drawer.Columns.OFFCUT_OF);
        if (usedUp || (thing.putAway() && left > 0)) {
            store.putAway(id, usedUp);
        }
        return taken;
    }

    /**
     * The off-cut of that size, to the full millimetre below, in the drawer of what it was cut from, made if there is none yet; nothing is
     * counted of it.
     *
     * @param whole what it was cut from
     * @param widthMm its width, lying as the whole sheet lies
     * @param heightMm its height
     */
    @Transactional
    public UUID offcut(UUID whole, double widthMm, double heightMm) {
        Thing from = found(whole);
        // off-cuts of one name are counted together, so each is told by what is sure to be there
        double wide = Math.floor(widthMm);
        double high = Math.floor(heightMm);
        String size = ", " + (int) wide + " × " + (int) high;
        String name = from.name().substring(0, Math.min(from.name().length(), LONGEST_NAME - size.length())) + size;
        return store.named(from.drawer(), name).map(Thing::id).orElseGet(() -> {
            Map<String, Object> particulars = new LinkedHashMap<>(from.particulars());
            particulars.keySet().removeAll(List.of("price", "note", "deckleMm"));
            particulars.put("widthMm", wide);
            particulars.put("heightMm", high);
            particulars.put(from.drawer().amount(), 0.0);
            particulars.put(Drawer.Columns.OFFCUT_OF, from.name());
            UUID id = UUID.randomUUID();
            store.insert(List.of(new Thing(id, from.drawer(), name, particulars, 1, false)));
            return id;
        });
    }

    /** Puts a thing away; books that were planned with it keep what they know of it. */
    @Transactional
    void putAway(UUID id) {
        if (!store.putAway(id, true)) {
            throw none();
        }
    }

    /** Takes a thing out again. */
    @Transactional
    ThingView takeOut(UUID id) {
        Thing thing = found(id);
        checkFree(thing.drawer(), thing.name(), id);
        store.putAway(id, false);
        return view(id);
    }

    /**
     * Lays in what a file lists: a thing of a known name is changed, another is added. With one wrong row nothing is laid in.
     *
     * @return how many were added and changed
     * @throws WrongRowsException with every wrong row
     */
    @Transactional
    DrawerCsv.Laid layIn(Drawer drawer, String csv) {
        List<DrawerCsv.Row> rows = DrawerCsv.read(drawer, csv);
        Map<String, Thing> lying = new HashMap<>();
        store.in(drawer).forEach(thing -> lying.put(thing.name().toLowerCase(Locale.ROOT), thing));
        List<Thing> added = new ArrayList<>();
        List<Thing> changed = new ArrayList<>();
        for (DrawerCsv.Row row : rows) {
            Thing known = lying.get(row.name().toLowerCase(Locale.ROOT));
            if (known == null) {
                added.add(new Thing(UUID.randomUUID(), drawer, row.name(), row.particulars(), 1, false));
            } else {
                changed.add(new Thing(known.id(), drawer, known.name(), row.particulars(), known.version(), false));
            }
        }
        store.insert(added);
        store.update(changed);
        return new DrawerCsv.Laid(added.size(), changed.size());
    }

    /** Empties every drawer and lays in what the given file lists say, by drawer. */
    @Transactional
    public void fill(Map<String, String> csvByDrawer) {
        store.clear();
        csvByDrawer.forEach((drawer, csv) -> layIn(Drawer.valueOf(drawer), csv));
    }

    /** Whether there was never a thing in any drawer. */
    @Transactional(readOnly = true)
    public boolean empty() {
        return store.empty();
    }

    /** Id of the thing of that name. */
    @Transactional(readOnly = true)
    public UUID idOf(String drawer, String name) {
        return store.named(Drawer.valueOf(drawer), name).map(Thing::id).orElseThrow(DrawerService::none);
    }
}
