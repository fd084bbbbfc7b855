package ripplerest.exchange.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.material.Materials;
import ripplerest.core.rest.Judgement;
import ripplerest.core.rest.Outcome;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;

/** What is said in the sentence is what the callouts beside the drawing are sent to say. */
class VerdictAgreesTest {
  private static final Materials MATERIALS = Materials.standard();
  private static final Sizer SIZER = new Sizer(MATERIALS);

  static List<Path> demo() throws IOException {
    try (Stream<Path> files = Files.list(Path.of("../app/src/main/resources/demo"))) {
      return files.sorted().toList();
    }
  }

  @ParameterizedTest
  @MethodSource("demo")
  void sentenceAndCalloutsJudgeAlike(Path file) throws IOException {
    PatternFile fly = new PatternReader(SIZER).read(Files.readAllBytes(file));
    Estimate estimate =
        Estimator.estimate(
            PreparedFly.of(SIZER.size(fly.pattern()), MATERIALS, fly.conditions()),
            Options.poseOnly());
    EstimateView view = EstimateView.of(estimate);
    String said = view.verdict().toString();
    assertThat(view.outcome()).isEqualTo(estimate.outcome());
    if (view.outcome() != Outcome.RESTS) {
      assertThat(said).startsWith(view.outcome() == Outcome.SINKS ? "Sinks" : "Not known");
      return;
    }
    RestView rest = view.rest();
    assertThat(said.contains(", level")).isEqualTo(rest.tilt() == Judgement.Tilt.LEVEL);
    assertThat(said.contains("° tail down")).isEqualTo(rest.tilt() == Judgement.Tilt.TAIL_DOWN);
    assertThat(said.contains("° head down")).isEqualTo(rest.tilt() == Judgement.Tilt.HEAD_DOWN);
    assertThat(said.contains("point at the film"))
        .isEqualTo(rest.pointSide() == Judgement.Side.AT_FILM);
    assertThat(said.contains(" mm clear")).isEqualTo(rest.pointSide() == Judgement.Side.CLEAR);
    assertThat(said.contains(" mm under")).isEqualTo(rest.pointSide() == Judgement.Side.UNDER);
    boolean hackle = view.parts().stream().anyMatch(p -> p.contains("hackle"));
    assertThat(hackle || !said.contains("hackle"))
        .as("stands on a hackle that it has: " + said)
        .isTrue();
    assertThat(estimate.warnings()).noneMatch(w -> w.code().equals("material-unusual"));
  }
}
