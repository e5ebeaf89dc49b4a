package itomichi.documents.sheets;

import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Parts a piece that is larger than the paper into tiles that overlap. Where two tiles overlap both carry the same joining line, to be laid
 * on each other; no joining line comes near a hole.
 */
final class Tiling {

    /** Length that two tiles share at each side of their joint. */
    private static final double SHARED_MM = 10;
    /** Nearer to a hole, a joining line could be taken for it. */
    private static final double CLEAR_MM = 4;
    /** How far a joint is moved back in search of a clear place. */
    private static final double SEARCH_MM = 60;

    private Tiling() {}

    /**
     * A stretch of a piece.
     *
     * @param fromMm where it begins
     * @param toMm where it ends
     */
    record Stretch(double fromMm, double toMm) {
        double length() {
            return toMm - fromMm;
        }
    }

    /** The piece itself where it fits, else its tiles row by row. */
    static List<Piece> tiles(Piece piece, double roomAcrossMm, double roomDownMm) {
        List<Stretch> across = stretches(piece.widthMm(), roomAcrossMm, piece.keepX());
        List<Stretch> down = stretches(piece.heightMm(), roomDownMm, piece.keepY());
        if (across.size() == 1 && down.size() == 1) {
            return List.of(piece);
        }
        List<Piece> tiles = new ArrayList<>();
        for (int y = 0; y < down.size(); y++) {
            for (int x = 0; x < across.size(); x++) {
                tiles.add(tile(piece, across, down, x, y));
            }
        }
        return tiles;
    }

    /**
     * Parts a length into overlapping stretches that fit the room.
     *
     * @param keep places that joints keep clear of
     */
    static List<Stretch> stretches(double lengthMm, double roomMm, List<Double> keep) {
        List<Stretch> stretches = new ArrayList<>();
        double from = 0;
        while (lengthMm - from > roomMm + 1e-9) {
            double joint = joint(from + roomMm - SHARED_MM, keep);
            stretches.add(new Stretch(from, joint + SHARED_MM));
            from = joint - SHARED_MM;
        }
        stretches.add(new Stretch(from, lengthMm));
        return stretches;
    }

    private static double joint(double farthestMm, List<Double> keep) {
        double best = farthestMm;
        double bestClear = -1;
        for (double back = 0; back <= SEARCH_MM; back += 0.5) {
            double at = farthestMm - back;
            double clear = keep.stream()
                    .mapToDouble(place -> Math.abs(place - at))
                    .min()
                    .orElse(Double.MAX_VALUE);
            if (clear >= CLEAR_MM) {
                return at;
            }
            if (clear > bestClear) {
                best = at;
                bestClear = clear;
            }
        }
        return best;
    }

    private static Piece tile(Piece piece, List<Stretch> across, List<Stretch> down, int x, int y) {
        Stretch wide = across.get(x);
        Stretch high = down.get(y);
        List<Shape> shapes = new ArrayList<>();
        Clip clip = new Clip(wide, high, shapes);
        piece.shapes().forEach(shape -> shape.drawOn(clip));
        joints(shapes, across, down, x, y);
        int number = y * across.size() + x + 1;
        String name = piece.name() + ", part " + number + " of " + across.size() * down.size();
        return new Piece(name, wide.length(), high.length(), shapes, List.of(), List.of());
    }

    private static void joints(List<Shape> shapes, List<Stretch> across, List<Stretch> down, int x, int y) {
        double width = across.get(x).length();
        double height = down.get(y).length();
        if (x > 0) {
            upright(shapes, SHARED_MM, height, x);
        }
        if (x < across.size() - 1) {
            upright(shapes, width - SHARED_MM, height, x + 1);
        }
        if (y > 0) {
            level(shapes, SHARED_MM, width, y);
        }
        if (y < down.size() - 1) {
            level(shapes, height - SHARED_MM, width, y + 1);
        }
    }

    private static void upright(List<Shape> shapes, double x, double height, int joint) {
        shapes.add(new Shape.Line(x, 0, x, height, Pen.JOIN));
        shapes.add(new Shape.Words(x - 1, height / 2, "join " + letter(joint), 2.8, true, true));
    }

    private static void level(List<Shape> shapes, double y, double width, int joint) {
        shapes.add(new Shape.Line(0, y, width, y, Pen.JOIN));
        shapes.add(new Shape.Words(1, y - 1, "join " + joint, 2.8, false, false));
    }

    /** Joints across are lettered, joints down are numbered, so that no two are called alike. */
    private static String letter(int joint) {
        return String.valueOf((char) ('A' + (joint - 1) % 26));
    }

    /** Keeps what falls on a tile, moved to its corner. */
    private record Clip(Stretch wide, Stretch high, List<Shape> kept) implements Shape.Sink<RuntimeException> {

        private void keep(Shape shape) {
            kept.add(shape.moved(-wide.fromMm(), -high.fromMm()));
        }

        private void keepAt(double x, double y, Shape shape) {
            if (holds(wide, x) && holds(high, y)) {
                keep(shape);
            }
        }

        @Override
        public void line(Shape.Line line) {
            clipped(line, wide, high).ifPresent(this::keep);
        }

        @Override
        public void circle(Shape.Circle circle) {
            keepAt(circle.xMm(), circle.yMm(), circle);
        }

        @Override
        public void block(Shape.Block block) {
            keepAt(block.xMm(), block.yMm(), block);
        }

        @Override
        public void words(Shape.Words words) {
            keepAt(words.xMm(), words.yMm(), words);
        }

        @Override
        public void photo(Shape.Photo photo) {
            keepAt(photo.xMm(), photo.yMm(), photo);
        }
    }

    private static boolean holds(Stretch stretch, double place) {
        return place >= stretch.fromMm() - 1e-9 && place <= stretch.toMm() + 1e-9;
    }

    /** Liang and Barsky's way of cutting a line at a rectangle (1984; from memory). */
    private static Optional<Shape> clipped(Shape.Line line, Stretch wide, Stretch high) {
        double dx = line.x2Mm() - line.x1Mm();
        double dy = line.y2Mm() - line.y1Mm();
        double[] towards = {-dx, dx, -dy, dy};
        double[] room = {
            line.x1Mm() - wide.fromMm(),
            wide.toMm() - line.x1Mm(),
            line.y1Mm() - high.fromMm(),
            high.toMm() - line.y1Mm()
        };
        double enters = 0;
        double leaves = 1;
        for (int side = 0; side < 4; side++) {
            if (towards[side] == 0) {
                if (room[side] < -1e-9) {
                    return Optional.empty();
                }
            } else if (towards[side] < 0) {
                enters = Math.max(enters, room[side] / towards[side]);
            } else {
                leaves = Math.min(leaves, room[side] / towards[side]);
            }
        }
        return enters > leaves
                ? Optional.empty()
                : Optional.of(new Shape.Line(
                        line.x1Mm() + enters * dx,
                        line.y1Mm() + enters * dy,
                        line.x1Mm() + leaves * dx,
                        line.y1Mm() + leaves * dy,
                        line.pen(),
                        line.ink()));
    }
}
