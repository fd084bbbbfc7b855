package ripplerest.cli.race;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class FlameGraphTest {
  @Test
  void itShowsWhatTheCoreWasDoing() throws Exception {
    Entrant entrant = new Entrant();
    FlameGraph graph =
        FlameGraph.of(
            () -> {
              long end = System.nanoTime() + 2_000_000_000L;
              while (System.nanoTime() < end) {
                entrant.apply("POSE", "parachute:14:GEL");
              }
            });
    assertThat(graph.samples()).isGreaterThan(10);
    String svg = graph.svg("a < b");
    assertThat(svg)
        .startsWith("<svg")
        .contains("a &lt; b", "Estimator.estimate", "RestFinder.land");
    assertThat(svg).doesNotContain("java.util");
  }
}
