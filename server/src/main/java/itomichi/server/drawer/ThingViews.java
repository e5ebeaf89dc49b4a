package itomichi.server.drawer;

import itomichi.cover.PieceStuff;
import itomichi.finding.Working;
import itomichi.material.BulkKind;
import itomichi.material.Fibre;
import itomichi.material.Grain;
import itomichi.material.SewingThread;
import itomichi.material.SheetGrain;
import itomichi.material.ThreadCount;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocument.CountSystem;
import itomichi.server.document.Dye;
import itomichi.server.document.PaperDocuments;
import itomichi.server.drawer.ThingView.ThreadView;
import itomichi.server.plan.InUnits;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Shows things, and turns them into what books take of them. */
final class ThingViews {

    private final Thing thing;

    private ThingViews(Thing thing) {
        this.thing = thing;
    }

    static ThingView of(Thing thing, List<ThingView.UsedIn> usedIn) {
        return new ThingViews(thing).view(usedIn);
    }

    /** A thread as a book takes it. */
    static ThreadView threadOf(Thing thing) {
        return new ThingViews(thing).thread();
    }

    /** A thing as something that is used up. */
    static StockThing stock(Thing thing) {
        return new ThingViews(thing).stocked();
    }

    private StockThing stocked() {
        Drawer drawer = thing.drawer();
        return new StockThing(
                thing.id(),
                thing.name(),
                drawer.words(),
                drawer.unit(),
                known(drawer.amount()),
                known("price"),
                drawer == Drawer.THREADS ? known("spoolM") : Optional.of(1.0),
                PaperDocuments.supply("stock", sheets()),
                words(Drawer.Columns.OFFCUT_OF, ""));
    }

    private ThingView.@Nullable CutFrom cutFrom() {
        StockThing stock = stocked();
        List<PieceStuff> stuffs = stuffs();
        return stuffs.isEmpty() || !stock.offcutOf().isEmpty()
                ? null
                : stock.sheet()
                        .map(sheet -> new ThingView.CutFrom(
                                sheet.width().mm(), sheet.height().mm(), sheet.grain(), colour(), stuffs))
                        .orElse(null);
    }

    /** What pieces of a cover may be cut from it. */
    private List<PieceStuff> stuffs() {
        return switch (thing.drawer()) {
            case BOARDS -> List.of(PieceStuff.BOARD, PieceStuff.CARD);
            case PAPERS -> List.of(PieceStuff.PAPER, PieceStuff.CARD);
            case COVERS ->
                switch (words("stuff", "")) {
                    case "PAPER" -> List.of(PieceStuff.PAPER);
                    case "CARD" -> List.of(PieceStuff.CARD);
                    case "LEATHER" -> List.of(PieceStuff.LEATHER);
                    default -> List.of(PieceStuff.CLOTH, PieceStuff.OPEN_CLOTH);
                };
            case THREADS, NEEDLES -> List.of();
        };
    }

    private Optional<Double> known(String key) {
        return has(key) ? Optional.of(number(key, 0)) : Optional.empty();
    }

    /** A thread as it is planned with. */
    static SewingThread sewingThread(Thing thing) {
        ThreadView thread = threadOf(thing);
        return new SewingThread(thread.name(), thread.fibre(), count(thread.count()));
    }

    /** Under what its thickness is found among its numbers. */
    private static final String THICKNESS = "thickness";

    private ThingView view(List<ThingView.UsedIn> usedIn) {
        Map<String, InUnits> cells = new LinkedHashMap<>();
        Map<String, Double> numbers = new LinkedHashMap<>();
        for (Column column : thing.drawer().columns()) {
            Object value = thing.particulars().get(column.key());
            if (value != null) {
                cells.put(column.key(), column.shown(value));
            }
            if (value instanceof Number number) {
                numbers.put(column.key(), number.doubleValue());
            }
        }
        BookDocument.@Nullable Paper paper = thing.drawer() == Drawer.PAPERS ? paper() : null;
        @Nullable ThreadView thread = thing.drawer() == Drawer.THREADS ? thread() : null;
        @Nullable Thick thickness = thickness(paper, thread);
        if (thickness != null) {
            numbers.put(THICKNESS, thickness.length().mm());
        }
        return new ThingView(
                thing.id(),
                thing.version(),
                thing.name(),
                cells,
                numbers,
                colour(),
                thickness == null ? null : thickness.words(),
                usedIn,
                paper,
                thread,
                cutFrom(),
                measure());
    }

