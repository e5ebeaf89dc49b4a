package itomichi.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import itomichi.server.days.DaysService;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The days at the bench over HTTP. The bench of these tests has hours round the clock, so that no test depends on the time of day. */
public class DaysTest extends HttpTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

    @Autowired
    private DaysService days;

    @BeforeMethod
    void alwaysAtTheBench() {
        days.clear();
        assertEquals(put("/api/days/hours", hours("00:00", "23:59")).status(), 204);
    }

    private ObjectNode hours(String from, String to) {
        ObjectNode hours = document("").objectNode();
        hours.put("zone", "Europe/Berlin").put("presses", 2).put("boards", 2);
        hours.putArray("off");
        ArrayNode week = hours.putArray("week");
        Stream.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY")
                .forEach(day ->
                        week.addObject().put("day", day).put("from", from).put("to", to));
        return hours;
    }

    private JsonNode shown(JsonNode book) {
        for (JsonNode one : get("/api/days").body().get("books")) {
            if (one.get("id").asString().equals(BooksTest.id(book))) {
                return one;
            }
        }
        throw new AssertionError("The days do not show " + book.get("document").get("name"));
    }

    private JsonNode step(JsonNode book, String key) {
        for (JsonNode one : shown(book).get("steps")) {
            if (one.get("key").asString().equals(key)) {
                return one;
            }
        }
        throw new AssertionError("There is no step " + key);
    }

    private ObjectNode said(String wanted) {
        ObjectNode said = document("").objectNode();
        said.put("wanted", wanted);
        said.putArray("steps");
        said.putArray("added");
        return said;
    }

    private Answer say(JsonNode book, ObjectNode said) {
        return put("/api/books/" + BooksTest.id(book) + "/days", said);
    }

    private Answer act(JsonNode book, String step, String what) {
        String path = "/api/books/" + BooksTest.id(book) + "/days/" + step + "/" + what;
        return post(path, what.equals("end") ? Map.of("left", false) : Map.of());
    }

    @Test
    public void aBookOnTheBenchHasItsStepsInTheirPlaces() {
        JsonNode book = begin("Cues");
        assertEquals(step(book, "fold").get("state").asString(), "OPEN");
        assertTrue(step(book, "sew").get("hands").get(0).get("from").asDouble()
                >= step(book, "fold").get("hands").get(0).get("to").asDouble());
    }

    @Test
    public void aStepThatWasBegunAndEndedIsDone() {
        JsonNode book = begin("Cues");
        assertEquals(act(book, "grain", "begin").status(), 204);
        assertEquals(step(book, "grain").get("state").asString(), "BEGUN");
        assertEquals(act(book, "grain", "end").status(), 204);
        assertEquals(step(book, "grain").get("state").asString(), "DONE");
    }

    @Test
    public void aStepThatIsBegunTwiceIsBegunOnce() {
        JsonNode book = begin("Cues");
        act(book, "grain", "begin");
        Answer again = act(book, "grain", "begin");
        assertEquals(again.status(), 422);
        assertTrue(again.message().startsWith("It was begun "), again.message());
    }

    @Test
    public void aStepThatIsOnlyLeftIsNotDone() {
        JsonNode book = begin("Cues");
        act(book, "grain", "begin");
        post("/api/books/" + BooksTest.id(book) + "/days/grain/end", Map.of("left", true));
        assertEquals(step(book, "grain").get("state").asString(), "LEFT");
    }

    @Test
    public void whatWasBegunByMistakeIsForgotten() {
        JsonNode book = begin("Cues");
        act(book, "grain", "begin");
        assertEquals(delete("/api/books/" + BooksTest.id(book) + "/days/grain").status(), 204);
        assertEquals(step(book, "grain").get("state").asString(), "OPEN");
    }

    @Test
    public void anEndThatIsYetToComeIsRefused() {
        JsonNode book = begin("Cues");
        act(book, "grain", "begin");
        Answer refused = post(
                "/api/books/" + BooksTest.id(book) + "/days/grain/end",
                Map.of("at", "2199-01-01T10:00", "left", false));
        assertEquals(refused.status(), 422);
        assertTrue(refused.message().startsWith("Read "), refused.message());
    }

    @Test
    public void theSewingTableBeginsTheSewingByItself() {
        JsonNode book = begin("Cues");
        put("/api/books/" + BooksTest.id(book) + "/sewing", Map.of("step", 1, "outsideUp", false));
        assertEquals(step(book, "sew").get("state").asString(), "BEGUN");
    }

    @Test
    public void theLastMoveEndsTheSewing() {
        JsonNode book = begin("Cues");
        int moves = get("/api/books/" + BooksTest.id(book) + "/sewing/way")
                .body()
                .get("steps")
                .size();
        put("/api/books/" + BooksTest.id(book) + "/sewing", Map.of("step", moves, "outsideUp", false));
        assertEquals(step(book, "sew").get("state").asString(), "DONE");
    }

    @Test
    public void aWantedDayThatIsPastMakesTheBookLateAndSaysWhatHelps() {
        JsonNode book = begin("Cues");
        say(book, said(LocalDate.now(ZONE).minusDays(3).toString()));
        assertTrue(shown(book).get("late").asString().endsWith("late"));
    }

    @Test
    public void aWantedDayInTimeSaysWhenToBegin() {
        JsonNode book = begin("Cues");
        assertEquals(
                say(book, said(LocalDate.now(ZONE).plusDays(20).toString())).status(), 204);
        assertTrue(shown(book).path("late").isMissingNode()
                || shown(book).get("late").isNull());
        assertFalse(shown(book).get("begin").asString().isEmpty());
    }

    @Test
    public void aStepOfTheBindersOwnIsPlanned() {
        JsonNode book = begin("Cues");
        ObjectNode said = said(null);
        ((ArrayNode) said.get("added"))
                .addObject()
                .put("key", "own-1")
                .put("words", "Write the names in")
                .put("minutes", 25)
                .put("lying", "NOT")
                .put("after", "fold");
        assertEquals(say(book, said).status(), 204);
        assertEquals(step(book, "own-1").get("words").get("mm").asString(), "Write the names in");
        assertEquals(step(book, "own-1").get("minutes").asInt(), 25);
    }

    @Test
    public void aWaitIsAsLongAsItsBinderSays() {
        JsonNode book = begin("Cues");
        assertEquals(step(book, "press").get("lies").asString(), "overnight, under a weight");
        ObjectNode said = said(null);
        ((ArrayNode) said.get("steps"))
                .addObject()
                .put("key", "press")
                .put("leftOut", false)
                .put("liesMinutes", 90);
        assertEquals(say(book, said).status(), 204);
        assertEquals(step(book, "press").get("lies").asString(), "1\u202fh 30\u202fmin, under a weight");
        assertEquals(step(book, "press").get("usualLies").asString(), "overnight, under a weight");
    }

    @Test
    public void aWaitOfAYearIsRefused() {
        JsonNode book = begin("Cues");
        ObjectNode said = said(null);
        ((ArrayNode) said.get("steps"))
                .addObject()
                .put("key", "press")
                .put("leftOut", false)
                .put("liesMinutes", 525_600);
        assertEquals(say(book, said).status(), 422);
        assertEquals(step(book, "press").get("liesMinutes").asInt(), 600);
    }

    /** Minutes that are worked out say how; those of the binder's own do not. */
    @Test
    public void theMinutesOfAStepHaveAWorking() {
        JsonNode book = begin("Cues");
        JsonNode working = step(book, "sew").get("working");
        assertTrue(working.get("sum").get("mm").asString().contains("×"), working.toString());
        assertTrue(working.hasNonNull("range"));
        ObjectNode said = said(null);
        ((ArrayNode) said.get("steps"))
                .addObject()
                .put("key", "sew")
                .put("leftOut", false)
                .put("minutes", 123);
        say(book, said);
        assertFalse(step(book, "sew").hasNonNull("working"));
    }

    @Test
    public void aStepThatIsLeftOutTakesNoHand() {
        JsonNode book = begin("Cues");
        ObjectNode said = said(null);
        ((ArrayNode) said.get("steps")).addObject().put("key", "press").put("leftOut", true);
        say(book, said);
        assertTrue(step(book, "press").get("leftOut").asBoolean());
        assertEquals(step(book, "press").get("hands").size(), 0);
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"wanted", "tomorrow"},
            {"wanted", "0001-01-01"},
            {"wanted", "2026-02-30"},
        };
    }

    @Test(dataProvider = "unfit")
    public void aDayThatIsNoneIsToldInOneLine(String field, String text) {
        JsonNode book = begin("Cues");
        Answer refused = say(book, said(text));
        assertEquals(refused.status(), 422);
        assertTrue(refused.message().startsWith("Read “" + text + "”"), refused.message());
    }

    @Test
    public void hoursThatEndBeforeTheyBeginAreRefused() {
        Answer refused = put("/api/days/hours", hours("21:00", "19:00"));
        assertEquals(refused.status(), 422);
        assertTrue(refused.message().contains("before they begin"), refused.message());
    }

    @Test
    public void aBenchWithoutHoursSaysSo() {
        begin("Cues");
        ObjectNode none = hours("00:00", "23:59");
        none.putArray("week");
        assertEquals(put("/api/days/hours", none).status(), 204);
        assertTrue(get("/api/days").body().get("trouble").asString().startsWith("No hours at the bench"));
    }

    private List<VEvent> calendar(String path) {
        ICalendar read = Biweekly.parse(new String(get(path).raw().body(), StandardCharsets.UTF_8))
                .first();
        return read.getEvents();
    }

    /** Read back by another library than the one that wrote it. */
    @Test
    public void theCalendarHasEveryHandAndEveryWaitOnce() {
        JsonNode book = begin("Cues");
        List<VEvent> events = calendar("/api/days.ics");
        Set<String> names = new HashSet<>();
        events.forEach(event ->
                assertTrue(names.add(event.getUid().getValue()), event.getUid().getValue()));
        int hands = 0;
        int lying = 0;
        for (JsonNode step : shown(book).get("steps")) {
            hands += step.get("hands").size();
            lying += step.hasNonNull("lying") ? 1 : 0;
        }
        assertEquals(events.size(), hands + lying);
        assertTrue(lying > 0);
    }

    @Test
    public void anEntryKeepsItsNameWhenTheBookIsWantedOnAnotherDay() {
        JsonNode book = begin("Cues");
        String path = "/api/books/" + BooksTest.id(book) + "/days.ics";
        Set<String> before =
                calendar(path).stream().map(event -> event.getUid().getValue()).collect(Collectors.toSet());
        say(book, said(LocalDate.now(ZONE).plusDays(9).toString()));
        Set<String> after =
                calendar(path).stream().map(event -> event.getUid().getValue()).collect(Collectors.toSet());
        assertEquals(after, before);
    }

    /** RFC 5545: a time at a place names its zone, and the zone is told in the file. */
    @Test
    public void timesInTheCalendarHaveTheirZone() {
        begin("Cues");
        String text = new String(get("/api/days.ics").raw().body(), StandardCharsets.UTF_8);
        assertTrue(text.contains("DTSTART;TZID=Europe/Berlin:"), text);
        assertTrue(text.contains("BEGIN:VTIMEZONE"), text);
    }

    @Test
    public void aWaitKeepsNobodyFromOtherThings() {
        begin("Cues");
        List<VEvent> lying = calendar("/api/days.ics").stream()
                .filter(event -> event.getUid().getValue().contains("-lies"))
                .toList();
        assertFalse(lying.isEmpty());
        lying.forEach(event -> assertEquals(event.getTransparency().getValue(), "TRANSPARENT"));
    }
}
