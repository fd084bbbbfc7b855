package ripplerest.app.practice;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.springframework.stereotype.Service;
import ripplerest.app.drawer.DrawerItem;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.log.LogStore;
import ripplerest.app.patterns.PatternEntity;
import ripplerest.app.patterns.PatternStore;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.practice.Drill;
import ripplerest.core.practice.Exercise;
import ripplerest.core.practice.Exercises;
import ripplerest.core.practice.Eye;
import ripplerest.core.practice.EyeAndHands;
import ripplerest.core.practice.Programme;
import ripplerest.core.practice.Repetition;
import ripplerest.core.practice.Skill;
import ripplerest.core.practice.Sources;
import ripplerest.core.practice.Trial;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.tied.Trend;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternWriter;
import ripplerest.exchange.view.OutlineView;
import tools.jackson.databind.json.JsonMapper;

/** Makes exercises of what is in the book, the drawer and the log. */
@Service
class Practising {
  /** Patterns that exercises are made of: the latest, and as many of them as are looked at. */
  private static final int LATEST = 200;

  private static final int LOOKED_AT = 24;

  private final PracticeStore store;
  private final PatternStore patterns;
  private final Preparation preparation;
  private final DrawerStore drawer;
  private final LogStore log;

  Practising(
      PracticeStore store,
      PatternStore patterns,
      Preparation preparation,
      DrawerStore drawer,
      LogStore log) {
    this.store = store;
    this.patterns = patterns;
    this.preparation = preparation;
    this.drawer = drawer;
    this.log = log;
  }

  /** What the tier has, the patterns in an order of chance. */
  private Sources sources(long seed) {
    List<PatternEntity> latest = new ArrayList<>(patterns.latest(LATEST));
    Collections.shuffle(latest, new Random(seed));
    List<PreparedFly> flies = new ArrayList<>();
    for (PatternEntity p : latest) {
      if (flies.size() < LOOKED_AT) {
        prepared(p).ifPresent(flies::add);
      }
    }
    return new Sources(flies, drawer.all().stream().map(DrawerItem::item).toList(), trends());
  }

  private Optional<PreparedFly> prepared(PatternEntity pattern) {
    try {
      return Optional.of(preparation.prepared(preparation.read(pattern.document())));
    } catch (InvalidDocumentException | OutOfRangeException unreadable) {
      return Optional.empty(); // the book tells why
    }
  }

  private List<Trend> trends() {
    return Trend.of(log.all().flies().stream().flatMap(f -> f.measures().stream()).toList());
  }

  /** What is known of a person's eye; hands are the tier's own. */
  PracticeViews.PracticeView of(String person) {
    Sources sources = sources(0);
    List<Trial> trials = store.trials(person);
    List<Trend> hands = PracticeStore.checked(person).isEmpty() ? sources.habits() : List.of();
    List<Skill> possible = Exercises.skills(sources, Set.of());
    Set<Skill> all = new LinkedHashSet<>(possible);
    trials.forEach(t -> all.add(t.skill()));
    Programme programme =
        new Programme(possible, trials, hands, LocalDate.now(), ZoneId.systemDefault());
    return new PracticeViews.PracticeView(
        Arrays.stream(Drill.values())
            .map(
                d ->
                    new PracticeViews.DrillView(
                        d,
                        d.isVisual(),
                        d.isGlance(),
                        possible.stream().anyMatch(s -> s.drill() == d)))
            .toList(),
        all.stream().map(s -> eye(s, programme, hands)).toList(),
        store.people(),
        programme.order().stream().map(Skill::id).toList());
  }

  private static PracticeViews.EyeView eye(Skill skill, Programme programme, List<Trend> hands) {
    List<Trial> trials = programme.of(skill);
    Eye eye = Eye.of(skill, trials, programme.zone());
    Repetition repetition = Repetition.of(eye);
    return new PracticeViews.EyeView(
        skill.id(),
        skill.drill(),
        skill.of(),
        skill.unit(),
        eye.looks(),
        eye.words(),
        repetition.due().orElse(null),
        repetition.isDue(programme.today()),
        PracticeViews.EyeView.curve(eye),
        EyeAndHands.words(eye, hands).orElse(null));
  }

