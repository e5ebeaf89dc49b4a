package itomichi.server.book;

import itomichi.measure.Phrase;
import itomichi.server.document.BookDocument;
import itomichi.server.plan.HolesView;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView;
import itomichi.server.plan.PlanViews;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Where two states of a book differ, in words. */
final class Differences {

    /** One difference. */
    record Difference(String what, InUnits yours, InUnits theirs) {}

    private Differences() {}

    static List<Difference> between(BookDocument yours, BookDocument theirs) {
        Map<String, InUnits> mine = lines(yours);
        Map<String, InUnits> other = lines(theirs);
        List<Difference> differences = new ArrayList<>();
        mine.forEach((what, words) -> {
            InUnits there = other.getOrDefault(what, InUnits.of(Phrase.EMPTY));
            if (!words.equals(there)) {
                differences.add(new Difference(what, words, there));
            }
        });
        return differences;
    }

    private static Map<String, InUnits> lines(BookDocument book) {
        PlanView plan = PlanViews.of(book);
        Map<String, InUnits> lines = new LinkedHashMap<>();
        lines.put("Name", same(book.name()));
        lines.put("What for", same(book.purpose()));
        lines.put("Copies", same(copies(book)));
        lines.put("Structure", same(plan.bound().name()));
        lines.put(
                "Length", same(book.extent().number() + " " + book.extent().by().words()));
        lines.put("Signatures", same(plan.block().words()));
        lines.put("Leaf width", plan.measures().get("leaf.widthMm"));
        lines.put("Leaf height", plan.measures().get("leaf.heightMm"));
        lines.put("Fore edge", same(book.leaf().trimmed() ? "trimmed" : "creep left"));
        lines.put(
                "Paper",
                same(book.paper().name() + ", " + plan.grammage() + ", grain "
                        + plan.papers().get(0).grain().words()));
        lines.put(
                "Stock sheet",
                book.paper().stock() == null
                        ? same("cut to size")
                        : plan.measures().get("paper.stock.widthMm"));
        lines.put("Room for paste-ins", plan.measures().get("gathering.pasteInsMm"));
        lines.put("Pages", same(pages(book.pages())));
        lines.put("Sheet thickness", figure(plan, "paper-thickness"));
        lines.put("Stations", new InUnits(places(plan.holes(), false), places(plan.holes(), true)));
        lines.put("Rows of the cover", new InUnits(rows(plan.holes(), false), rows(plan.holes(), true)));
        lines.put("Holes through the side", new InUnits(side(plan.holes(), false), side(plan.holes(), true)));
        lines.put("Cover", same(book.cover().wanted() ? "soft cover" : "none"));
        lines.put("Square", plan.measures().get("cover.squareMm"));
        lines.put("Thread", same(book.thread().name() + (book.thread().strands() == 2 ? ", doubled" : "")));
        lines.put("Thread thickness", figure(plan, "thread-thickness"));
        lines.put("Tails", plan.measures().get("thread.tailMm"));
        lines.put("Needle’s eye", plan.measures().get("thread.needleEyeMm"));
        lines.put("Slack", same(book.thread().slackPercent() + " %"));
        lines.put(
                "Knot", same(book.thread().knot().word() + ", " + book.thread().turns() + " turns"));
        lines.put(
                "Way of sewing",
                same(plan.sewing() == null ? "none" : plan.sewing().variant()));
        lines.put(
                "Own pattern",
                same(
                        book.stitch().pattern() == null
                                ? "none"
                                : pattern(book.stitch().pattern())));
        lines.put(
                "Stages done",
                same(
                        book.done().isEmpty()
                                ? "none"
                                : book.done().stream()
                                        .map(stage -> stage.name().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(", "))));
        lines.put("Unit", same(book.unit().symbol()));
        return lines;
    }

    private static String copies(BookDocument book) {
        List<String> said = new ArrayList<>();
        said.add(book.use().copies() == 1 ? "one" : "" + book.use().copies());
        book.edition()
                .kinds()
                .forEach(kind -> said.add(kind.copies() + " “" + kind.name() + "”"
                        + (kind.thread() == null ? "" : " with " + kind.thread().name())));
        said.add(book.edition().sparePercent() + " % spare");
        long named =
                book.edition().names().stream().filter(name -> !name.isBlank()).count();
        said.add(named + " named");
        return String.join("; ", said);
    }

    private static String pages(BookDocument.Pages pages) {
        List<String> said = new ArrayList<>();
        said.add("blank ones " + pages.blanks().words());
        said.add(pages.uncounted() + " not counted, " + pages.roman() + " roman, then from " + pages.first());
        said.add(pages.artwork().pictures().size() + " painted halves");
        pages.pasted().forEach(one -> said.add(one.kind().words() + " at page " + one.page()));
        return String.join("; ", said);
    }

    private static String pattern(BookDocument.Pattern pattern) {
        return "%s, %d holes, %d stitches"
                .formatted(
                        pattern.name(),
                        pattern.holes().size(),
                        pattern.lines().size() + pattern.turns().size());
    }

    private static InUnits same(String text) {
        return new InUnits(text, text);
    }

    private static InUnits figure(PlanView plan, String key) {
        return plan.figures().stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .map(PlanView.FigureView::value)
                .orElseGet(() -> same("none"));
    }

    private static String places(@Nullable HolesView holes, boolean inch) {
        return holes == null
                ? "none"
                : holes.stations().stream()
                        .map(HolesView.StationView::fromHead)
                        .map(place -> inch ? place.inch() : place.mm())
                        .collect(Collectors.joining(", "));
    }

    private static String rows(@Nullable HolesView holes, boolean inch) {
        HolesView.@Nullable RowsView cover = holes == null ? null : holes.cover();
        return cover == null
                ? "none"
                : cover.rows().stream()
                        .map(HolesView.RowView::fromLeft)
                        .map(place -> inch ? place.inch() : place.mm())
                        .collect(Collectors.joining(", "));
    }

    private static String side(@Nullable HolesView holes, boolean inch) {
        HolesView.@Nullable SideView side = holes == null ? null : holes.side();
        return side == null
                ? "none"
                : side.holes().stream()
                        .map(hole -> inch
                                ? hole.fromHead().inch() + " / "
                                        + hole.fromSpine().inch()
                                : hole.fromHead().mm() + " / "
                                        + hole.fromSpine().mm())
                        .collect(Collectors.joining(", "));
    }
}
