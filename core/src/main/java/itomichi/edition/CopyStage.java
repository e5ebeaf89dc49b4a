package itomichi.edition;

import itomichi.finding.Stage;
import itomichi.plan.WorkedBook;
import java.util.Arrays;
import java.util.List;

/** What is done of a copy, in the order of the work. */
public enum CopyStage {
    CUT(Stage.PAPER, "cut"),
    FOLDED(Stage.GATHER, "folded"),
    PUNCHED(Stage.TEMPLATE, "punched"),
    SEWN(Stage.SEW, "sewn"),
    COVERED(Stage.COVER, "covered"),
    FINISHED(Stage.FINISH, "finished");

    private final Stage stage;
    private final String words;

    CopyStage(Stage stage, String words) {
        this.stage = stage;
        this.words = words;
    }

    /** The stage of the book that it belongs to. */
    public Stage stage() {
        return stage;
    }

    public String words() {
        return words;
    }

    /** Those that a book has. */
    public static List<CopyStage> of(WorkedBook book) {
        return Arrays.stream(values())
                .filter(stage -> stage.of(book, book.holes().isPresent()))
                .toList();
    }

    private boolean of(WorkedBook book, boolean holed) {
        return switch (this) {
            case CUT, FINISHED -> true;
            case FOLDED -> book.gathered().match(signatures -> true, singly -> singly.creased() > 0);
            case PUNCHED, SEWN -> holed;
            case COVERED -> !book.covering().work().pieces().isEmpty();
        };
    }
}