    private @Nullable Dye colour() {
        return has("colour") ? Dye.valueOf(words("colour", "")) : null;
    }

    private BookDocument.Paper paper() {
        return new BookDocument.Paper(
                thing.name(),
                number("grammageGsm", 0),
                BulkKind.valueOf(words("bulk", BulkKind.OFFICE.name())),
                has("stackMm")
                        ? new BookDocument.Stack((int) number("stackSheets", 1), number("stackMm", 0))
                        : has("saidMm") ? new BookDocument.Stack(1, number("saidMm", 0)) : null,
                Grain.UNKNOWN,
                sheets(),
                thing.id());
    }

    /** The sheets it comes in, where their size is known. */
    private BookDocument.@Nullable Stock sheets() {
        return has("widthMm") && has("heightMm")
                ? new BookDocument.Stock(
                        number("widthMm", 0),
                        number("heightMm", 0),
                        SheetGrain.valueOf(words("grain", SheetGrain.UNKNOWN.name())),
                        number("deckleMm", 0),
                        has("have") ? (int) number("have", 0) : null,
                        has("price") ? number("price", 0) : null)
                : null;
    }

    private ThreadView thread() {
        CountSystem system = has("woundMm") ? CountSystem.WOUND : CountSystem.valueOf(words("system", "TEX"));
        return new ThreadView(
                thing.name(),
                Fibre.valueOf(words("fibre", Fibre.LINEN.name())),
                new BookDocument.Count(
                        system,
                        number("number", 1),
                        (int) number("ply", 1),
                        (int) number("turns", 20),
                        number("woundMm", 10)),
                thing.id());
    }

    /** How thick a thing is, and by what that is told. */
    private record Thick(Length length, Fineness fineness, String by) {
        InUnits words() {
            return InUnits.of(Phrase.of("{}, {}", length.at(fineness), by));
        }
    }

    private @Nullable Thick thickness(BookDocument.@Nullable Paper paper, @Nullable ThreadView thread) {
        if (paper != null) {
            Working thickness = PaperDocuments.paper("paper", paper).paper().thickness();
            return new Thick(Length.ofMm(thickness.result().number()), Fineness.HAIR, paperBy(paper));
        }
        if (thread != null) {
            ThreadCount count = count(thread.count());
            Working diameter = new SewingThread(thread.name(), thread.fibre(), count).diameter();
            return new Thick(
                    Length.ofMm(diameter.result().number()),
                    Fineness.CALIPER,
                    count.wound().isPresent() ? "wound" : "by its count");
        }
        if (has("stackMm")) {
            return new Thick(
                    Length.ofMm(number("stackMm", 0) / number("stackSheets", 1)), Fineness.CALIPER, "measured");
        }
        return has("thicknessMm")
                ? new Thick(Length.ofMm(number("thicknessMm", 0)), Fineness.CALIPER, "as said")
                : null;
    }

    private String paperBy(BookDocument.Paper paper) {
        return has("stackMm") ? "measured" : paper.stack() != null ? "as the maker says" : "by its kind";
    }

    private static ThreadCount count(BookDocument.Count count) {
        return switch (count.system()) {
            case TEX -> new ThreadCount.Tex(count.number());
            case LINEN -> new ThreadCount.Linen(count.number(), count.ply());
            case COTTON -> new ThreadCount.Cotton(count.number(), count.ply());
            case WOUND -> new ThreadCount.Wound(count.turns(), Length.ofMm(count.widthMm()));
        };
    }

    private @Nullable Double measure() {
        return switch (thing.drawer()) {
            case COVERS -> has("thicknessMm") ? number("thicknessMm", 0) : null;
            case NEEDLES -> number("eyeMm", 1);
            default -> null;
        };
    }

    private boolean has(String key) {
        return thing.particulars().containsKey(key);
    }

    private double number(String key, double otherwise) {
        return thing.particulars().get(key) instanceof Number number ? number.doubleValue() : otherwise;
    }

    private String words(String key, String otherwise) {
        return thing.particulars().get(key) instanceof String words ? words : otherwise;
    }
}
