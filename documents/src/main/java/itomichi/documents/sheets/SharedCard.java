package itomichi.documents.sheets;

import itomichi.documents.drawing.Drawing;
import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.kept.KeptTemplate;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.station.SideHole;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Several kept templates on one card: each in a lane of its own, in its own ink, under its own letter, so that none is read for another. */
public final class SharedCard {

    private static final double LANE_MM = 24;

    private SharedCard() {}

    /**
     * A template on the card.
     *
     * @param name what its binder calls it
     * @param ink what it is marked in
     * @param template what is on it
     */
    public record Lane(String name, Ink ink, KeptTemplate template) {}

    /**
     * The card as it is printed.
     *
     * @param lanes from the left, at least one
     */
    public static Drawing draw(
            List<Lane> lanes, Unit unit, PrintPaper paper, PrinterCorrection correction, LocalDate date) {
        Piece card = card(lanes, unit);
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < lanes.size(); i++) {
            lines.add(letter(i) + " " + lanes.get(i).ink().words() + ": "
                    + lanes.get(i).name());
        }
        lines.add(date + ", measures in " + (unit == Unit.MM ? "mm" : "inches"));
        Slip slip = new Slip(
                "Card of " + lanes.size() + (lanes.size() == 1 ? " template" : " templates"),
                lines,
                List.of(),
                List.of(
                        "Lay the head of the card to the head of the work and use the marks of one lane only.",
                        "Rows of a cover are as they are seen from outside; the side of a block is laid along its lane’s left line."),
                unit,
                Optional.empty());
        return Sheet.draw("Shared card", List.of(slip.piece(), card), false, paper, correction);
    }

    private static Piece card(List<Lane> lanes, Unit unit) {
        double height = lanes.stream()
                .mapToDouble(lane -> lane.template().height(true).mm())
                .max()
                .orElseThrow();
        double width = 0;
        Marks marks = new Marks();
        for (int i = 0; i < lanes.size(); i++) {
            Lane lane = lanes.get(i);
            lane(marks, lane, letter(i), width, unit);
            width += laneMm(lane);
            if (i < lanes.size() - 1) {
                marks.line(width, 0, width, height, Pen.FOLD);
            }
        }
        marks.outline(width, height);
        return marks.piece("Shared card", width, height);
    }

    private static String letter(int lane) {
        return String.valueOf((char) ('A' + lane % 26));
    }

    private static double laneMm(Lane lane) {
        double spine = lane.template().spine().map(Length::mm).orElse(0.0);
        double side = lane.template().side().stream()
                .mapToDouble(hole -> hole.fromSpine().mm())
                .max()
                .orElse(0);
        return Math.max(LANE_MM, Math.max(spine, side) + 14);
    }

    private static void lane(Marks marks, Lane lane, String letter, double left, Unit unit) {
        KeptTemplate template = lane.template();
        double end = template.height(true).mm();
        // holes of a block's side come near the head; the letter stands beyond them
        double at = template.side().isEmpty() ? left + 2 : left + laneMm(lane) - 12;
        marks.words(at, 5, letter, 5, lane.ink()).words(at + 4, 5, "HEAD", 2.4, lane.ink());
        marks.line(left, end, left + laneMm(lane), end, Pen.NOTE, lane.ink());
        marks.words(at, end - 1.5, letter + " ends", 2.4, lane.ink());
        if (!template.side().isEmpty()) {
            for (int i = 0; i < template.side().size(); i++) {
                SideHole hole = template.side().get(i);
                double x = left + hole.fromSpine().mm();
                double y = hole.fromHead().mm();
                cross(marks, x, y, lane.ink());
                marks.words(x + 1.8, y - 0.6, letter + (i + 1), 2, lane.ink());
            }
            return;
        }
        double head = template.cover().map(cover -> cover.head().mm()).orElse(0.0);
        for (int station = 1; station <= template.stations().count(); station++) {
            double y = template.stations().at(station).mm() + head;
            marks.line(left + 1, y, left + 6, y, Pen.STATION, lane.ink()).keepClearY(y);
            marks.words(left + 1.5, y - 0.8, letter + station, 2.6, lane.ink());
            marks.words(left + 1.5, y + 2.6, Length.ofMm(y).at(Fineness.MARK).in(unit), 2, lane.ink());
            template.cover()
                    .ifPresent(cover -> cover.rows().forEach(row -> cross(marks, left + 10 + row.mm(), y, lane.ink())));
        }
    }

    private static void cross(Marks marks, double x, double y, Ink ink) {
        marks.line(x - 1.5, y, x + 1.5, y, Pen.STATION, ink)
                .line(x, y - 1.5, x, y + 1.5, Pen.STATION, ink)
                .keepClear(x, y);
    }
}
