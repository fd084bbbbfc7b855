package ripplerest.app.tests;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ripplerest.app.http.Shown;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.log.LogStore;
import ripplerest.core.calibration.Beside;
import ripplerest.core.calibration.Ladder;
import ripplerest.core.calibration.Prediction;
import ripplerest.core.calibration.Seen;
import ripplerest.core.calibration.TankTest;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.tied.AsTied;
import ripplerest.core.tied.Planned;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.LoggedTest;
import ripplerest.exchange.format.PatternFile;

/** Tests as they are sent, and as the core is asked about them. */
@Component
class TestResources implements Shown<TestStore.Entry> {
  private final LogStore log;
  private final Preparation preparation;
  private final MaterialStore materials;

  TestResources(LogStore log, Preparation preparation, MaterialStore materials) {
    this.log = log;
    this.preparation = preparation;
    this.materials = materials;
  }

  /**
   * A test with what a change has to name.
   *
   * @param name of its fly
   * @param size of its hook
   * @param next what to hang from it next; none if that would tell nothing
   * @param foretold all that is, in words; nothing before it is
   * @param seen all that was, in words
   * @param beside each thing that was seen beside what was foretold of it
   * @param measures what can be measured, and the usual errors of it
   */
  record TestView(
      LoggedTest test,
      long revision,
      boolean pictured,
      String name,
      int size,
      List<Ladder.Rung> next,
      Sentence foretold,
      Sentence seen,
      List<Beside> beside,
      List<MeasureBounds> measures) {}

  /** What can be measured of a fly on the water: between which bounds, and how well. */
  record MeasureBounds(
      Seen.What what,
      String word,
      String unit,
      double low,
      double high,
      double errorByEye,
      double errorByCaliper) {
    static MeasureBounds of(Seen.What w) {
      return new MeasureBounds(
          w, w.word(), w.unit(), w.low(), w.high(), w.errorByEye(), w.errorByCaliper());
    }
  }

  private static final List<MeasureBounds> MEASURES =
      Stream.of(Seen.What.values()).map(MeasureBounds::of).toList();

  @Override
  public Class<TestStore.Entry> type() {
    return TestStore.Entry.class;
  }

  @Override
  public TestView of(TestStore.Entry e) {
    Seen seen = e.test().seen().read();
    Optional<Prediction> foretold =
        Optional.ofNullable(e.test().foretold()).map(LoggedTest.Foretold::read);
    LoggedFly fly = log.get(e.test().fly()).fly();
    return new TestView(
        e.test(),
        e.revision(),
        e.pictured(),
        name(fly),
        fly.document().at("/pattern/hook/size").asInt(0),
        e.test().next().stream().toList(),
        foretold.map(Beside::of).orElse(Sentence.EMPTY),
        Beside.of(seen),
        foretold.map(f -> Beside.of(f, seen)).orElse(List.of()),
        MEASURES);
  }

  static String name(LoggedFly fly) {
    return fly.document().at("/pattern/name").asString("");
  }

  /** The fly of a test as it was tied, in the glass, by all that is known of its materials. */
  PreparedFly known(LoggedTest test) {
    LoggedFly fly = log.get(test.fly()).fly();
    PatternFile plan = preparation.read(fly.document().toString());
    PreparedFly planned = preparation.prepared(plan).with(test.conditions());
    return AsTied.tied(planned, fly.made(Planned.of(planned.sized())));
  }

  /** The same by the table of materials alone: what tests are reckoned against. */
  TankTest untaught(LoggedTest test) {
    String name = name(log.get(test.fly()).fly());
    return new TankTest(
        test.id().toString(),
        name,
        test.tied(),
        known(test).with(materials.materials()),
        test.seen().read());
  }
}
