package ripplerest.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.film.ContactLine;
import ripplerest.core.film.FibreState;
import ripplerest.core.film.FilmSolver;
import ripplerest.core.film.FilmState;
import ripplerest.core.film.Pose;
import ripplerest.core.film.Wetting;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Water;

/** Draws the pictures of docs/model.md from the production solver. */
@Command(
    name = "plots",
    description = "Draws the model's pictures as SVG files.",
    mixinStandardHelpOptions = true)
final class PlotsCommand implements Callable<Integer> {
  private static final Water WATER = Water.at(20, 1);

  @Parameters(paramLabel = "FOLDER", description = "Where the pictures go.")
  private Path folder;

  @Override
  public Integer call() throws IOException {
    Files.createDirectories(folder);
    barb().write(folder.resolve("barb.svg"));
    cylinder().write(folder.resolve("cylinder.svg"));
    interval().write(folder.resolve("interval.svg"));
    new StylesPage().write(folder);
    return 0;
  }

  /** What one dressed hackle barb bears on its way down, lying and pierced. */
  private static Plot barb() {
    Plot plot = new Plot("One barb, 7 mm, θ = 120°", "root over the film, mm", "force, µN");
    for (double degrees : new double[] {30, 60, 80}) {
      double a = Math.toRadians(degrees);
      FlyBody.Fibre fibre =
          new FlyBody.Fibre(
              "tail",
              "barb",
              Vector3D.ZERO,
              new Vector3D(Math.cos(a), 0, -Math.sin(a)),
              7,
              0.0226,
              0.6,
              2.5e9);
      FilmSolver film =
          new FilmSolver(
              new FlyBody(
                  List.of(new FlyBody.Lump("tail", Vector3D.ZERO, 1)), List.of(), List.of(fibre)),
              Wetting.uniform("barb", new Wetting.Angles(2 * Math.PI / 3, 2 * Math.PI / 3)),
              WATER,
              Mesh.WORKING,
              Optional.empty());
      for (FibreState state : List.of(FibreState.LYING, FibreState.CROSSING_TIP_DOWN)) {
        FilmState in = film.dryState();
        in.set(0, state);
        List<double[]> line = new ArrayList<>();
        for (double z = 7 * Math.sin(a) * 0.97; z > 0.4; z -= 0.05) {
          double lift = film.evaluate(new Pose(z, 0, 0), in, ContactLine.ADVANCING).lift();
          line.add(new double[] {z, Math.min(25, lift)});
        }
        boolean lies = state == FibreState.LYING;
        plot.add((lies ? "lying " : "pierced ") + Math.round(degrees) + "°", line, !lies);
      }
    }
    return plot;
  }

  /** A level cylinder's force against the depth of its axis. */
  private static Plot cylinder() {
    Plot plot =
        new Plot("A level cylinder, 0.3 mm radius", "depth of the axis, mm", "force, µN/mm");
    for (double degrees : new double[] {60, 80, 100, 120}) {
      List<FlyBody.Slice> slice = List.of(new FlyBody.Slice(Vector3D.ZERO, 1, 0.3, 1));
      FlyBody body =
          new FlyBody(
              List.of(new FlyBody.Lump("body", Vector3D.ZERO, 1)),
              List.of(new FlyBody.Member("body", "body", "stuff", slice)),
              List.of());
      double theta = Math.toRadians(degrees);
      FilmSolver film =
          new FilmSolver(
              body,
              Wetting.uniform("stuff", new Wetting.Angles(theta, theta)),
              WATER,
              Mesh.WORKING,
              Optional.empty());
      List<double[]> line = new ArrayList<>();
      for (double d = -1; d < 2.5; d += 0.02) {
        Pose pose = new Pose(-d, 0, 0);
        double lift = film.evaluate(pose, film.dryState(), ContactLine.ADVANCING).lift();
        line.add(new double[] {d, lift});
      }
      plot.add("θ = " + Math.round(degrees) + "°", line, degrees == 80 || degrees == 120);
    }
    return plot;
  }

  /** Height of a collar's eye against how hard it lands, with the interval hysteresis allows. */
  private static Plot interval() {
    Plot plot = new Plot("Upright collar, size 14: eye height", "touchdown, weights", "eye, mm");
    Materials materials = Materials.standard();
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    SizedPattern sized =
        new Sizer(materials).size(Sizer.defaults(Style.named("upright-collar"), hook, "plot"));
    List<double[]> mean = new ArrayList<>();
    List<double[]> low = new ArrayList<>();
    List<double[]> high = new ArrayList<>();
    for (double n = 1; n <= 6; n += 0.25) {
      Conditions c = Conditions.DEFAULT.withTouchdown(n);
      Estimate e = Estimator.estimate(PreparedFly.of(sized, materials, c), Options.poseOnly());
      Optional<Rest> rest = e.rest();
      if (rest.isPresent()) {
        double at = n;
        mean.add(new double[] {at, rest.get().eyeMm()});
        rest.get().interval().receding().ifPresent(r -> low.add(new double[] {at, r.eyeMm()}));
        rest.get().interval().advancing().ifPresent(r -> high.add(new double[] {at, r.eyeMm()}));
      }
    }
    plot.add("lines advancing", high, true);
    plot.add("at the mean", mean, false);
    plot.add("lines receding", low, true);
    return plot;
  }
}
