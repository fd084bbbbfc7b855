package ripplerest.cli;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import ripplerest.core.assembly.FlyBody;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;

/** One rest pose, landing included, of each style's own size 14; percentiles of single calls. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class EstimateBenchmark {
  @Param({"parachute", "upright-collar", "forward-plume"})
  public String style;

  /** How finely thick parts are cut, mm; the product works with 0.1. */
  @Param("0.1")
  public double sliceMm;

  private Materials materials;
  private SizedPattern sized;

  @Setup
  public void prepare() {
    materials = Materials.standard();
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    sized = new Sizer(materials).size(Sizer.defaults(Style.named(style), hook, "benchmark"));
    FlyBody body = fly().body();
    int slices = body.members().stream().mapToInt(m -> m.slices().size()).sum();
    System.out.printf("%d slices, %d fibres%n", slices, body.fibres().size());
  }

  /** Assembly, touchdown, rise and proof of one rest. */
  @Benchmark
  public Estimate restPose() {
    return Estimator.estimate(fly(), Options.poseOnly());
  }

  private PreparedFly fly() {
    return PreparedFly.of(sized, materials, Conditions.DEFAULT)
        .on(new Mesh(sliceMm, Mesh.WORKING.segments()));
  }

  /** The same with film reserve and footprint. */
  @Benchmark
  public Estimate withReserve() {
    return Estimator.estimate(fly(), Options.withReserve());
  }

  /** The same with film reserve and other rests. */
  @Benchmark
  public Estimate wholeEstimate() {
    return Estimator.estimate(fly(), Options.withoutBand());
  }
}
