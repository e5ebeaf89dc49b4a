package itomichi.remarks;

import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.plan.PunchRoom;
import itomichi.punching.HoleGroup;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;

/** What is to be said of holes that children make with a paper punch. */
final class PunchRemarks {

    private PunchRemarks() {}

    static List<Draft> of(BookSpec spec, Holes holes) {
        List<Draft> remarks = new ArrayList<>();
        PunchRoom.fault(spec).ifPresent(fault -> {
            Draft unsafe = Draft.caution("punch-unsafe", Phrase.of("{}.", fault));
            remarks.add(PunchRoom.laid(spec)
                    .map(laid -> unsafe.mendedBy(
                            Phrase.of(
                                    "Lay {} stations for a paper punch",
                                    laid.stations().count()),
                            laid))
                    .orElse(unsafe));
        });
        holes.groups().stream()
                .filter(HoleGroup::tooWideForPunch)
                .findFirst()
                .ifPresent(group -> remarks.add(Draft.caution(
                        "punch-narrow",
                        Phrase.of(
                                "What goes through {} needs {}, and a paper punch makes {}: take a finer thread.",
                                group.names(),
                                group.size().length().at(Fineness.BUNDLE),
                                Tool.PUNCHED.at(Fineness.BUNDLE)))));
        return remarks;
    }
}
