package ripplerest.app.outings;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ripplerest.app.box.BoxStore;
import ripplerest.app.http.Shown;
import ripplerest.app.library.Preparation;
import ripplerest.app.patterns.BookSearch;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.patterns.Variants;
import ripplerest.core.box.Flies;
import ripplerest.core.box.History;
import ripplerest.core.box.Imitates;
import ripplerest.core.box.Lacking;
import ripplerest.core.box.Outing;
import ripplerest.core.box.RunningOut;
import ripplerest.core.box.Wear;
import ripplerest.core.box.Whereabouts;
import ripplerest.core.dressing.Making;
import ripplerest.core.drift.FloatOverTime;
import ripplerest.core.drift.Rates;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.hook.HookStrength;
import ripplerest.core.hook.Natural;

/** How many flies outings need, what they lack, and what fits the insects that are expected. */
@Service
public class Reckoning implements Shown<OutingStore.Kept> {
  /** One in ten who run out is what most would bear (common practice, no source). */
  static final double BEARABLE = 0.1;

  private static final int CHANCES_ABOUT = 2;
  private static final int MOST_FITS = 6;
  private static final long SEED = 1;
  private static final double TWO_HOURS = FloatOverTime.LAST_MINUTE;

  private final OutingStore outings;
  private final BoxStore boxes;
  private final Variants variants;
  private final Preparation preparation;
  private final PatternStore patterns;
  private final BookSearch book;

  Reckoning(
      OutingStore outings,
      BoxStore boxes,
      Variants variants,
      Preparation preparation,
      PatternStore patterns,
      BookSearch book) {
    this.outings = outings;
    this.boxes = boxes;
    this.variants = variants;
    this.preparation = preparation;
    this.patterns = patterns;
    this.book = book;
  }

  /** Flies that one outing asks for. */
  private record Asked(
      OutingStore.Kept outing, Outing.Wanted wanted, RunningOut out, int count, int inItsBoxes) {}

  /** Flies that an outing that is to come lacks. */
  public record Lacks(
      UUID outing, String name, LocalDate day, Flies flies, int wanted, int there, int lacking) {}

  /** What all outings to come lack, in order of their days. */
  public List<Lacks> lacks() {
    Map<String, OutingStore.Kept> byId = new HashMap<>();
    outings.all().forEach(k -> byId.put(k.id().toString(), k));
    return lines(asked()).stream()
        .map(
            l -> {
              OutingStore.Kept k = byId.get(l.outing());
              return new Lacks(
                  k.id(),
                  k.outing().name(),
                  k.outing().day(),
                  l.flies(),
                  l.wanted(),
                  l.there(),
                  l.lacking());
            })
        .toList();
  }

  private List<Asked> asked() {
    List<History.Fished> history = outings.fished();
    Whereabouts now = boxes.whereabouts();
    LocalDate today = LocalDate.now();
    List<Asked> all = new ArrayList<>();
    for (OutingStore.Kept k : outings.all()) {
      if (!k.entry().isOver(today)) {
        all.addAll(asked(k, history, now));
      }
    }
    return all;
  }

  private List<Asked> asked(OutingStore.Kept k, List<History.Fished> history, Whereabouts now) {
    List<String> along = outings.along(k.outing());
    Wear wear = History.wear(history, k.outing().water());
    return k.outing().wanted().stream()
        .map(
            w -> {
              RunningOut out = RunningOut.of(day(k, w, wear));
              int reckoned = out.isBeyond(BEARABLE) ? 0 : out.flies(BEARABLE);
              int count = w.count() > 0 ? w.count() : reckoned;
              return new Asked(k, w, out, count, now.inBoxes(w.flies(), along));
            })
        .toList();
  }

  /**
   * The day as its flies see it: where nobody competes they are dressed again, which takes some of
   * the hours; where somebody does, a fly that has soaked is put away.
   */
  private static RunningOut.Day day(OutingStore.Kept k, Outing.Wanted w, Wear wear) {
    Outing o = k.outing();
    Optional<OutingEntry.Life> life = life(k.entry(), w.flies());
    double hours = o.hours() * w.share();
    OptionalDouble soaks = OptionalDouble.empty();
    if (o.competition()) {
      soaks =
          OptionalDouble.of(
              life.map(OutingEntry.Life::dressAgainMinutes)
                  .map(m -> Math.max(1, m))
                  .orElse(TWO_HOURS));
    } else {
      hours *= 1 - life.map(OutingEntry.Life::lostShare).orElse(0.0);
    }
    int fish = life.map(OutingEntry.Life::fish).orElse(FloatOverTime.MOST_FISH);
    return new RunningOut.Day(hours, o.people(), o.fishPerHour(), wear, soaks, Math.max(1, fish));
  }

  private static Optional<OutingEntry.Life> life(OutingEntry entry, Flies flies) {
    return entry.lives().stream().filter(l -> l.flies().equals(flies)).findFirst();
  }

  private List<Lacking.Line> lines(List<Asked> asked) {
    Whereabouts now = boxes.whereabouts();
    List<String> all = boxes.boxes().stream().map(b -> b.id().toString()).toList();
    return Lacking.of(
        asked.stream()
            .map(
                a ->
                    new Lacking.Ask(
                        a.outing().id().toString(),
                        a.wanted().flies(),
                        a.count(),
                        a.out().expected(),
                        a.inItsBoxes()))
            .toList(),
        flies -> now.inBoxes(flies, all));
  }

