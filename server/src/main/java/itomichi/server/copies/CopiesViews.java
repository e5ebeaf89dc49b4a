package itomichi.server.copies;

import itomichi.edition.Copy;
import itomichi.edition.CopyStage;
import itomichi.edition.Edition;
import itomichi.measure.Fineness;
import itomichi.schedule.WorkTime;
import itomichi.server.copies.CopiesView.CopyColumn;
import itomichi.server.copies.CopiesView.CopyLengths;
import itomichi.server.copies.CopiesView.CopyMinutes;
import itomichi.server.copies.CopiesView.CopyRow;
import itomichi.server.copies.CopiesView.SpoiltView;
import itomichi.server.document.BookDocument;
import itomichi.server.document.KindStuffs;
import itomichi.server.plan.InUnits;
import java.util.List;
import java.util.TreeSet;

/** Copies in the words of the screen. */
final class CopiesViews {

    private CopiesViews() {}

    static CopiesView of(CopiesService.Looked looked) {
        BookDocument document = looked.book().document();
        Edition edition = looked.edition();
        return new CopiesView(
                document.use().copies(),
                edition.cut(),
                edition.stages().stream().map(stage -> column(stage, looked)).toList(),
                looked.copies().stream().map(copy -> row(copy, edition)).toList(),
                edition.threads().stream()
                        .map(lengths -> new CopyLengths(
                                lengths.run().name(),
                                KindStuffs.threadName(document, lengths.run().number()),
                                lengths.number(),
                                InUnits.of(lengths.length().at(Fineness.THREAD))))
                        .toList(),
                edition.together(),
                minutes(edition.minutes()),
                looked.spoilt().stream()
                        .map(one -> new SpoiltView(
                                one.id(), one.copy().copy(), one.copy().at().words(), one.act()))
                        .toList());
    }

    private static CopyColumn column(CopyStage stage, CopiesService.Looked looked) {
        List<Copy> made =
                looked.copies().stream().filter(copy -> !copy.leftOut()).toList();
        return new CopyColumn(
                stage,
                stage.stage(),
                stage.words(),
                (int) made.stream().filter(copy -> copy.done().contains(stage)).count(),
                made.size(),
                looked.book().document().done().contains(stage.stage()));
    }

    private static CopyRow row(Copy copy, Edition edition) {
        return new CopyRow(
                copy.number(),
                copy.run().name(),
                copy.name(),
                List.copyOf(new TreeSet<>(copy.done())),
                edition.at(copy),
                copy.leftOut(),
                copy.spoilt());
    }

    private static CopyMinutes minutes(Edition.Minutes minutes) {
        return new CopyMinutes(
                WorkTime.told(minutes.one()),
                WorkTime.told(minutes.inAll()),
                WorkTime.told(minutes.without()),
                WorkTime.told(minutes.more()));
    }
}
