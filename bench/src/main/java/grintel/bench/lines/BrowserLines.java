package grintel.bench.lines;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import grintel.core.typeset.FaceCatalogue;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Where Chromium ends the lines of samples, given the very same faces. */
final class BrowserLines {
    private static final String SITE = "http://samples.invalid/";
    /** Large enough for every size to be whole pixels: the rasteriser rounds type sizes, our layout does not. */
    private static final int PIXELS_PER_POINT = 4;

    private static final String[] STYLES = {"Regular", "Bold", "Italic", "BoldItalic"};

    private BrowserLines() {}

    /** For each sample the places at which its lines but the first start. */
    static List<List<Integer>> starts(List<Sample> samples, Browser browser) {
        try (Page page = browser.newPage()) {
            page.route(SITE + "**", route -> answer(route, samples));
            page.navigate(SITE);
            Object found = page.evaluate(resource());
            List<List<Integer>> out = new ArrayList<>();
            for (Object each : (List<?>) found) {
                out.add(((List<?>) each)
                        .stream().map(start -> ((Number) start).intValue()).toList());
            }
            return out;
        }
    }

    private static void answer(Route route, List<Sample> samples) {
        String path = route.request().url().substring(SITE.length());
        Route.FulfillOptions answer = new Route.FulfillOptions();
        if (path.isEmpty()) {
            route.fulfill(answer.setContentType("text/html; charset=utf-8").setBody(document(samples)));
            return;
        }
        try (InputStream face = FaceCatalogue.open(path)) {
            route.fulfill(answer.setContentType("font/ttf").setBodyBytes(face.readAllBytes()));
        } catch (IOException e) {
            route.fulfill(answer.setStatus(404));
        }
    }

    /** Kerning and ligatures are off, as in our layout; spaces hang; a word too long breaks at the line. */
    private static String document(List<Sample> samples) {
        StringBuilder out = new StringBuilder("<!doctype html><html lang=en><style>");
        Set<String> files = new TreeSet<>();
        samples.forEach(sample -> files.add(sample.file()));
        for (String file : files) {
            for (String style : STYLES) {
                out.append("@font-face{font-family:")
                        .append(file)
                        .append(";src:url(")
                        .append(SITE);
                out.append(file).append('-').append(style).append(");font-weight:");
                out.append(style.startsWith("Bold") ? "700" : "400").append(";font-style:");
                out.append(style.endsWith("Italic") ? "italic" : "normal").append('}');
            }
        }
        out.append("body{margin:0}p{margin:0;white-space:pre-wrap;overflow-wrap:anywhere;hyphens:manual;");
        out.append("font-kerning:none;font-variant-ligatures:none;font-optical-sizing:none;");
        out.append("text-rendering:geometricPrecision;line-height:100px}span{line-height:0}</style>");
        for (Sample sample : samples) {
            // The font shorthand would turn kerning on again.
            out.append("<p style=\"font-family:").append(sample.file());
            out.append(";font-size:").append(sample.points() * PIXELS_PER_POINT);
            out.append("px;width:").append(sample.width() * PIXELS_PER_POINT);
            out.append("px;text-indent:")
                    .append(sample.indent() * PIXELS_PER_POINT)
                    .append("px\">");
            for (Sample.Run run : sample.runs()) {
                out.append("<span style=\"font-weight:").append(run.bold() ? 700 : 400);
                out.append(";font-style:")
                        .append(run.italic() ? "italic" : "normal")
                        .append("\">");
                out.append(run.text().replace("&", "&amp;").replace("<", "&lt;"))
                        .append("</span>");
            }
            out.append("</p>");
        }
        return out.toString();
    }

    private static String resource() {
        try (InputStream in = BrowserLines.class.getResourceAsStream("lines.js")) {
            if (in == null) {
                throw new IllegalStateException("lines.js is not there");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
