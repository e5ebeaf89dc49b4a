package itomichi.server.imposing;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something that takes a while: how far it is, what became of it. One thread works at it, others look. */
final class Job {

    /** What becomes of it. */
    enum State {
        RUNNING,
        DONE,
        FAILED,
        /** It goes on once the password of its file is known. */
        LOCKED,
        STOPPED
    }

    /** A file that was made. */
    record PrintedFile(String name, int pages, long bytes) {}

    private final UUID text;
    private final ImposingProcesses.Hand hand = new ImposingProcesses.Hand();
    private volatile State state = State.RUNNING;
    private volatile int done;
    private volatile int of;
    private volatile @Nullable String line;
    private volatile List<PrintedFile> files = List.of();
    /** Says what it was made of, so that a change is noticed. */
    private volatile int mark;

    Job(UUID text) {
        this.text = text;
    }

    UUID text() {
        return text;
    }

    ImposingProcesses.Hand hand() {
        return hand;
    }

    State state() {
        return state;
    }

    boolean running() {
        return state == State.RUNNING;
    }

    int done() {
        return done;
    }

    int of() {
        return of;
    }

    @Nullable
    String line() {
        return line;
    }

    List<PrintedFile> files() {
        return files;
    }

    int mark() {
        return mark;
    }

    void begin(int pages, int madeOf) {
        of = pages;
        mark = madeOf;
    }

    void done(int pages) {
        done = pages;
    }

    void finish(List<PrintedFile> made) {
        files = List.copyOf(made);
        state = State.DONE;
    }

    void fail(String why) {
        line = why;
        state = State.FAILED;
    }

    void locked(String why) {
        line = why;
        state = State.LOCKED;
    }

    void stopped() {
        state = State.STOPPED;
    }
}
