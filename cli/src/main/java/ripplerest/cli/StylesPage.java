package ripplerest.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.quantity.Words;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.sizing.Styles;
import ripplerest.core.water.Conditions;

/** Every style's own fly at rest: a sheet of pictures to one scale, and a table of postures. */
final class StylesPage {
  private static final int[] SIZES = {12, 14, 16};
  private static final int COLUMNS = 3;
  private static final int CELL_WIDTH = 300;
  private static final int CELL_HEIGHT = 250;
  private static final double PER_MM = 11;
  private static final double FILM_AT = 120;
  private static final String INK = "#4a5560";
  private static final String FILM = "#0b6e99";

  private static final Map<String, String> COLOURS =
      Map.of(
          "body", "#6b7a45",
          "tail", "#6f5a2a",
          "collar-hackle", "#9a5f1e",
          "palmered-hackle", "#9a5f1e",
          "parachute-hackle", "#9a5f1e",
          "hair-wing", "#7a6a3a",
          "thread", "#4f433a",
          "post", "#b9475c");

  private final Materials materials = Materials.standard();

  /** Writes {@code styles.svg} and {@code styles.md}. */
  void write(Path folder) throws IOException {
    StringBuilder table =
        new StringBuilder("# The styles' own flies on the water\n\n")
            .append(
                "Dressed with gel, laid down gently at 12 °C; made by `./ripple-rest plots`.\n\n")
            .append("![Every style's size 14 from the side, to one scale](styles.svg)\n\n")
            .append("| style | hook | sits | eye, mm | bend, mm | pitch | keeps its posture to |")
            .append(" sinks at | pop-back, mg |\n| --- | --- | --- | --- | --- | --- | --- |")
            .append(" --- | --- |\n");
    List<String> cells = new ArrayList<>();
    for (Style style : Styles.standard().offered()) {
      for (int size : SIZES) {
        Estimate e = estimate(style, size);
        table.append(row(style, size, e));
        if (size == 14) {
          cells.add(cell(style, e, cells.size()));
        }
      }
    }
    Files.writeString(folder.resolve("styles.md"), table);
    int rows = (cells.size() + COLUMNS - 1) / COLUMNS;
    String svg =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"13\">%n%s</svg>%n"
            .formatted(COLUMNS * CELL_WIDTH, rows * CELL_HEIGHT, String.join("", cells));
    Files.writeString(folder.resolve("styles.svg"), svg);
  }

  private Estimate estimate(Style style, int size) {
    HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
    SizedPattern sized = new Sizer(materials).size(Sizer.defaults(style, hook, style.label()));
    return Estimator.estimate(
        PreparedFly.of(sized, materials, Conditions.DEFAULT), Options.withReserve());
  }

  private static String row(Style style, int size, Estimate e) {
    String rest =
        e.rest()
            .map(
                r ->
                    "%s | %.1f | %.1f | %.0f°"
                        .formatted(
                            Words.of(r.posture()),
                            r.eyeMm(),
                            r.bendMm(),
                            Math.toDegrees(r.pose().pitchRad())))
            .orElse("sinks | | | ");
    String reserve =
        e.reserve()
            .map(
                r ->
                    "%.1f | %s%.1f"
                        .formatted(r.keepsPostureTo(), r.beyond() ? ">" : "", r.sinksAt()))
            .orElse(" | ");
    return "| %s | %d | %s | %s | %.0f |%n"
        .formatted(style.label(), size, rest, reserve, e.popBackMg());
  }

  private String cell(Style style, Estimate e, int index) {
    Outline outline = Outliner.of(e);
    double x = index % COLUMNS * CELL_WIDTH + CELL_WIDTH / 2.0;
    double y = index / COLUMNS * CELL_HEIGHT + FILM_AT;
    StringBuilder svg = new StringBuilder();
    svg.append("<g transform=\"translate(%.0f %.0f)\">%n".formatted(x, y));
    double reach = CELL_WIDTH / 2.0 / PER_MM - 0.5;
    line(svg, outline.film().stream().filter(p -> Math.abs(p.getX()) < reach).toList(), FILM, 1.5);
    line(svg, outline.wire(), INK, outline.wireMm() * PER_MM);
    line(svg, outline.eye(), INK, outline.wireMm() * PER_MM);
    for (Outline.Thick m : outline.members()) {
      tube(svg, m);
    }
    for (Outline.Thin f : outline.fibres()) {
      line(svg, f.line(), COLOURS.getOrDefault(f.part(), "#8a7a55"), 0.8);
    }
    svg.append(
        "<text x=\"0\" y=\"%.0f\" text-anchor=\"middle\" fill=\"%s\">%s</text>%n</g>%n"
            .formatted(CELL_HEIGHT - FILM_AT - 12.0, INK, style.label()));
    return svg.toString();
  }

  /** Thick members as a run of discs. */
  private static void tube(StringBuilder svg, Outline.Thick m) {
    String colour = COLOURS.getOrDefault(m.part(), "#8f96a8");
    for (int i = 0; i < m.axis().size(); i += 2) {
      Vector3D p = m.axis().get(i);
      svg.append(
          "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" fill=\"%s\"/>%n"
              .formatted(
                  p.getX() * PER_MM, -p.getZ() * PER_MM, m.radiiMm().get(i) * PER_MM, colour));
    }
  }

  private static void line(StringBuilder svg, List<Vector3D> points, String colour, double width) {
    svg.append(
        "<polyline fill=\"none\" stroke=\"%s\" stroke-width=\"%.1f\" points=\""
            .formatted(colour, width));
    for (Vector3D p : points) {
      svg.append("%.1f,%.1f ".formatted(p.getX() * PER_MM, -p.getZ() * PER_MM));
    }
    svg.append("\"/>%n".formatted());
  }
}
