package itomichi.server.course;

import itomichi.course.Course;
import itomichi.course.CourseChange;
import itomichi.course.CourseStep;
import itomichi.course.Kit;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.schedule.WorkTime;
import itomichi.server.course.CourseView.CourseChangeView;
import itomichi.server.course.CourseView.CourseFit;
import itomichi.server.course.CourseView.CourseStepView;
import itomichi.server.course.CourseView.KitItem;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.InUnits;
import itomichi.server.supply.Amounts;
import java.util.List;

/** A class in the words of the screen. */
final class CourseViews {

    private CourseViews() {}

    /**
     * A class.
     *
     * @param changes that make it fit
     * @param taken whether what all kits hold was taken out of the drawers
     */
    static CourseView of(CourseService.Worked worked, List<CourseChange> changes, boolean taken) {
        Course course = worked.course();
        Course.Minutes minutes = course.minutes();
        return new CourseView(
                worked.stored().id(),
                worked.stored().document(),
                worked.book().document().name(),
                worked.book().version(),
                new CourseFit(course.fit(), course.fit().words(), course.fits()),
                WorkTime.told(minutes.usual()),
                WorkTime.told(minutes.quick()),
                WorkTime.told(minutes.slow()),
                WorkTime.told(course.besides()),
                course.waited() == 0 ? null : WorkTime.told(course.waited()),
                course.atBlade() == 0 ? null : WorkTime.told(course.atBlade()),
                WorkTime.told(course.before()),
                course.plan().stopped(),
                course.unfit().map(InUnits::of).orElse(null),
                course.otherwise().stream().map(InUnits::of).toList(),
                InUnits.of(course.wish().yarn().at(Fineness.BUNDLE)),
                course.caution(),
                course.steps().stream().map(CourseViews::step).toList(),
                changes.stream().map(change -> change(change, worked)).toList(),
                course.wish().kits(),
                course.wish().tables(),
                items(course.kit().envelope()),
                items(course.kit().tables()),
                worked.amounts(),
                Amounts.cost(worked.amounts()),
                taken);
    }

    private static List<KitItem> items(List<Kit.Item> items) {
        return items.stream()
                .map(item -> new KitItem(InUnits.of(item.what()), item.number()))
                .toList();
    }

    private static CourseStepView step(CourseStep step) {
        Working minutes = step.minutes();
        long quick = Math.round(minutes.range().orElseThrow().low().number());
        long slow = Math.round(minutes.range().orElseThrow().high().number());
        return new CourseStepView(
                step.who(),
                step.who().words(),
                InUnits.of(step.words()),
                WorkTime.told((long) Math.ceil(minutes.result().number())),
                quick == slow ? WorkTime.told(slow) : WorkTime.told(quick) + " to " + WorkTime.told(slow),
                step.lies() == 0 ? null : WorkTime.told(step.lies()));
    }

    private static CourseChangeView change(CourseChange change, CourseService.Worked worked) {
        BookDocument before = worked.book().document();
        boolean same = change.wish().book().equals(worked.course().wish().book());
        return new CourseChangeView(
                InUnits.of(change.words()),
                WorkTime.told(change.course().minutes().usual()),
                worked.stored().document().withAhead(change.wish().ahead()),
                same ? null : BookDocuments.changed(before, change.wish().book()));
    }
}
