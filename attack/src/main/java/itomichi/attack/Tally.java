package itomichi.attack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Counts answers, and reads every refusal as a binder would. */
final class Tally {

    private static final int SHOWN = 25;
    private static final double SLOW_MS = 2_000;

    /** What no screen should ever say: names of classes and methods, traces, SQL, mark-up of an error page. */
    private static final Pattern PROGRAM = Pattern.compile(
            "(?:java|javax|jakarta|org|com|tools|itomichi)\\.[a-z]+\\.[a-zA-Z]|Exception\\b|\\bat [a-z.]+[A-Z]\\w+\\.\\w+\\("
                    + "|\\b[A-Z]\\w+\\[\\w+=|\\w+\\(\\) |\\bselect\\b.{0,80}\\bfrom\\b|\\binsert into\\b|<!doctype|<html");

    private final Map<Integer, Integer> byStatus = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();
    private int requests;
    private int serverErrors;
    private int busy;
    private int unanswered;
    private int slow;
    private int badWords;
    private double slowestMs;
    private String slowest = "none";
    /** Whether the application is being killed, so that no answer is no fault. */
    private boolean dying;

    synchronized void dying(boolean now) {
        dying = now;
    }

    synchronized void count(String asked, Target.Answer answer) {
        requests++;
        byStatus.merge(answer.status(), 1, Integer::sum);
        if (answer.ms() > slowestMs) {
            slowestMs = answer.ms();
            slowest = asked;
        }
        if (answer.ms() > SLOW_MS && !dying) {
            slow++;
            fault("%.1f s: %s".formatted(answer.ms() / 1000, asked));
        }
        if (answer.status() == 0) {
            unanswered += dying ? 0 : 1;
            if (!dying) {
                fault("no answer (" + answer.text() + "): " + asked);
            }
        } else if (answer.status() == 503) {
            busy++;
        } else if (answer.status() >= 500) {
            serverErrors++;
            fault(answer.status() + ": " + asked);
        }
        if (answer.status() >= 400 && !worded(answer)) {
            badWords++;
            fault("words of a program, " + answer.status() + ": " + asked + "\n      " + shortened(answer.text()));
        }
    }

    /** Whether a refusal is one line under {@code message}, in words. */
    private static boolean worded(Target.Answer answer) {
        try {
            JsonNode message = answer.tree().path("message");
            String line = message.asString("");
            return answer.type().contains("json")
                    && !line.isBlank()
                    && line.lines().count() == 1
                    && !PROGRAM.matcher(line).find();
        } catch (JacksonException other) {
            return false;
        }
    }

    synchronized void fault(String line) {
        if (faults.size() < SHOWN) {
            faults.add(shortened(line));
        }
    }

    private static String shortened(String text) {
        return text.length() > 300 ? text.substring(0, 300) + "…" : text;
    }

    /**
     * Whether nothing went wrong that is counted here.
     *
     * @param timed whether a slow answer is wrong too
     */
    synchronized boolean clean(boolean timed) {
        return serverErrors + unanswered + badWords + (timed ? slow : 0) == 0;
    }

    synchronized String table() {
        StringBuilder table = new StringBuilder();
        row(table, "Requests", String.valueOf(requests));
        row(table, "By status", byStatus.toString());
        row(table, "Server errors (5xx but 503)", String.valueOf(serverErrors));
        row(table, "Asked to come again (503)", String.valueOf(busy));
        row(table, "No answer at all", String.valueOf(unanswered));
        row(table, "Refusals in words of a program", String.valueOf(badWords));
        row(table, "Answers after more than 2 s", String.valueOf(slow));
        row(table, "Slowest", "%.0f ms, %s".formatted(slowestMs, shortened(slowest)));
        faults.forEach(line -> table.append("    ").append(line).append('\n'));
        return table.toString();
    }

    static void row(StringBuilder table, String what, String value) {
        table.append("  %-34s %s%n".formatted(what, value));
    }
}
