package ripplerest.app.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import org.springframework.stereotype.Component;
import ripplerest.app.box.BoxStore;
import ripplerest.app.box.FlyBox;
import ripplerest.app.evening.EveningPlan.FreeEvening;
import ripplerest.app.evening.EveningPlan.Want;
import ripplerest.app.evening.Planning;
import ripplerest.app.outings.OutingEntry;
import ripplerest.app.outings.OutingStore;
import ripplerest.app.patterns.PatternEntity;
import ripplerest.core.box.Flies;
import ripplerest.core.box.Move;
import ripplerest.core.box.Outing;
import ripplerest.core.box.Place;
import ripplerest.core.drift.Stretch;
import ripplerest.core.estimate.Work;
import ripplerest.core.hook.Natural;

/**
 * The hut's boxes, an outing that is over, two that are to come, and two evenings before them; all
 * invented, and dated from the day on which the demo is loaded.
 */
@Component
class DemoOutings {
  private static final LocalTime AFTERNOON = LocalTime.of(15, 0);
  private static final LocalTime AFTER_SUPPER = LocalTime.of(19, 30);

  private final BoxStore boxes;
  private final OutingStore outings;
  private final Planning planning;

  DemoOutings(BoxStore boxes, OutingStore outings, Planning planning) {
    this.boxes = boxes;
    this.outings = outings;
    this.planning = planning;
  }

  /** The boxes have to be there before the log fills the first of them. */
  void boxes() {
    boxes.add("The hut's box", "On the shelf over the bench; what is tied comes in here.");
    boxes.add("Vest", "Two rows, for one day.");
  }

  void load(List<PatternEntity> patterns, LocalDate today) {
    List<FlyBox> all = boxes.boxes();
    Place hut = new Place.In(all.get(0).id().toString());
    Place vest = new Place.In(all.get(1).id().toString());
    LocalDate before = today.minusDays(9);
    Flies dun = flies(patterns, "Lantern Dun");
    Flies skate = flies(patterns, "Willow Skate");
    Flies sedge = flies(patterns, "Rush Sedge");
    Flies shuttle = flies(patterns, "Slate Shuttle");
    Flies drake = flies(patterns, "Small Drake");
    Flies quill = flies(patterns, "Ember Quill");
    LocalDate earlier = before.minusDays(3);
    boxes.move(
        List.of(
            new Move(dun, new Place.Vise(), hut, 6, earlier, ""),
            new Move(skate, new Place.Vise(), vest, 5, earlier, ""),
            new Move(sedge, new Place.Vise(), vest, 4, earlier, ""),
            new Move(dun, hut, vest, 4, earlier, ""),
            new Move(dun, hut, new Place.Lent("the Tuesday party"), 2, before, "")),
        null,
        "Counted when the boxes were begun.");
    outings.tell(
        outings.add(outing("The weir pool", before, Stretch.GLIDE, false, dun, sedge)).id(),
        List.of(
            new OutingEntry.Brought(dun, 2.5, 1, 0, 4, "Took them in the tail of the pool."),
            new OutingEntry.Brought(sedge, 1.5, 1, 1, 2, "Only after sunset.")));
    LocalDate saturday = today.plusDays(2).with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
    OutingStore.Kept weir =
        outings.add(outing("The weir pool again", saturday, Stretch.GLIDE, false, dun, skate));
    outings.add(
        outing("The hut's cup", saturday.plusDays(7), Stretch.RIFFLE, true, sedge, shuttle));
    planning.fill(
        List.of(
            new FreeEvening("first", today.plusDays(1), AFTER_SUPPER, 75),
            new FreeEvening("second", weir.outing().day().minusDays(1), AFTER_SUPPER, 90)),
        List.of(
            new Want("drakes", drake, 3, "", today, weir.outing().day().plusDays(7), 10),
            new Want("quills", quill, 3, "", today, weir.outing().day(), 10)),
        Work.unwatched());
  }

  private static Outing outing(
      String name, LocalDate day, Stretch water, boolean competition, Flies most, Flies some) {
    return new Outing(
        name,
        day,
        AFTERNOON,
        4,
        water,
        competition ? 2 : 1,
        competition,
        2,
        450,
        List.of(
            new Outing.Expected(
                Natural.Order.MAYFLY, Natural.Stage.ADULT, 7.5, "olive", "duns from four on"),
            new Outing.Expected(
                Natural.Order.SEDGE, Natural.Stage.ADULT, 9, "tan", "sedges at dusk")),
        List.of(new Outing.Wanted(most, 0.6, 0), new Outing.Wanted(some, 0.4, 0)),
        List.of(),
        "");
  }

  private static Flies flies(List<PatternEntity> patterns, String name) {
    PatternEntity p =
        patterns.stream().filter(e -> e.name().equals(name)).findFirst().orElseThrow();
    return new Flies(p.id().toString(), name, p.hookSize(), "");
  }
}
