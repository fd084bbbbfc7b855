package ripplerest.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import ripplerest.core.advice.Goal;
import ripplerest.core.estimate.Answers;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Natural;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Words;
import ripplerest.core.question.Details;
import ripplerest.core.question.Question;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;
import ripplerest.core.water.Floatant;
import ripplerest.core.water.Tippet;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.view.AnswerLine;
import ripplerest.exchange.view.EstimateView;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Prints estimates of pattern files; exit status 0, or 2 with a problem document on stderr. */
@Command(
    name = "estimate",
    description =
        "Prints the estimate of each pattern file as JSON; one file an object, more an array.",
    mixinStandardHelpOptions = true)
final class EstimateCommand implements Callable<Integer> {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  @Parameters(arity = "1..*", paramLabel = "FILE", description = "Pattern files.")
  private List<Path> files;

  @Option(names = "--text", description = "A summary for people instead of JSON.")
  private boolean text;

  @Option(names = "--temperature", description = "Water temperature, °C; else the file's.")
  private Double temperature;

  @Option(names = "--film", description = "Film factor, 1 clean to 0.4; else the file's.")
  private Double film;

  @Option(names = "--floatant", description = "none, gel, powder or pre-soak; else the file's.")
  private String floatant;

  @Option(
      names = "--touchdown",
      description = "Weights pressed at landing, 1 to 8; else the file's.")
  private Double touchdown;

  @Option(
      names = "--tippet",
      description = "Diameter of a straight tippet, 0.05 to 0.4 mm; else the file's, or cut off.")
  private Double tippet;

  @Option(names = "--false-casts", description = "False casts a minute, 0 to 20; else the file's.")
  private Double falseCasts;

  @Option(
      names = "--full",
      description = "Also other rests and the film reserve; takes a few times as long.")
  private boolean full;

  @Option(
      names = "--samples",
      description = "With --full: draws for the band, 0 to 256; default 0.")
  private int samples;

  @Option(names = "--seed", description = "Seed of those draws; default 1.")
  private long seed = 1;

  @Option(
      names = "--ask",
      description = "Instead of the pose: ${COMPLETION-CANDIDATES}, as JSON; progress on stderr.")
  private Question question;

  @Option(
      names = "--casts",
      description = "With --ask LANDING: casts at most, 1 to 5000; default 500.")
  private int casts = Answers.CASTS;

  @Option(names = "--part", description = "With --ask SUBSTITUTES or SUPPORT: its name, or hook.")
  private String part = "";

  @Option(names = "--reserve", description = "With --ask SUPPORT: film reserve wanted, 1 to 10.")
  private double reserve = 2;

  @Option(names = "--body", description = "With --ask FOOTPRINT: body length, 2 to 50 mm.")
  private Double bodyMm;

  @Option(names = "--order", description = "With --ask FOOTPRINT: ${COMPLETION-CANDIDATES}.")
  private Natural.Order order = Natural.Order.MAYFLY;

  @Option(
      names = "--goal",
      description = "With --ask GOAL: what is wanted, one of ${COMPLETION-CANDIDATES}.")
  private Goal.Wanted goal;

  @Option(names = "--amount", description = "How much of it; else what is usually asked.")
  private Double amount;

  @Option(names = "--stage", description = "With --ask FOOTPRINT: ${COMPLETION-CANDIDATES}.")
  private Natural.Stage stage = Natural.Stage.ADULT;

  @Override
  public Integer call() {
    if (text && question != null) {
      System.err.println("--text: only without --ask. Answers are printed as JSON; leave one out.");
      return PatternInput.BAD;
    }
    List<Object> views = new ArrayList<>();
    int status = PatternInput.each(files, (read, sizer) -> print(read, sizer, views));
    if (status != 0) {
      return status;
    }
    if (!views.isEmpty()) {
      System.out.println(MAPPER.writeValueAsString(views.size() == 1 ? views.get(0) : views));
    }
    return 0;
  }

  private void print(PatternFile read, Sizer sizer, List<Object> views) {
    Conditions conditions = conditions(read.conditions());
    PreparedFly fly = PreparedFly.of(sizer.size(read.pattern()), sizer.materials(), conditions);
    if (question != null) {
      views.add(answer(fly));
      return;
    }
    Options.Depth depth = full ? Options.Depth.FULL : Options.Depth.POSE;
    Estimate estimate =
        Estimator.estimate(fly, new Options(depth, seed, samples, Work.unwatched()));
    if (text) {
      System.out.print(TextSummary.of(read.pattern().name(), estimate));
    } else {
      views.add(EstimateView.of(estimate));
    }
  }

  private Optional<Goal> goal() {
    return Optional.ofNullable(goal)
        .map(wanted -> new Goal(wanted, amount == null ? wanted.usual() : amount));
  }

  private AnswerLine answer(PreparedFly fly) {
    Optional<Natural> natural =
        Optional.ofNullable(bodyMm)
            .map(mm -> new Natural(order, stage, Natural.Sex.UNKNOWN, mm, 0));
    Details with = new Details(casts, seed, part, reserve, natural, goal(), 0, List.of());
    Work told =
        new Work() {
          @Override
          public boolean cancelled() {
            return false;
          }

          @Override
          public void progress(int completed, int total) {
            System.err.printf("%d of %d\r", completed, total);
          }
        };
    return AnswerLine.of(question.answer(with, fly, told));
  }

  private Conditions conditions(Conditions c) {
    return new Conditions(
        temperature == null ? c.temperatureC() : temperature,
        film == null ? c.filmFactor() : film,
        floatant == null ? c.floatant() : dressing(),
        touchdown == null ? c.touchdownFactor() : touchdown,
        tippet == null ? c.tippet() : Optional.of(new Tippet(tippet, 0)),
        falseCasts == null ? c.falseCastsPerMinute() : falseCasts);
  }

  private Floatant dressing() {
    try {
      return Floatant.valueOf(Words.constant(floatant));
    } catch (IllegalArgumentException e) {
      throw new OutOfRangeException(
          "floatant", floatant, "none, gel, powder or pre-soak", "Use one of these.");
    }
  }
}
