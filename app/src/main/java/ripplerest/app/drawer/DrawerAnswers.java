package ripplerest.app.drawer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.Preparation;
import ripplerest.app.patterns.BookSearch;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.patterns.Variants;
import ripplerest.app.work.InteractivePriority;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Kept;
import ripplerest.core.drawer.Need;
import ripplerest.core.drawer.Needs;
import ripplerest.core.drawer.Pairing;
import ripplerest.core.drawer.Pick;
import ripplerest.core.drawer.Picking;
import ripplerest.core.drawer.Shopping;
import ripplerest.core.drawer.Taking;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.estimate.Differences;
import ripplerest.core.estimate.Estimate;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Sentence;
import ripplerest.exchange.format.PatternFile;

/** What the drawer says to a fly: what to pick, what can be tied, what to buy. */
@Service
class DrawerAnswers {
  /** Things that are offered for one part; of a few it is told what they do. */
  private static final int MOST_OFFERED = 12;

  private static final int MOST_TOLD = 3;

  /** Dressings that are looked at with their amounts. */
  private static final int MOST_TIED = 100;

  private final DrawerStore store;
  private final Preparation preparation;
  private final MaterialStore materials;
  private final PatternStore patterns;
  private final Variants variants;
  private final BookSearch book;
  private final InteractivePriority way;

  DrawerAnswers(
      DrawerStore store,
      Preparation preparation,
      MaterialStore materials,
      PatternStore patterns,
      Variants variants,
      BookSearch book,
      InteractivePriority way) {
    this.store = store;
    this.preparation = preparation;
    this.materials = materials;
    this.patterns = patterns;
    this.variants = variants;
    this.book = book;
    this.way = way;
  }

  /**
   * Something that can be taken for a part.
   *
   * @param made how the part is made of it
   * @param does what the fly does otherwise with it; empty where it is as planned or not asked
   */
  record Offer(DrawerItem item, Pick pick, Made made, Optional<Sentence> does) {}

  /** What is otherwise than planned in a part made of a thing: barbs, mm, and turns. */
  record Made(OptionalDouble barbMm, OptionalDouble turns) {}

  /** What a part needs, and what there is for it, nearest first. */
  record Offers(Need need, List<Offer> offers) {}

  /**
   * Two things that match each other.
   *
   * @param wound whether their barbs matter
   * @param barbMm how long barbs of both are, mm; empty where they are not measured
   */
  record Match(DrawerItem first, DrawerItem second, boolean wound, OptionalDouble barbMm) {}

  /** What there is for a part, and, where it takes two feathers or more, which match. */
  record Picks(List<Offers> needs, List<Match> matches) {}

  /** For each need of a part: a mixed hackle has one a feather. */
  Picks picks(PatternFile file, String part) {
    PreparedFly fly = preparation.prepared(file);
    int index = fly.pattern().names().indexOf(part);
    List<Need> needs = needs(fly).stream().filter(n -> n.part().equals(part)).toList();
    if (needs.isEmpty()) {
      throw new OutOfRangeException(
          "part", "\"" + part + "\"", "a part that takes something of its own", "Choose another.");
    }
    List<DrawerItem> drawer = store.all();
    List<Item> items = drawer.stream().map(DrawerItem::item).toList();
    List<Offers> offers =
        needs.stream()
            .map(need -> new Offers(need, offers(fly, index, need, drawer, items)))
            .toList();
    List<Match> matches =
        pairs(needs, items)
            .map(
                p ->
                    new Match(
                        drawer.get(p.first()),
                        drawer.get(p.second()),
                        needs.get(0).barbMm().isPresent(),
                        p.barbMm()))
            .toList();
    return new Picks(offers, matches);
  }

  /** Of a mixed hackle what goes with the first feather; of two wings a pair. */
  private static Stream<Pairing.Pair> pairs(List<Need> needs, List<Item> items) {
    Need first = needs.get(0);
    if (needs.size() == 1) {
      boolean pair = first.by() == Kept.By.FEATHERS && first.amount() == 2;
      return pair ? Pairing.of(first, items).stream().limit(MOST_TOLD) : Stream.of();
    }
    return needs.stream()
        .skip(1)
        .flatMap(n -> Pairing.of(first, n, items).stream().limit(MOST_TOLD));
  }

  private List<Offer> offers(
      PreparedFly fly, int part, Need need, List<DrawerItem> drawer, List<Item> items) {
    List<Offer> offers = new ArrayList<>();
    Optional<Estimate> asPlanned = Optional.empty();
    int told = 0;
    for (Pick pick : Picking.of(need, items).stream().limit(MOST_OFFERED).toList()) {
      DrawerItem item = drawer.get(pick.place());
      Optional<Sentence> does = Optional.empty();
      Made made = made(need, item.item());
      Optional<Part> other = part < 0 ? Optional.empty() : with(fly, part, need, item.item(), made);
      if (other.isPresent() && told++ < MOST_TOLD) {
        Estimate before = asPlanned.orElseGet(() -> pose(fly));
        asPlanned = Optional.of(before);
        Estimate after = pose(fly.with(fly.pattern().withPart(part, other.get())));
        does =
            Optional.of(
                Differences.of(Differences.Figures.of(before), Differences.Figures.of(after))
                    .words());
      }
      offers.add(new Offer(item, pick, made, does));
    }
    return offers;
  }

