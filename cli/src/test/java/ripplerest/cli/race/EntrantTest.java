package ripplerest.cli.race;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;

class EntrantTest {
  @Test
  void itTimesTheOneEstimateAndTellsWhereTheFlyRests() {
    double[] told = new Entrant().apply("POSE", "parachute:14:GEL");
    Materials materials = Materials.standard();
    HookSpec hook = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    PreparedFly fly =
        PreparedFly.of(
            new Sizer(materials).size(Sizer.defaults(Style.named("parachute"), hook, "race")),
            materials,
            Conditions.DEFAULT);
    Rest rest = Estimator.estimate(fly, Options.poseOnly()).rest().orElseThrow();
    assertThat(told).hasSize(6);
    assertThat(told[0]).isPositive();
    assertThat(told[1]).isEqualTo(rest.eyeMm());
    assertThat(told[4]).isCloseTo(Math.toDegrees(rest.pose().pitchRad()), within(1e-9));
  }

  @Test
  void aJarThatIsNotThereIsRefused() {
    assertThat(new CommandLine(new Race()).execute("--against", "nowhere.jar")).isEqualTo(2);
  }

  @Test
  void aFileIsReadAsItIsOnTheCommandLine() {
    Path file = Path.of("../docs/format/examples/flat-plume.json");
    assertThat(new Entrant().apply("POSE", file + ":NONE")).hasSize(6);
  }
}
