package itomichi.server.measure;

import itomichi.measure.GrammageText;
import itomichi.measure.LengthText;
import itomichi.measure.Reading;
import itomichi.measure.Unit;
import itomichi.server.platform.ProblemException;
import itomichi.server.platform.Sent;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads what was typed into a field. */
@RestController
@RequestMapping("/api/reading")
class ReadingController {

    /** What was typed, and the unit of the screen it was typed on. */
    record Typed(String text, Unit unit) {
        Typed {
            Sent.given("text", text);
            Sent.given("unit", unit);
        }
    }

    /** A length that was read; {@code sum} is how it was typed, where that was a sum. */
    record LengthRead(double mm, @Nullable String sum) {}

    /** A weight that was read. */
    record WeightRead(double gsm) {}

    @PostMapping("/length")
    LengthRead length(@RequestBody Typed typed) {
        double mm = read(LengthText.parse(typed.text(), typed.unit())).mm();
        return new LengthRead(mm, LengthText.isSum(typed.text()) ? LengthText.written(typed.text()) : null);
    }

    @PostMapping("/weight")
    WeightRead weight(@RequestBody Typed typed) {
        return new WeightRead(read(GrammageText.parse(typed.text())).gsm());
    }

    private static <T> T read(Reading<T> reading) {
        return reading.orElseGet(unreadable -> {
            throw new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, unreadable.message() + ".");
        });
    }
}
