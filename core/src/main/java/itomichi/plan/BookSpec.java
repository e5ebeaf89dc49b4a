package itomichi.plan;

import itomichi.advice.Use;
import itomichi.gathering.Extent;
import itomichi.material.Paper;
import itomichi.material.SewingThread;
import itomichi.material.ThreadCount;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.station.StationScheme;
import itomichi.structure.OwnStitching;
import itomichi.structure.Stitching;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * A book as its binder wants it. Everything else is worked out from this.
 *
 * @param title what it is called and what it is for
 * @param structure key of the way it is bound
 * @param use what it has to do, which the structure is advised by
 * @param extent how long it is to be
 * @param leaf size of a folded leaf
 * @param papers what it is made from
 * @param gathering how its sheets are gathered
 * @param holes where the holes go
 * @param cover the soft cover sewn on with it, if any
 * @param thread what it is sewn with, and how
 * @param stitch how it is sewn, where there is a choice
 * @param done stages that the binder has said are done
 */
public record BookSpec(
        Title title,
        String structure,
        Use use,
        Extent extent,
        Leaf leaf,
        Papers papers,
        Gathering gathering,
        HoleWish holes,
        Cover cover,
        Sewing thread,
        StitchWish stitch,
        Set<Stage> done) {

    /** @throws UnfitValueException if a value is one that no book can have */
    public BookSpec {
        Unit unit = title.unit();
        done = done.isEmpty() ? Set.of() : java.util.Collections.unmodifiableSet(EnumSet.copyOf(done));
        String key = structure;
        Structure bound = Structures.keyed(key)
                .orElseThrow(
                        () -> new UnfitValueException("structure", "Read “" + key + "”; no structure has that name."));
        Limits.number("use.copies", "A book", use.copies(), 1, 100_000, " copies");
        Limits.number(
                "extent.number",
                "A book",
                extent.number(),
                1,
                MOST_PAGES,
                " " + extent.by().words());
        Limits.number("extent.number", "A book", extent.pages(bound.form().folded()), 1, MOST_PAGES, " pages");
        papers.check(unit);
        gathering.check(papers.all().size(), unit);
        holes.check(unit);
        stitch.check(unit);
        cover.check(unit);
    }

    /** More than any hand would bind. */
    private static final int MOST_PAGES = 4000;

    /** The paper that is taken where nothing else is said. */
    public Paper paper() {
        return papers.main().paper();
    }

    /** Where the holes along the fold go: as wanted, or where a pattern of the binder's own has them. */
    public StationScheme stations() {
        StationScheme wanted = holes.stations();
        Optional<OwnStitching> own = bound().key().equals(Structure.OWN_FOLD) ? stitch.own() : Optional.empty();
        return own.map(OwnStitching::pattern)
                .filter(pattern -> !pattern.side())
                .filter(pattern -> !(wanted instanceof StationScheme.Placed
                        && wanted.count() == pattern.places().size()))
                .<StationScheme>map(pattern -> new StationScheme.Placed(pattern.stations(leaf.height())))
                .orElse(wanted);
    }

    /** How it is sewn; empty where it is not, or where a pattern of the binder's own is wanted and none was taken. */
    public Optional<Stitching> stitching() {
        Structure bound = bound();
        return bound.own()
                ? stitch.own()
                        .filter(own -> own.pattern().side() == bound.key().equals(Structure.OWN_SIDE))
                        .map(Stitching.class::cast)
                : bound.stitching();
    }

    /** The way it is sewn, of those the structure knows. */
    public String variant() {
        return stitching()
                .flatMap(sewn -> sewn.variants().stream()
                        .map(Stitching.Variant::key)
                        .filter(stitch.variant()::equals)
                        .findFirst())
                .orElse(Stitching.USUAL);
    }

    /** Pages wanted. */
    public int pages() {
        return extent.pages(bound().form().folded());
    }

    /** What the way it is bound knows. */
    public Structure bound() {
        return Structures.keyed(structure).orElseThrow();
    }

    /**
     * What a book is called.
     *
     * @param name its name
     * @param purpose what it is for
     * @param unit the unit its binder measures it in and prints it in
     */
    public record Title(String name, String purpose, Unit unit) {
        public Title {
            name = name.strip();
            Limits.text("name", "A name", name, 1, 80);
            Limits.text("purpose", "What it is for", purpose, 0, 400);
        }
    }

    /**
     * Size of a leaf, and what becomes of its fore edge.
     *
     * @param width from fold to fore edge
     * @param height from head to tail
     * @param trimmed whether the creep is cut off
     */
    public record Leaf(Length width, Length height, boolean trimmed) {
        public Leaf {
            Limits.length("leaf.widthMm", "A leaf's width", width, 20, 1200, Unit.MM);
            Limits.length("leaf.heightMm", "A leaf's height", height, 20, 1200, Unit.MM);
        }
    }

    /**
     * A soft cover.
     *
     * @param wanted whether there is one
     * @param thickness of the cover stuff
     * @param square how far it stands out
     * @param height of a cover at hand; nothing where it is cut to the book
     * @param spine width of the spine of a cover at hand; nothing where it follows from the block
     * @param headSquare how far it stands out at the head; nothing where head and tail share alike
     */
    public record Cover(
            boolean wanted,
            Length thickness,
            Length square,
            Optional<Length> height,
            Optional<Length> spine,
            Optional<Length> headSquare) {
        public Cover {
            Limits.length("cover.thicknessMm", "A cover's thickness", thickness, 0.02, 10, Unit.MM);
            Limits.length("cover.squareMm", "A square", square, 0, 60, Unit.MM);
        }

        /** A cover that is cut to the book. */
        public Cover(boolean wanted, Length thickness, Length square) {
            this(wanted, thickness, square, Optional.empty(), Optional.empty(), Optional.empty());
        }

        private void check(Unit unit) {
            height.ifPresent(given -> Limits.length("cover.heightMm", "A cover", given, 20, 1300, unit));
            spine.ifPresent(given -> Limits.length("cover.spineMm", "A spine", given, 1, 400, unit));
            headSquare.ifPresent(given -> Limits.length("cover.headSquareMm", "A square", given, 0, 200, unit));
        }

        public Cover withWanted(boolean other) {
            return new Cover(other, thickness, square, height, spine, headSquare);
        }

        public Cover withHeight(Optional<Length> other) {
            return new Cover(wanted, thickness, square, other, spine, headSquare);
        }

        public Cover withHeadSquare(Optional<Length> other) {
            return new Cover(wanted, thickness, square, height, spine, other);
        }

        public Cover withSpine(Optional<Length> other) {
            return new Cover(wanted, thickness, square, height, other, headSquare);
        }
    }

    /**
     * Thread, needle and knot.
     *
     * @param thread the thread
     * @param strands 1, or 2 when it is doubled
     * @param tail left hanging at each end
     * @param slackPercent more than the straight lengths, in percent
     * @param needleEye width of the needle at its eye
     * @param knot the face the knot sits on
     * @param turns of the knot
     */
    public record Sewing(
            SewingThread thread,
            int strands,
            Length tail,
            double slackPercent,
            Length needleEye,
            Face knot,
            int turns) {
        public Sewing {
            Limits.text("thread.name", "A thread's name", thread.name(), 1, 60);
            checkCount(thread.count());
            Limits.number("thread.strands", "A thread", strands, 1, 2, " strands");
            Limits.length("thread.tailMm", "A tail", tail, 10, 500, Unit.MM);
            Limits.number("thread.slackPercent", "Slack", slackPercent, 0, 30, " %");
            Limits.length("thread.needleEyeMm", "A needle's eye", needleEye, 0.2, 6, Unit.MM);
            Limits.number("thread.turns", "A knot", turns, 1, 3, " turns");
            if (knot != Face.INSIDE && knot != Face.OUTSIDE) {
                throw new UnfitValueException(
                        "thread.knot", "Read " + knot.word() + "; the knot of a fold sits inside or outside.");
            }
        }

        public Sewing withStrands(int number) {
            return new Sewing(thread, number, tail, slackPercent, needleEye, knot, turns);
        }

        public Sewing withThread(SewingThread other) {
            return new Sewing(other, strands, tail, slackPercent, needleEye, knot, turns);
        }

        public Sewing withTail(Length other) {
            return new Sewing(thread, strands, other, slackPercent, needleEye, knot, turns);
        }

        private static void checkCount(ThreadCount count) {
            if (count instanceof ThreadCount.Tex tex) {
                Limits.number("thread.tex", "A thread", tex.tex(), 5, 5000, " tex");
            } else if (count instanceof ThreadCount.Linen linen) {
                Limits.number("thread.number", "A linen count", linen.count(), 1, 200, "");
                Limits.number("thread.ply", "A thread", linen.ply(), 1, 12, " plies");
            } else if (count instanceof ThreadCount.Cotton cotton) {
                Limits.number("thread.number", "A cotton count", cotton.count(), 1, 200, "");
                Limits.number("thread.ply", "A thread", cotton.ply(), 1, 12, " plies");
            } else if (count instanceof ThreadCount.Wound wound) {
                Limits.number("thread.turnsWound", "A winding", wound.turns(), 1, 500, " turns");
                Limits.length("thread.woundMm", "A winding", wound.width(), 0.1, 500, Unit.MM);
            }
        }
    }

    public BookSpec withPages(int wanted) {
        return withExtent(Extent.ofPages(wanted));
    }

    public BookSpec withPaper(Paper other) {
        return withPapers(papers.withMain(papers.main().withPaper(other)));
    }

    public BookSpec withTitle(Title other) {
        return new BookSpec(other, structure, use, extent, leaf, papers, gathering, holes, cover, thread, stitch, done);
    }

    public BookSpec withStructure(String other) {
        return new BookSpec(title, other, use, extent, leaf, papers, gathering, holes, cover, thread, stitch, done);
    }

    public BookSpec withUse(Use other) {
        return new BookSpec(
                title, structure, other, extent, leaf, papers, gathering, holes, cover, thread, stitch, done);
    }

    public BookSpec withExtent(Extent other) {
        return new BookSpec(title, structure, use, other, leaf, papers, gathering, holes, cover, thread, stitch, done);
    }

    public BookSpec withLeaf(Leaf other) {
        return new BookSpec(
                title, structure, use, extent, other, papers, gathering, holes, cover, thread, stitch, done);
    }

    public BookSpec withPapers(Papers other) {
        return new BookSpec(title, structure, use, extent, leaf, other, gathering, holes, cover, thread, stitch, done);
    }

    public BookSpec withGathering(Gathering other) {
        return new BookSpec(title, structure, use, extent, leaf, papers, other, holes, cover, thread, stitch, done);
    }

    public BookSpec withHoles(HoleWish other) {
        return new BookSpec(title, structure, use, extent, leaf, papers, gathering, other, cover, thread, stitch, done);
    }

    public BookSpec withStations(StationScheme other) {
        return withHoles(holes.withStations(other));
    }

    public BookSpec withCover(Cover other) {
        return new BookSpec(title, structure, use, extent, leaf, papers, gathering, holes, other, thread, stitch, done);
    }

    public BookSpec withSewing(Sewing other) {
        return new BookSpec(title, structure, use, extent, leaf, papers, gathering, holes, cover, other, stitch, done);
    }

    public BookSpec withStitch(StitchWish other) {
        return new BookSpec(title, structure, use, extent, leaf, papers, gathering, holes, cover, thread, other, done);
    }

    public BookSpec withDone(Set<Stage> other) {
        return new BookSpec(
                title, structure, use, extent, leaf, papers, gathering, holes, cover, thread, stitch, other);
    }
}
