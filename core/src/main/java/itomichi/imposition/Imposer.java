package itomichi.imposition;

import itomichi.gathering.Signature;
import itomichi.imposition.Imposition.CreepTaken;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.pages.Gathering;
import itomichi.pages.PagePlan;
import itomichi.pages.SheetSides;
import itomichi.plan.Holes;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import itomichi.spec.PrintWish;
import itomichi.spec.PrintWish.PrinterSheet;
import itomichi.spec.UnfitValueException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** Opens the sheets of a book out, lays the text on them and them on a printer's sheets. */
final class Imposer {

    private final BookSpec spec;
    private final PrintWish wish;
    private final List<SourcePage> text;
    private final TextOrder order;
    private final Fitting fitting;
    private final SheetMarks marks;
    private final List<OpenedSheet> sheets = new ArrayList<>();
    /** Signatures that are read from the other side. */
    private final List<Boolean> turned;

    private boolean roomRound = true;
    private double lost;
    private int cutOff;

    Imposer(WorkedBook book, PagePlan plan, TextOrder order, List<SourcePage> text, PrintWish wish) {
        this.spec = book.spec();
        this.wish = wish;
        this.text = text;
        this.order = order;
        this.fitting = new Fitting(wish);
        this.marks = new SheetMarks(wish, book.holes().flatMap(Holes::inFolds));
        this.turned = plan.gatherings().stream().map(Gathering::turned).toList();
        for (Gathering gathering : plan.gatherings()) {
            if (!gathering.endpapers()) {
                open(book, gathering);
            }
        }
    }

    private void open(WorkedBook book, Gathering gathering) {
        int signature = gathering.number();
        List<Length> creeps = book.gathered()
                .folded()
                .map(all -> creeps(all.block().signatures().get(signature - 1)))
                .orElse(List.of());
        for (SheetSides sides : gathering.sheets()) {
            sheets.add(new OpenedSheet(
                    signature,
                    gathering.sheets().size(),
                    sides,
                    spec.height(signature),
                    spec.papers().trim(),
                    creeps.isEmpty() ? Length.ZERO : creeps.get(sides.number() - 1)));
        }
    }

    /** How far each sheet stands out past the outermost, from that inwards. */
    private static List<Length> creeps(Signature signature) {
        List<Signature.Nested> nested = signature.nested();
        double outermost = nested.get(nested.size() - 1).fallsBackMm();
        List<Length> creeps = new ArrayList<>();
        for (int i = nested.size() - 1; i >= 0; i--) {
            creeps.add(Length.ofMm(outermost - nested.get(i).fallsBackMm()));
        }
        return creeps;
    }

    /** The most that anything is printed where the printer cannot, mm. */
    double lost() {
        return lost;
    }

    /** Pages that are larger than the leaf they come on. */
    int cutOff() {
        return cutOff;
    }

    boolean roomRound() {
        return roomRound;
    }

    List<CreepTaken> creeps() {
        Map<List<Object>, CreepTaken> creeps = new LinkedHashMap<>();
        for (OpenedSheet sheet : sheets) {
            if (sheet.sides().second().isPresent()) {
                creeps.putIfAbsent(
                        List.of(sheet.number(), sheet.creep()),
                        new CreepTaken(sheet.signature(), sheet.number(), sheet.creep(), taken(sheet)));
            }
        }
        return List.copyOf(creeps.values());
    }

    private Length taken(OpenedSheet sheet) {
        Field field = sheet.fields(false).get(sheet.fields(false).size() - 1);
        return Length.ofMm(fitting.moved(text.get(0), field, sheet.creep().mm()));
    }

    /**
     * What goes to the printer in one file: one printer's sheet, as its tray holds.
     *
     * @param part which paper or signature, where files are parted by that
     * @param larger whether it is on the larger printer's sheet
     */
    private record Part(int part, boolean larger) {}

    /** What is printed, parted into files as is wanted. */
    List<PrintGroup> groups() {
        Map<Part, List<OpenedSheet>> parted = new LinkedHashMap<>();
        for (OpenedSheet sheet : sheets) {
            int part = switch (wish.files()) {
                case ONE -> 0;
                case EACH_PAPER -> sheet.paper();
                case EACH_SIGNATURE -> sheet.signature();
            };
            parted.computeIfAbsent(new Part(part, tooLarge(Like.of(sheet))), any -> new ArrayList<>())
                    .add(sheet);
        }
        List<PrintGroup> groups = new ArrayList<>();
        parted.forEach((part, of) -> groups.add(group(part.larger, of)));
        return groups;
    }

    private String name(OpenedSheet sheet) {
        return switch (wish.files()) {
            case ONE -> "Text";
            case EACH_PAPER -> spec.papers().all().get(sheet.paper()).paper().name();
            case EACH_SIGNATURE -> sheet.sides().second().isPresent() ? "Signature " + sheet.signature() : "Sheets";
        };
    }