  private Estimate pose(PreparedFly fly) {
    return way.first(() -> Estimator.estimate(fly, Options.poseOnly()));
  }

  /** The part made of this thing; empty where that is no other part. */
  private static Optional<Part> with(PreparedFly fly, int index, Need need, Item item, Made made) {
    Part planned = fly.pattern().parts().get(index);
    if (!planned.material().equals(need.material())) {
      return Optional.empty(); // a further feather of a mixed hackle
    }
    Part part = planned;
    if (!part.material().equals(item.kind())) {
      part = part.withMaterial(item.kind());
    }
    if (PartKind.of(part).has("barb") && made.barbMm().isPresent()) {
      part = part.with("barb", new Length.Pinned(made.barbMm().getAsDouble()));
    }
    if (made.turns().isPresent()) {
      part = part.with("turns", made.turns().getAsDouble());
    }
    return part.equals(planned) ? Optional.empty() : Optional.of(part);
  }

  /** The nearest barbs where none fit, and as many turns as a feather gives. */
  private static Made made(Need need, Item item) {
    OptionalDouble barb = OptionalDouble.empty();
    if (item.barbs().isPresent() && need.barbMm().isPresent()) {
      double wanted = need.barbMm().getAsDouble();
      double nearest = item.barbs().get().nearest(wanted);
      if (Math.abs(nearest / wanted - 1) > Picking.BARBS_FIT) {
        barb = OptionalDouble.of(nearest);
      }
    }
    OptionalDouble turns = OptionalDouble.empty();
    if (need.winding().isPresent() && item.lengthMm().isPresent()) {
      double given = need.winding().get().turnsOf(item.lengthMm().getAsDouble());
      if (given < need.winding().get().turns() && given >= 1) {
        turns = OptionalDouble.of(given);
      }
    }
    return new Made(barb, turns);
  }

  private static List<Need> needs(PreparedFly fly) {
    return Needs.of(fly.sized(), fly.materials());
  }

  /** A dressing of the book, what the drawer lacks for it, and how many can be tied. */
  record Tieable(
      UUID id, String name, String style, int hookSize, List<Taking.Line> lacking, int flies) {}

  /**
   * What can be tied with what is there, those that lack least first.
   *
   * @param looked how many dressings were looked at with their amounts
   * @param more how many more there are of the right materials
   */
  record TieableNow(List<Tieable> flies, int looked, long more) {}

  /** Dressings for which no more than {@code missing} things are lacking. */
  TieableNow tieable(int missing) {
    List<Item> drawer = store.all().stream().map(DrawerItem::item).toList();
    List<String> kinds =
        drawer.stream().filter(i -> i.amount() > 0).map(Item::kind).distinct().toList();
    if (kinds.isEmpty()) {
      return new TieableNow(List.of(), 0, 0);
    }
    BookSearch.Wanted wanted =
        new BookSearch.Wanted(
            "", List.of(), kinds, missing, Optional.empty(), "", "", Optional.empty(), false);
    BookSearch.Page found = book.find(wanted, BookSearch.Sort.NAME, 0, MOST_TIED);
    List<Tieable> all = new ArrayList<>();
    for (BookSearch.Row row : found.rows()) {
      List<Need> needs = needs(prepared(row.id()));
      List<Taking.Line> lacking =
          Taking.of(needs, drawer).lines().stream().filter(l -> l.lacking() > 0).toList();
      if (lacking.size() <= missing) {
        int flies = lacking.isEmpty() ? flies(needs, drawer) : 0;
        all.add(new Tieable(row.id(), row.name(), row.style(), row.hookSize(), lacking, flies));
      }
    }
    all.sort(
        Comparator.comparingInt((Tieable t) -> t.lacking().size()).thenComparing(Tieable::name));
    int looked = found.rows().size();
    return new TieableNow(all, looked, found.total() - looked);
  }

  private PreparedFly prepared(Planned p) {
    return preparation.prepared(variants.of(p.pattern(), p.size(), p.colouring()));
  }

  private PreparedFly prepared(UUID pattern) {
    return preparation.prepared(preparation.read(patterns.get(pattern).document()));
  }

  static final int MOST_FLIES = 99;

  /** How many of a fly the drawer is good for. */
  private static int flies(List<Need> needs, List<Item> drawer) {
    int low = 1;
    int high = MOST_FLIES + 1;
    while (high - low > 1) {
      int flies = (low + high) / 2;
      boolean enough =
          Shopping.lacking(List.of(new Shopping.Planned(needs, flies)), drawer).isEmpty();
      low = enough ? flies : low;
      high = enough ? high : flies;
    }
    return low;
  }

  /**
   * A fly to be tied so many times.
   *
   * @param size of the hook; 0 for the pattern's own
   * @param colouring by name; empty for the pattern's own colours
   */
  record Planned(UUID pattern, int size, String colouring, int flies) {}

  /** What to buy for these, and what is low. */
  List<Shopping.Line> shopping(List<Planned> plan) {
    List<Item> drawer = store.all().stream().map(DrawerItem::item).toList();
    List<Shopping.Planned> needs =
        plan.stream().map(p -> new Shopping.Planned(needs(prepared(p)), p.flies())).toList();
    return Shopping.of(needs, drawer, materials.materials());
  }
}
