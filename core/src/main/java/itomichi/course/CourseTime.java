package itomichi.course;

import itomichi.finding.Formula;
import itomichi.finding.Quantity;
import itomichi.finding.Source;
import itomichi.finding.Working;
import itomichi.measure.Phrase;
import itomichi.structure.Hands;

/** How long hands take in a class. All of it is common practice, no published source. */
final class CourseTime {

    /** To come in, to be shown the first step, to tidy up. */
    static final int BESIDES = 20;

    private static final Formula EACH = Formula.of("t × h");
    private static final Formula ADULT = Formula.of("t × p ÷ a");
    private static final Quantity MINUTES = new Quantity.Plain(0, "min", 0);

    private CourseTime() {}

    /**
     * Minutes against those of practised hands: usual, quick and slow.
     *
     * @param usual half of those who come take less
     * @param quick one of ten takes less
     * @param slow one of ten takes more
     */
    private record Pace(double usual, double quick, double slow) {}

    private static Pace pace(Hands hands) {
        return switch (hands) {
            case PRACTISED -> new Pace(1, 0.7, 1.4);
            case NEW -> new Pace(2, 1.4, 3);
            case CHILDREN -> new Pace(2.5, 1.7, 4);
        };
    }

    /** Percent more of the straight way than for hands that know how long a piece they need. */
    static double moreSlack(Hands hands) {
        return switch (hands) {
            case PRACTISED -> 0;
            case NEW -> 15;
            case CHILDREN -> 25;
        };
    }

    /** A step that everybody does. */
    static Working each(double practised, Hands hands) {
        Pace pace = pace(hands);
        return Working.by(EACH)
                .with("t", "minutes of practised hands", minutes(practised))
                .with("h", "hands " + hands.words(), Quantity.ratio(pace.usual(), 1))
                .from(Source.COMMON_PRACTICE)
                .between(MINUTES.with(practised * pace.quick()), MINUTES.with(practised * pace.slow()))
                .gives(MINUTES);
    }

    /** A step that adults do for everybody, one after the other. */
    static Working adults(double practised, int people, int adults) {
        double usual = practised * people / adults;
        return Working.by(ADULT)
                .with("t", "minutes of practised hands", minutes(practised))
                .with("p", "people", Quantity.count(people))
                .with("a", "adults", Quantity.count(adults))
                .from(Source.COMMON_PRACTICE)
                .note(Phrase.of("The others wait, or are at another step meanwhile."))
                .between(
                        MINUTES.with(usual * pace(Hands.PRACTISED).quick()),
                        MINUTES.with(usual * pace(Hands.PRACTISED).slow()))
                .gives(MINUTES);
    }

    private static Quantity minutes(double minutes) {
        return new Quantity.Plain(minutes, "min", 1);
    }
}
