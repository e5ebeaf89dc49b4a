package itomichi.browser.journey;

import static org.testng.Assert.assertEquals;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import itomichi.browser.fixture.Journey;
import itomichi.browser.screen.BookScreen;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** The drawing for a machine that cuts, saved from the screen and read by a library that shares nothing with what wrote it. */
public class DxfTest extends Journey {

    @Test
    public void everyHoleOfTheSpineGridIsWhereThePlanSaysAndOnItsLayer() throws Exception {
        Page page = window();
        String id = prepare.demo("Scene diary");
        BookScreen screen = BookScreen.open(page, id, "template");
        screen.tick("spine grid");
        screen.field("fold strip, folded").uncheck();
        String address = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Save DXF"))
                .getAttribute("href");
        List<String[]> things = read(page.request().get(address).body());

        JsonObject holes = prepare.kept(id).view().getAsJsonObject("plan").getAsJsonObject("holes");
        JsonObject cover = holes.getAsJsonObject("cover");
        double tall = cover.get("heightMm").getAsDouble();
        List<String> wanted = new ArrayList<>();
        holes.getAsJsonArray("stations")
                .forEach(station -> cover.getAsJsonArray("rows")
                        .forEach(row -> wanted.add(place(
                                row.getAsJsonObject().get("fromLeftMm").getAsDouble(),
                                // a drawing counts upwards
                                tall
                                        - cover.get("headMm").getAsDouble()
                                        - station.getAsJsonObject()
                                                .get("fromHeadMm")
                                                .getAsDouble()))));
        double spineLeft = things.stream()
                .filter(thing -> thing[1].equals("SCORE"))
                .mapToDouble(thing -> Double.parseDouble(thing[2]))
                .min()
                .orElseThrow();
        List<String> drawn = things.stream()
                .filter(thing -> thing[0].equals("CIRCLE") && thing[1].equals("HOLE"))
                .map(thing -> place(Double.parseDouble(thing[2]) - spineLeft, Double.parseDouble(thing[3])))
                .toList();
        assertEquals(drawn.stream().sorted().toList(), wanted.stream().sorted().toList());
    }

    private static String place(double across, double up) {
        return "%.1f / %.1f".formatted(across, up);
    }

    private static List<String[]> read(byte[] dxf) throws Exception {
        Path file = Files.write(Files.createTempFile("grid", ".dxf"), dxf);
        Process node = new ProcessBuilder("node", "tools/read-dxf.mjs", file.toString())
                .directory(Path.of("..", "web").toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String said = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(node.waitFor(), 0, said);
        return said.lines().map(line -> line.split(" ")).toList();
    }
}