    /** Whether a sheet of the book is too large for the printer's usual one. */
    private boolean tooLarge(Like like) {
        return grid(wish.sheet(), like).isEmpty();
    }

    private Optional<PrinterGrid> grid(PrinterSheet sheet, Like like) {
        double over = wish.fit() == PrintWish.Fit.FILL
                ? Math.max(0, wish.bleed().minus(spec.papers().trim()).mm())
                : 0;
        return PrinterGrid.of(sheet, like.width(), like.height(), 2 * over);
    }

    /** What a run of printer's sheets must be alike in. */
    private record Like(int paper, double width, double height, boolean oneSided) {
        static Like of(OpenedSheet sheet) {
            return new Like(
                    sheet.paper(),
                    sheet.widthMm(),
                    sheet.heightMm(),
                    sheet.sides().doubled());
        }
    }

    private PrintGroup group(boolean larger, List<OpenedSheet> of) {
        Map<Like, List<OpenedSheet>> runs = new LinkedHashMap<>();
        for (OpenedSheet sheet : of) {
            runs.computeIfAbsent(Like.of(sheet), any -> new ArrayList<>()).add(sheet);
        }
        List<PrintedSheet> printed = new ArrayList<>();
        runs.forEach((like, run) -> run(printed, like, run));
        return new PrintGroup(name(of.get(0)) + (larger ? ", larger sheets" : ""), larger, printed);
    }

    /** Cut through as a stack, each pile then holds sheets that follow each other. */
    private void run(List<PrintedSheet> printed, Like like, List<OpenedSheet> run) {
        PrinterGrid grid = grid(wish.sheet(), like)
                .or(() -> wish.larger().flatMap(larger -> grid(larger, like)))
                .orElseThrow(() -> tooSmall(like));
        int cells = grid.cells().size();
        int stack = (run.size() + cells - 1) / cells;
        for (int i = 0; i < stack; i++) {
            List<OpenedSheet> holds = new ArrayList<>();
            for (int cell = 0; cell < cells && cell * stack + i < run.size(); cell++) {
                holds.add(run.get(cell * stack + i));
            }
            printed.add(new PrintedSheet(
                    printed.size() + 1,
                    holds,
                    side(grid, holds, false),
                    like.oneSided() ? Optional.empty() : Optional.of(side(grid, holds, true))));
        }
    }

    private UnfitValueException tooSmall(Like like) {
        PrinterSheet largest = wish.larger().orElse(wish.sheet());
        return new UnfitValueException(
                wish.larger().isPresent() ? "larger" : "sheet",
                Phrase.of(
                                "A sheet of the book, opened out, is {} by {}; the printer\u2019s sheet of {} by {} does not take it.",
                                Length.ofMm(like.width()).at(Fineness.CUT),
                                Length.ofMm(like.height()).at(Fineness.CUT),
                                largest.width().at(Fineness.CUT),
                                largest.height().at(Fineness.CUT))
                        .in(spec.title().unit()));
    }

    private PrintedSide side(PrinterGrid grid, List<OpenedSheet> holds, boolean inner) {
        List<Placed> pages = new ArrayList<>();
        List<Box> cells = new ArrayList<>();
        List<Mark> printed = new ArrayList<>();
        for (int i = 0; i < holds.size(); i++) {
            OpenedSheet sheet = holds.get(i);
            Box cell = inner ? grid.behind(i) : grid.cells().get(i);
            cells.add(cell);
            pages.addAll(pages(grid, cell, sheet, inner));
            printed.addAll(marks.on(grid, cell, sheet, inner));
        }
        if (!inner) {
            printed.addAll(marks.crop(grid, cells));
            roomRound &= SheetMarks.room(grid, cells);
        }
        return new PrintedSide(grid.width(), grid.height(), pages, printed);
    }

    private List<Placed> pages(PrinterGrid grid, Box cell, OpenedSheet sheet, boolean inner) {
        List<Placed> pages = new ArrayList<>();
        for (Field field : sheet.fields(inner)) {
            OptionalInt number = order.on(turned.get(sheet.signature() - 1), field.page());
            if (number.isEmpty() || number.getAsInt() >= text.size()) {
                continue;
            }
            Placed placed = fitting.place(
                            number.getAsInt(),
                            text.get(number.getAsInt()),
                            field,
                            sheet.sides().doubled() ? 0 : sheet.creep().mm())
                    .moved(cell.x(), cell.y());
            pages.add(placed);
            lost = Math.max(lost, placed.shown().beyond(grid.printable()));
            cutOff += fitting.cutOff(text.get(number.getAsInt()), field) ? 1 : 0;
        }
        return pages;
    }
}
