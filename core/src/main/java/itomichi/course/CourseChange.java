package itomichi.course;

import itomichi.advice.Advice;
import itomichi.advice.Use;
import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.measure.Phrase;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.structure.Structure;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A change that makes a class fit its time and hands.
 *
 * @param words what is changed
 * @param wish the class as it would be
 * @param course that class, worked out
 */
public record CourseChange(Phrase words, CourseWish wish, Course course) {

    /** More are not read. */
    private static final int MOST = 3;

    /**
     * Changes that make a class fit which does not, the nearest first: the teacher does more before, fewer stations, another structure. Where
     * children would wait for an adult at a blade, or cannot make the book, the structure that needs none comes first.
     *
     * @return none where it fits as it is, or nothing helps
     */
    public static List<CourseChange> of(Course course) {
        List<CourseChange> helpful = new ArrayList<>();
        if (course.atBlade() > 0 || course.unfit().isPresent()) {
            withoutBlade(course.wish()).ifPresent(helpful::add);
        }
        if (!course.fits()) {
            helpful.addAll(fitting(course.wish()));
        }
        return helpful.stream().limit(MOST).toList();
    }

    private static List<CourseChange> fitting(CourseWish wish) {
        List<CourseChange> helpful = new ArrayList<>(moreBefore(wish));
        fewerStations(wish).ifPresent(helpful::add);
        CourseWish prepared = wish.withAhead(EnumSet.allOf(Ahead.class));
        if (helpful.isEmpty()) {
            fewerStations(prepared).ifPresent(helpful::add);
        }
        otherStructure(wish, prepared).ifPresent(helpful::add);
        return helpful;
    }

    /** The structure that is advised first of those that a child makes without blade or point. */
    private static Optional<CourseChange> withoutBlade(CourseWish wish) {
        return advised(wish).stream()
                .map(structure -> of(made(structure, ": no blade and no point in class"), bound(wish, structure)))
                .filter(change -> change.course().atBlade() == 0
                        && change.course().unfit().isEmpty()
                        && comfortable(change.course()))
                .findFirst();
    }

    private static CourseChange of(Phrase words, CourseWish wish) {
        return new CourseChange(words, wish, Course.of(wish));
    }

    private static Optional<CourseChange> fitting(Phrase words, CourseWish wish) {
        return Optional.of(of(words, wish)).filter(change -> change.course().fits() && comfortable(change.course()));
    }

    private static Phrase made(Structure structure, String besides) {
        return Phrase.of("Make a {}{}", structure.name().toLowerCase(Locale.ROOT), besides);
    }

    /** The same class making its book otherwise. */
    private static CourseWish bound(CourseWish wish, Structure structure) {
        return wish.withBook(Binding.as(wish.book(), structure));
    }

    /** Nobody is offered for a class what its plan already warns of. */
    private static boolean comfortable(Course course) {
        return course.plan().remarks().stream()
                .noneMatch(remark -> remark.weight() == Remark.Weight.STOP
                        || (remark.weight() == Remark.Weight.CAUTION && remark.stage() == Stage.GATHER));
    }

    /** One thing more done before, else both. */
    private static List<CourseChange> moreBefore(CourseWish wish) {
        List<Ahead> open = Stream.of(Ahead.values())
                .filter(one -> !wish.ahead().contains(one))
                .toList();
        List<CourseChange> each = open.stream()
                .flatMap(one ->
                        fitting(Phrase.of("Have the sheets {}", one.words()), wish.withAhead(with(wish.ahead(), one)))
                                .stream())
                .toList();
        return !each.isEmpty() || open.size() < 2
                ? each
                : fitting(
                                Phrase.of("Have the sheets folded and punched before"),
                                wish.withAhead(EnumSet.allOf(Ahead.class)))
                        .stream()
                        .toList();
    }

    private static Set<Ahead> with(Set<Ahead> ahead, Ahead one) {
        EnumSet<Ahead> more = EnumSet.of(one);
        more.addAll(ahead);
        return more;
    }

    /** The most stations with which it fits. */
    private static Optional<CourseChange> fewerStations(CourseWish wish) {
        BookSpec book = wish.book();
        int now = book.stations().count();
        for (int count = now - 1; count >= 2; count--) {
            int fewer = count;
            boolean sewn = book.stitching()
                    .map(stitching -> stitching.takesStations(fewer, book.variant()))
                    .orElse(false);
            if (sewn && book.stations().withCount(fewer).count() == fewer) {
                Optional<CourseChange> change = fitting(
                        Phrase.of(
                                "Sew through {} stations instead of {}{}",
                                fewer,
                                now,
                                wish.ahead().size() == Ahead.values().length ? ", folded and punched before" : ""),
                        wish.withBook(book.withStations(book.stations().withCount(fewer))));
                if (change.isPresent()) {
                    return change;
                }
            }
        }
        return Optional.empty();
    }

    /** Structures that suit the book and those who make it, the best advised first. */
    private static List<Structure> advised(CourseWish wish) {
        BookSpec book = wish.book();
        return Advice.rank(
                        new Use(book.use().needs(), wish.people(), wish.hands()),
                        book.extent(),
                        book.thickness(book.paper()).length())
                .stream()
                .filter(advice -> !advice.excluded())
                .map(Advice::structure)
                .filter(structure ->
                        structure.holing().any() && !structure.key().equals(book.structure()))
                .toList();
    }

    /** The structure that is advised first of those that fit; prepared for where that alone does not help. */
    private static Optional<CourseChange> otherStructure(CourseWish wish, CourseWish prepared) {
        for (CourseWish as : List.of(wish, prepared)) {
            for (Structure structure : advised(wish)) {
                Optional<CourseChange> change = fitting(
                        made(structure, as.equals(wish) ? "" : ", folded and punched before"), bound(as, structure));
                if (change.isPresent()) {
                    return change;
                }
            }
        }
        return Optional.empty();
    }
}
