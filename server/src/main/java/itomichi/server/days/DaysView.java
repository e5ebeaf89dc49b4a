package itomichi.server.days;

import itomichi.finding.Stage;
import itomichi.server.plan.InUnits;
import itomichi.server.plan.PlanView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The days at the bench. Times are those of the wall clock there, for instance {@code 2026-12-24T19:30}; places in the drawing are days since
 * the beginning of today.
 *
 * @param today the day
 * @param now where in it the clock is, as a place
 * @param zone of all times
 * @param hours when there is a hand at the bench
 * @param told whether somebody said so; else it is what is usual
 * @param days the days that are drawn, today first
 * @param books with what is planned of each, the next that is wanted first
 * @param next what is done on all of them at the next time at the bench
 * @param trouble why nothing is planned; left out where it is
 * @param more whether more books are on the bench, changed longer ago
 */
public record DaysView(
        String today,
        double now,
        String zone,
        HoursDocument hours,
        boolean told,
        List<DrawnDay> days,
        List<DayBook> books,
        @Nullable AtBench next,
        @Nullable String trouble,
        boolean more) {

    /** A day in the drawing: how it is called, and its hours as places. */
    public record DrawnDay(String date, String name, boolean off, List<PlaceView> hours) {}

    /** From one place to another. */
    public record PlaceView(double from, double to) {}

    /**
     * A book.
     *
     * @param wanted the day by which it is to be ready
     * @param ready when it is ready, in words; left out where nothing is left to do
     * @param readyAt the same as a place
     * @param wantedAt the end of the day it is wanted, as a place
     * @param late how late it is, in words; left out where it is in time
     * @param help what makes it ready sooner, tried
     * @param begin by when its next step is begun at the latest, in words
     * @param days as they are kept
     */
    public record DayBook(
            UUID id,
            String name,
            @Nullable String wanted,
            @Nullable String ready,
            @Nullable Double readyAt,
            @Nullable Double wantedAt,
            @Nullable String late,
            List<String> help,
            @Nullable String begin,
            List<DayStep> steps,
            DaysDocument days) {}

    /** How far a step is. */
    public enum State {
        /** Nothing of it is done. */
        OPEN,
        /** A hand is on it. */
        BEGUN,
        /** It was begun, and left for now. */
        LEFT,
        DONE
    }

    /**
     * A step.
     *
     * @param minutes with a hand on it
     * @param usual the same as planned, where its binder says otherwise
     * @param lies how long it then lies; empty where it does not
     * @param liesMinutes the same in minutes; left out where nothing has to lie
     * @param usualLies the same as planned, where its binder says otherwise
     * @param working how its minutes came about; left out where its binder says them
     * @param hands when a hand is on it, as places
     * @param lying when it lies, as a place; left out where it does not
     * @param when its begin, in words; left out where it is done
     * @param began when it was begun, in words
     * @param ended when it was ended, in words
     * @param asks whether its end seems to be forgotten
     * @param notBefore when it is begun at the soonest
     * @param beginsAt the same time as it is planned, by the wall clock
     * @param own whether it is a step of the binder's own
     * @param by whether the book itself says that it is done
     */
    public record DayStep(
            String key,
            Stage stage,
            InUnits words,
            int minutes,
            @Nullable Integer usual,
            String lies,
            @Nullable Integer liesMinutes,
            @Nullable String usualLies,
            PlanView.@Nullable WorkingView working,
            State state,
            boolean leftOut,
            List<PlaceView> hands,
            @Nullable PlaceView lying,
            @Nullable String when,
            @Nullable String beginsAt,
            @Nullable String began,
            @Nullable String ended,
            boolean asks,
            @Nullable String notBefore,
            boolean own,
            boolean by) {}

    /** What is done on all books at one time at the bench, in its order. */
    public record AtBench(String day, boolean today, List<BenchItem> items, int minutes) {}

    /** Something that is done then. */
    public record BenchItem(
            UUID book, String name, String key, InUnits words, String from, String to, String lies, State state) {}
}