  /** The next exercise of a sitting. */
  PracticeViews.ExerciseView next(PracticeViews.NextExercise wanted, Work work) {
    List<Skill> sitting = store.sitting(wanted.sitting());
    long seed =
        wanted.seed() == null
            ? new SplittableRandom().nextLong()
            : new SplittableRandom(wanted.seed() + sitting.size()).nextLong();
    Sources sources = sources(seed);
    List<Skill> skills = new ArrayList<>(Exercises.skills(sources, without(wanted)));
    String person = PracticeStore.checked(wanted.person());
    List<Trial> trials = store.trials(person);
    List<Trend> habits = person.isEmpty() ? sources.habits() : List.of();
    boolean counts = wanted.counts() == null || wanted.counts();
    while (!skills.isEmpty()) {
      Programme programme =
          new Programme(skills, trials, habits, LocalDate.now(), ZoneId.systemDefault());
      Skill skill = programme.next(sitting).orElseThrow();
      Optional<Exercise> made = Exercises.make(skill, programme, sources, seed, work);
      if (made.isPresent()) {
        Exercise e = made.get();
        return view(store.ask(wanted.sitting(), person, counts, skill, e.key()), skill, e);
      }
      skills.remove(skill);
    }
    throw new OutOfRangeException(
        "drills",
        "none",
        "one that there is something to ask about",
        "Choose other drills or ask again; put patterns into the book, or measure barbs of feathers"
            + " in the drawer.");
  }

  private static Set<Drill> without(PracticeViews.NextExercise wanted) {
    Set<Drill> without = EnumSet.noneOf(Drill.class);
    if (wanted.only() != null && !wanted.only().isEmpty()) {
      without.addAll(List.of(Drill.values()));
      wanted.only().forEach(d -> without.remove(Require.sent("only", d)));
    }
    if (wanted.without() != null) {
      wanted.without().forEach(d -> without.add(Require.sent("without", d)));
    }
    return without;
  }

  private static PracticeViews.ExerciseView view(UUID id, Skill skill, Exercise e) {
    Exercise.Shown shown = e.shown();
    return new PracticeViews.ExerciseView(
        id,
        skill.drill(),
        skill.of(),
        e.question(),
        e.told(),
        shown.fly().map(OutlineView::of).orElse(null),
        shown.parts().stream().sorted().toList(),
        shown.above(),
        shown.glance() ? Drill.GLANCE_MS : null,
        shown.spoken(),
        shown
            .bar()
            .map(b -> new PracticeViews.SetBarView(point(b.from()), point(b.along()), b.place()))
            .orElse(null),
        shown.natural().map(n -> new PracticeViews.InsectView(n.order(), n.bodyMm())).orElse(null),
        e.choices().stream()
            .map(
                c ->
                    new PracticeViews.ChoiceView(
                        c.words(),
                        c.hook().map(OutlineView::of).orElse(null),
                        c.barbMm().isPresent() ? c.barbMm().getAsDouble() : null))
            .toList(),
        e.dials(),
        e.then().map(OutlineView::of).orElse(null),
        e.water()
            .map(
                f ->
                    JsonMapper.shared()
                        .readTree(
                            PatternWriter.write(new PatternFile(f.pattern(), f.conditions()))))
            .orElse(null));
  }

  private static double[] point(Vector3D p) {
    return new double[] {p.getX(), p.getY(), p.getZ()};
  }

  /** Judges an answer. */
  PracticeViews.AnsweredView answer(UUID id, List<Double> said) {
    PracticeStore.Answered answered = store.answer(id, said);
    List<Trial> trials = store.trials(answered.person());
    List<Sentence> eyes =
        answered.counts()
            ? answered.judged().trials().stream()
                .map(Trial::skill)
                .map(s -> eye(s, trials))
                .toList()
            : List.of();
    return new PracticeViews.AnsweredView(
        answered.judged().right().orElse(null), answered.judged().words(), answered.truth(), eyes);
  }

  private static Sentence eye(Skill skill, List<Trial> trials) {
    List<Trial> of = trials.stream().filter(t -> t.skill().equals(skill)).toList();
    return Eye.of(skill, of, ZoneId.systemDefault()).words();
  }
}
