package itomichi.space;

import itomichi.cover.CoverShape;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import java.util.List;
import java.util.stream.Stream;

/** The cover in space, closed round the block: a soft one that is sewn on with it, or boards with what joins them. */
final class CoverInSpace {

    private CoverInSpace() {}

    /**
     * A block and its cover.
     *
     * @param outMm how far its thread stands out of the spine
     */
    static List<Profile> bound(WorkedBook book, Around around, double outMm) {
        double highMm = book.spec().leaf().height().mm();
        List<Profile> block = around.sheets().profiles();
        return book.covering()
                .work()
                .shape()
                .match(() -> block, soft -> both(block, soft(book, around, soft)), boards -> {
                    if (!boards.board().real()) {
                        return block;
                    }
                    BoardsInSpace made = new BoardsInSpace(around, boards, highMm, outMm);
                    return both(boards.madeApart() ? around.turnedDown(made.endsMm()) : block, made.profiles());
                });
    }

    private static List<Profile> both(List<Profile> block, List<Profile> cover) {
        return Stream.concat(block.stream(), cover.stream()).toList();
    }

    private static List<Profile> soft(WorkedBook book, Around around, CoverShape.Soft soft) {
        BookSpec spec = book.spec();
        // not every book that may be sewn into a cover is
        if (!spec.cover().wanted() || !spec.bound().inSoftCover()) {
            return List.of();
        }
        double fromMm = -around.sheets().headMm();
        double toMm = spec.leaf().height().mm() + around.sheets().tailMm();
        return new SoftInSpace(around, soft, spec.cover().thickness().mm(), fromMm, toMm).profiles();
    }
}