  @Override
  public Class<OutingStore.Kept> type() {
    return OutingStore.Kept.class;
  }

  /** One outing whole. */
  @Override
  public OutingViews.OutingView of(OutingStore.Kept k) {
    List<History.Fished> history = outings.fished();
    boolean over = k.entry().isOver(LocalDate.now());
    List<Asked> asked = over ? asked(k, history, boxes.whereabouts()) : asked();
    List<Lacking.Line> lines = lines(asked);
    List<OutingViews.NeedView> needs = new ArrayList<>();
    for (int i = 0; i < asked.size(); i++) {
      if (asked.get(i).outing().id().equals(k.id())) {
        needs.add(need(asked.get(i), lines.get(i)));
      }
    }
    long own = history.stream().filter(f -> f.water() == k.outing().water()).count();
    return new OutingViews.OutingView(
        k.id(),
        k.revision(),
        k.outing(),
        over,
        needs,
        k.outing().naturals().stream().map(this::fits).toList(),
        k.entry().report(),
        (int) own,
        History.wear(history, k.outing().water()).hours(),
        k.outing().wanted().stream().anyMatch(w -> life(k.entry(), w.flies()).isEmpty()));
  }

  private OutingViews.NeedView need(Asked a, Lacking.Line line) {
    int enough = a.out().flies(BEARABLE);
    List<OutingViews.ChanceView> chances = new ArrayList<>();
    int from = Math.max(a.outing().outing().people(), a.count() - CHANCES_ABOUT);
    for (int n = from; n <= from + 2 * CHANCES_ABOUT; n++) {
      chances.add(new OutingViews.ChanceView(n, a.out().chance(n)));
    }
    Hook hook = hook(a.wanted().flies());
    HookStrength strength = HookStrength.of(hook);
    double heaviest = a.outing().outing().heaviestG();
    return new OutingViews.NeedView(
        a.wanted().flies(),
        a.wanted().share(),
        a.outing().outing().hoursOf(a.wanted()),
        a.wanted().count(),
        a.out().isBeyond(BEARABLE),
        line.there(),
        enough,
        a.count(),
        line.lacking(),
        a.out().expected(),
        chances,
        a.out().chance(line.there()),
        life(a.outing().entry(), a.wanted().flies()).orElse(null),
        strength.opensN(),
        strength.lowN(),
        strength.highN(),
        HookStrength.pullN(heaviest),
        strength.enough(heaviest));
  }

  /** The hook of a pattern that may be gone by now: then a standard one of its number. */
  private Hook hook(Flies flies) {
    return Hook.of(
        variants.isThere(flies)
            ? variants.of(flies).pattern().hook()
            : new HookSpec(flies.size(), HookSpec.Shape.STRAIGHT, 0, 0));
  }

  private OutingViews.NaturalView fits(Outing.Expected natural) {
    List<Natural.Match> hooks = natural.natural().hooks();
    int same = hooks.get(0).hook().size();
    Integer smaller = hooks.size() > 1 ? hooks.get(1).hook().size() : null;
    List<BookSearch.Row> rows = new ArrayList<>();
    for (String style : Imitates.styles(natural.order(), natural.stage())) {
      BookSearch.Wanted wanted =
          new BookSearch.Wanted(
              "", List.of(), List.of(), 0, Optional.empty(), "", style, Optional.empty(), false);
      rows.addAll(book.find(wanted, BookSearch.Sort.NAME, 0, 20).rows());
    }
    rows.sort(Comparator.comparingInt(r -> Math.abs(r.hookSize() - same)));
    return new OutingViews.NaturalView(
        natural, same, smaller, rows.stream().limit(MOST_FITS).map(this::fit).toList());
  }

  private OutingViews.FitView fit(BookSearch.Row row) {
    List<String> colourings =
        preparation.read(patterns.get(row.id()).document()).pattern().making().colourings().stream()
            .map(Making.Colouring::name)
            .toList();
    return new OutingViews.FitView(row.id(), row.name(), row.hookSize(), colourings);
  }

  /** Works out how long each of its flies floats, and keeps that with the outing. */
  void live(UUID id, Work work) {
    Outing outing = outings.get(id).outing();
    List<OutingEntry.Life> lives = new ArrayList<>();
    int all = outing.wanted().size();
    for (Outing.Wanted w : outing.wanted()) {
      work.throwIfCancelled();
      if (!variants.isThere(w.flies())) {
        continue; // its pattern is gone
      }
      lives.add(life(outing, w.flies(), Work.until(work::cancelled)));
      work.progress(lives.size(), all);
    }
    outings.change(id, e -> e.outing().equals(outing) ? e.living(lives) : e);
  }

  private OutingEntry.Life life(Outing outing, Flies flies, Work work) {
    PreparedFly fly = preparation.prepared(variants.of(flies));
    FloatOverTime time =
        FloatOverTime.of(
            FloatOverTime.floats(fly, work), Rates.usual(outing.water(), fly.conditions()), SEED);
    return new OutingEntry.Life(
        flies,
        time.dressAgainMinutes().isPresent() ? time.dressAgainMinutes().getAsDouble() : null,
        time.fish(),
        Math.min(0.9, time.lostMinutes() / TWO_HOURS));
  }
}
