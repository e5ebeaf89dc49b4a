package itomichi.cover;

import itomichi.cover.Setting.Measure;
import itomichi.cover.Setting.Option;
import itomichi.cover.Setting.School;
import java.util.List;
import java.util.stream.Stream;

/** What is settled of flat and round cases alike. */
final class CaseSettings {

    static final Measure SETBACK = new Measure("setback", "Board narrower than the leaf by", 3.5, 0, 60);
    static final Measure FORE = new Measure("square-fore", "Square at the fore edge", 2, 0, 60);
    static final Measure JOINT = new Measure("joint", "Joint", 7, 1, 60);

    static final Option BY_SETBACK = new Option("SETBACK", "narrower than the leaf");
    static final Option BY_SQUARE = new Option("SQUARE", "to a square at the fore edge");
    static final School BOARD_WIDTH = new School("board-width", "Width of the boards", List.of(BY_SETBACK, BY_SQUARE));

    static final Option JOINT_FIXED = new Option("FIXED", "a fixed measure");
    static final Option JOINT_BOARDS = new Option("BOARDS", "by two boards");
    static final School JOINTS = new School("joints", "The joint", List.of(JOINT_FIXED, JOINT_BOARDS));

    static final Option TIPPED = new Option("TIPPED", "tipped on");
    static final Option OWN_LEAVES = new Option("OWN", "the first and last leaf");
    static final Option CLOTH_JOINT = new Option("JOINT", "two leaves and a cloth joint");
    static final School ENDS = new School("ends", "Endpapers", List.of(TIPPED, OWN_LEAVES, CLOTH_JOINT));

    static final Option NONE = new Option("NONE", "none");
    static final Option BANDS = new Option("BOUGHT", "bought, at head and tail");
    static final School HEADBANDS = new School("headbands", "Headbands", List.of(NONE, BANDS));
    static final Option ONE_RIBBON = new Option("ONE", "one ribbon");
    static final School RIBBON = new School("ribbon", "A ribbon to mark the place", List.of(NONE, ONE_RIBBON));

    private CaseSettings() {}

    /** What every case is settled by. */
    static List<Setting> settings(Setting... more) {
        return Stream.concat(
                        Stream.of(BoardSettings.HEAD, BoardSettings.TAIL, BOARD_WIDTH, SETBACK, FORE, JOINTS, JOINT),
                        Stream.concat(
                                Stream.of(more),
                                Stream.of(
                                        CaseCovering.COVERED,
                                        CaseCovering.ON_BOARD,
                                        BoardSettings.TURN_IN,
                                        ENDS,
                                        HEADBANDS,
                                        RIBBON)))
                .toList();
    }

    /** Whether a setting of a case makes a difference. */
    static boolean counts(Setting setting, CoverBase base, CoverChoices choices) {
        if (setting.equals(SETBACK)) {
            return choices.is(BOARD_WIDTH, BY_SETBACK);
        }
        if (setting.equals(FORE)) {
            return choices.is(BOARD_WIDTH, BY_SQUARE);
        }
        if (setting.equals(JOINT)) {
            return choices.is(JOINTS, JOINT_FIXED);
        }
        if (setting.equals(CaseCovering.ON_BOARD)) {
            return !choices.is(CaseCovering.COVERED, CaseCovering.FULL);
        }
        return !setting.equals(ENDS) || !base.endsApart();
    }
}
