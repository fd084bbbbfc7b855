package ripplerest.cli.race;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import jdk.jfr.Recording;
import jdk.jfr.consumer.RecordedFrame;
import jdk.jfr.consumer.RecordingFile;

/**
 * Where the time of some work goes in the core, as the Java Flight Recorder samples it: one box a
 * method, as wide as its share of the samples, on top of who called it. What the core calls beside
 * itself counts as its caller's own.
 */
final class FlameGraph {
  private static final String CORE = "ripplerest.core.";
  private static final Duration EVERY = Duration.ofMillis(10);
  private static final double WIDE = 1200;
  private static final double ROW = 18;

  /** Boxes of less than this share are not drawn. */
  private static final double LEAST = 0.004;

  private static final double LETTER = 6.2;

  /** A method under one that called it. */
  private static final class Box {
    private final Map<String, Box> called = new TreeMap<>();
    private int samples;

    void add(List<String> calls) {
      samples++;
      if (!calls.isEmpty()) {
        called.computeIfAbsent(calls.get(0), name -> new Box()).add(calls.subList(1, calls.size()));
      }
    }

    int depth(int whole) {
      return samples < LEAST * whole
          ? 0
          : 1 + called.values().stream().mapToInt(b -> b.depth(whole)).max().orElse(0);
    }
  }

  private final Box all = new Box();

  private FlameGraph() {}

  /** Samples some work while it is done. */
  static FlameGraph of(Runnable work) throws IOException {
    Path file = Files.createTempFile("ripple-rest", ".jfr");
    try (Recording recording = new Recording()) {
      recording.enable("jdk.ExecutionSample").withPeriod(EVERY);
      recording.start();
      work.run();
      recording.stop();
      recording.dump(file);
      FlameGraph graph = new FlameGraph();
      RecordingFile.readAllEvents(file).stream()
          .filter(e -> e.getStackTrace() != null)
          .map(e -> calls(e.getStackTrace().getFrames()))
          .filter(calls -> !calls.isEmpty())
          .forEach(graph.all::add);
      return graph;
    } finally {
      Files.delete(file);
    }
  }

  /** Methods of the core, the outermost first. */
  private static List<String> calls(List<RecordedFrame> frames) {
    List<String> calls = new ArrayList<>();
    for (RecordedFrame frame : frames) {
      String type = frame.getMethod().getType().getName();
      String name = frame.getMethod().getName();
      if (type.startsWith(CORE) && !name.startsWith("lambda$")) {
        String brief = type.substring(type.lastIndexOf('.') + 1).replace('$', '.');
        calls.add(0, brief + "." + name.replace("<init>", "new"));
      }
    }
    return calls;
  }

  /** How many samples there are. */
  int samples() {
    return all.samples;
  }

  /** The graph as a picture that tells a share where the pointer rests. */
  String svg(String title) {
    double high = ROW * (all.depth(all.samples) + 1);
    StringBuilder out =
        new StringBuilder(
            String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.0f %.0f\""
                    + " font-family=\"sans-serif\" font-size=\"11\">%n"
                    + "<rect width=\"100%%\" height=\"100%%\" fill=\"#fff\"/>%n"
                    + "<text x=\"4\" y=\"13\" font-weight=\"bold\">%s</text>%n",
                WIDE,
                high,
                escaped(title)));
    draw(out, all, 0, 0, high);
    return out.append("</svg>\n").toString();
  }

  private void draw(StringBuilder out, Box box, double x, int depth, double high) {
    for (Map.Entry<String, Box> e : box.called.entrySet()) {
      double share = (double) e.getValue().samples / all.samples;
      if (share < LEAST) {
        continue;
      }
      double wide = share * WIDE;
      String name = escaped(e.getKey());
      int fits = (int) ((wide - 6) / LETTER);
      String shown =
          name.length() <= fits ? name : fits > 3 ? name.substring(0, fits - 1) + "…" : "";
      out.append(
          String.format(
              Locale.ROOT,
              "<g><title>%s %.1f %%</title><rect x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.0f\""
                  + " fill=\"hsl(205 %d%% %d%%)\" stroke=\"#fff\"/><text x=\"%.1f\" y=\"%.1f\">%s</text></g>%n",
              name,
              100 * share,
              x,
              high - ROW * (depth + 1),
              wide,
              ROW,
              40 + 10 * (depth % 3),
              88 - 6 * (depth % 3),
              x + 3,
              high - ROW * depth - 5,
              shown));
      draw(out, e.getValue(), x, depth + 1, high);
      x += wide;
    }
  }

  private static String escaped(String words) {
    return words.replace("&", "&amp;").replace("<", "&lt;");
  }
}
