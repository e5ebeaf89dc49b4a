package itomichi.server.plan;

import itomichi.finding.Figure;
import itomichi.finding.Quantity;
import itomichi.measure.Phrase;
import itomichi.measure.Shown;
import itomichi.measure.Unit;

/** A text in both units, so that switching the unit on a screen asks nobody. */
public record InUnits(String mm, String inch) {

    public static InUnits of(Phrase phrase) {
        return new InUnits(phrase.in(Unit.MM), phrase.in(Unit.INCH));
    }

    public static InUnits of(Quantity quantity) {
        return new InUnits(quantity.in(Unit.MM), quantity.in(Unit.INCH));
    }

    public static InUnits of(Shown shown) {
        return new InUnits(shown.in(Unit.MM), shown.in(Unit.INCH));
    }

    public static InUnits of(Figure figure) {
        return new InUnits(figure.in(Unit.MM), figure.in(Unit.INCH));
    }
}
