import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.tree.ThrowTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.ToolProvider;

/** Reads the sources by the compiler's own parser and prints the measures they are held to. */
public final class Measures {

    private static final int MOST_LINES_P90 = 15;
    private static final double LEAST_WITH_VALUE = 0.90;
    private static final double LEAST_TESTS = 0.25;
    private static final double MOST_TESTS = 0.33;

    private boolean missed;

    public static void main(String[] arguments) throws IOException {
        Measures measures = new Measures();
        List<Path> main = measures.files("src/main", ".java");
        measures.cycles(main);
        measures.bodies(main);
        measures.tests();
        System.exit(measures.missed ? 1 : 0);
    }

    private List<Path> files(String below, String... endings) throws IOException {
        List<Path> found = new ArrayList<>();
        for (String module : List.of("core", "documents", "server-db", "server", "browser-tests", "benchmarks", "web")) {
            try (Stream<Path> all = Files.walk(Path.of(module))) {
                all.filter(path -> path.toString().contains("/" + below + "/"))
                        .filter(path -> Stream.of("/target/", "/generated/", "/node_modules/")
                                .noneMatch(path.toString()::contains))
                        .filter(path -> Stream.of(endings).anyMatch(path.toString()::endsWith))
                        .forEach(found::add);
            }
        }
        return found;
    }

    private void say(String what, String value, String wanted, boolean holds) {
        missed |= !holds;
        System.out.printf("%-52s %10s   wanted: %s%s%n", what, value, wanted, holds ? "" : "   MISSED");
    }

    /** Strongly connected packages, by what files import. */
    private void cycles(List<Path> files) throws IOException {
        Map<String, Set<String>> arrows = new TreeMap<>();
        for (Path file : files) {
            String text = Files.readString(file);
            String from = text.replaceFirst("(?s).*?\\bpackage ([\\w.]+);.*", "$1");
            arrows.computeIfAbsent(from, any -> new TreeSet<>());
            text.lines().filter(line -> line.startsWith("import itomichi.")).forEach(line -> {
                String to = line.replaceFirst("import ([a-z.]+)\\.[A-Z].*", "$1");
                if (!to.equals(from)) {
                    arrows.get(from).add(to);
                }
            });
        }
        long inCycles = arrows.keySet().stream().filter(one -> reaches(arrows, one)).count();
        say("Packages on a cycle, of " + arrows.size(), Long.toString(inCycles), "0", inCycles == 0);
    }

    private static boolean reaches(Map<String, Set<String>> arrows, String start) {
        Deque<String> open = new ArrayDeque<>(arrows.get(start));
        Set<String> seen = new HashSet<>();
        while (!open.isEmpty()) {
            String next = open.pop();
            if (next.equals(start)) {
                return true;
            }
            if (seen.add(next)) {
                open.addAll(arrows.getOrDefault(next, Set.of()));
            }
        }
        return false;
    }

    /** Lines of methods, and whether what is thrown says the value that was wrong. */
    private void bodies(List<Path> files) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        var manager = compiler.getStandardFileManager(null, Locale.ROOT, null);
        JavacTask task = (JavacTask) compiler.getTask(
                null, manager, ignored -> {}, List.of("-proc:none"), null, manager.getJavaFileObjectsFromPaths(files));
        SourcePositions places = Trees.instance(task).getSourcePositions();
        List<Integer> lines = new ArrayList<>();
        Map<Boolean, Integer> thrown = new HashMap<>();
        List<String> bare = new ArrayList<>();
        for (CompilationUnitTree unit : task.parse()) {
            new TreeScanner<Void, Void>() {
                private long line(long at) {
                    return unit.getLineMap().getLineNumber(at);
                }

                @Override
                public Void visitMethod(MethodTree method, Void nothing) {
                    if (method.getBody() != null) {
                        long from = line(places.getStartPosition(unit, method.getBody()));
                        long to = line(places.getEndPosition(unit, method.getBody()));
                        lines.add((int) Math.max(0, to - from - 1));
                    }
                    return super.visitMethod(method, nothing);
                }

                @Override
                public Void visitThrow(ThrowTree one, Void nothing) {
                    if (one.getExpression() instanceof NewClassTree made) {
                        boolean says = carriesValue(made.getArguments());
                        thrown.merge(says, 1, Integer::sum);
                        if (!says) {
                            bare.add(unit.getSourceFile().getName() + ":" + line(places.getStartPosition(unit, one)));
                        }
                    }
                    return super.visitThrow(one, nothing);
                }
            }.scan(unit, null);
        }
        Collections.sort(lines);
        int p90 = lines.get((int) (lines.size() * 0.9));
        say("Lines of a method, 90th percentile of " + lines.size(), Integer.toString(p90), "at most " + MOST_LINES_P90, p90 <= MOST_LINES_P90);
        int all = thrown.values().stream().mapToInt(Integer::intValue).sum();
        double share = (double) thrown.getOrDefault(true, 0) / all;
        say("Exceptions that say the value, of " + all, percent(share), "at least 90 %", share >= LEAST_WITH_VALUE);
        bare.forEach(place -> System.out.println("    says none: " + place));
    }

    /** Whether an exception is made of more than fixed words: a sum of words and values, a call, or what caused it. */
    private static boolean carriesValue(List<? extends ExpressionTree> arguments) {
        return arguments.stream().anyMatch(Measures::varies);
    }

    private static boolean varies(ExpressionTree words) {
        if (words instanceof LiteralTree fixed) {
            // nothing was read, and that is said
            return String.valueOf(fixed.getValue()).contains("read none");
        }
        if (words instanceof BinaryTree sum) {
            return varies(sum.getLeftOperand()) || varies(sum.getRightOperand());
        }
        // a field's or a status's name says no value
        return !words.toString().matches("[A-Z]\\w*(\\.[A-Z_]+)?");
    }

    /** Lines of tests beside all lines, Java and TypeScript together. */
    private void tests() throws IOException {
        long tests = 0;
        long code = 0;
        for (Path file : files("src", ".java", ".ts", ".tsx")) {
            String path = file.toString();
            boolean test = path.contains("/src/test/") || path.contains(".test.ts");
            long lines;
            try (Stream<String> all = Files.lines(file)) {
                lines = all.filter(line -> !line.isBlank()).count();
            }
            tests += test ? lines : 0;
            code += test ? 0 : lines;
        }
        double share = (double) tests / (tests + code);
        say("Tests, of " + (tests + code) + " lines", percent(share), "25 to 33 %", share >= LEAST_TESTS && share <= MOST_TESTS);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", 100 * share);
    }
}
