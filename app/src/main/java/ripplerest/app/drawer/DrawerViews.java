package ripplerest.app.drawer;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.springframework.stereotype.Component;
import ripplerest.app.http.Shown;
import ripplerest.app.library.MaterialStore;
import ripplerest.core.drawer.BarbLengths;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Kept;
import ripplerest.core.drawer.Need;
import ripplerest.core.drawer.PhotoGauge;
import ripplerest.core.drawer.Picking;
import ripplerest.core.drawer.Search;
import ripplerest.core.drawer.Shopping;
import ripplerest.core.drawer.Taking;
import ripplerest.core.dressing.tie.Colour;
import ripplerest.core.dressing.tie.Shade;
import ripplerest.core.quantity.Quantity;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.quantity.Words;
import ripplerest.exchange.table.DrawerTable;

/** The drawer as it is sent, and as it is taken in. */
@Component
class DrawerViews implements Shown<DrawerItem> {
  private final MaterialStore materials;

  DrawerViews(MaterialStore materials) {
    this.materials = materials;
  }

  /**
   * What somebody says of a thing.
   *
   * @param ink its own colour, {@code #rrggbb}; empty: as its colour's name
   * @param useBy a day; empty where it keeps
   * @param pieces whether it is offcuts or prepared pieces
   * @param lengthMm of a feather or a piece; 0 where nobody measured it
   * @param hookSize 0 where it is no hook
   */
  record NewItem(
      String label,
      String kind,
      String colour,
      String marking,
      String second,
      String ink,
      String place,
      boolean pieces,
      double amount,
      double low,
      String useBy,
      List<Double> barbs,
      double lengthMm,
      int hookSize,
      String note) {
    Item item() {
      List<Double> measured = barbs == null ? List.of() : barbs;
      measured.forEach(mm -> Require.sent("barbs", mm));
      Optional<LocalDate> day = DrawerTable.day(useBy == null ? "" : useBy);
      return new Item(
          label,
          Require.sent("kind", kind),
          new Colour(said(colour), marking(said(marking)), said(second)),
          DrawerTable.ink(said(ink)),
          said(place),
          pieces,
          amount,
          low,
          day,
          measured.isEmpty() ? Optional.empty() : Optional.of(new BarbLengths(measured)),
          lengthMm == 0 ? OptionalDouble.empty() : OptionalDouble.of(lengthMm),
          hookSize == 0 ? OptionalInt.empty() : OptionalInt.of(hookSize),
          said(note));
    }

    private static Colour.Marking marking(String word) {
      return word.isEmpty() ? Colour.Marking.PLAIN : Colour.Marking.named(word);
    }

    private static String said(String words) {
      return words == null ? "" : words.strip();
    }
  }

  /**
   * A thing in the drawer.
   *
   * @param looks what it looks like, {@code #rrggbb}; empty where nobody said
   * @param left the amount in words
   * @param kept in what way it is counted: feathers, patch, spool, dubbing, pieces
   */
  record ItemView(
      UUID id,
      long revision,
      String label,
      String kind,
      String kindLabel,
      String kept,
      String unit,
      String colour,
      String marking,
      String second,
      String ink,
      String looks,
      String place,
      boolean pieces,
      double amount,
      String left,
      double low,
      boolean isLow,
      String useBy,
      boolean overdue,
      List<Double> barbs,
      List<LengthCount> feathers,
      double lengthMm,
      int hookSize,
      String note) {}

  /**
   * What was found.
   *
   * @param found how many, shown or not
   * @param all how many there are
   * @param low how many of all are low
   */
  record FoundView(List<ItemView> items, int found, int all, int low) {}

  FoundView find(List<DrawerItem> drawer, Search search, int most) {
    List<Item> items = drawer.stream().map(DrawerItem::item).toList();
    List<String> labels = items.stream().map(i -> label(i.kind())).toList();
    List<Integer> found = search.in(items, labels);
    return new FoundView(
        found.stream().limit(most).map(i -> of(drawer.get(i))).toList(),
        found.size(),
        items.size(),
        (int) items.stream().filter(Item::isLow).count());
  }

  private String label(String kind) {
    return materials.materials().get(kind).label();
  }

  /** How many feathers have barbs from one whole millimetre to the next, about. */
  record LengthCount(int fromMm, double feathers, double spread) {}

  /**
   * Something for a part.
   *
   * @param barbMm how long barbs become with it; 0: as planned
   * @param turns how many it gives; 0: as planned
   */
  record OfferView(
      ItemView item,
      boolean fits,
      double colourOff,
      List<Sentence> against,
      double barbMm,
      double turns,
      Sentence does) {}

  /** What a part needs, in words, and what there is for it. */
  record OffersView(Sentence wants, List<OfferView> offers) {}

  /** Two things that match each other, in words. */
  record PairView(String first, String second, Sentence words) {}

  /** What there is for a part. */
  record PicksView(List<OffersView> needs, List<PairView> matches) {}

  PicksView of(DrawerAnswers.Picks picks) {
    return new PicksView(
        picks.needs().stream().map(this::of).toList(),
        picks.matches().stream().map(DrawerViews::of).toList());
  }

  private static PairView of(DrawerAnswers.Match match) {
    Sentence words =
        match.barbMm().isPresent()
            ? Sentence.of("both have barbs of %s", Quantity.mm(match.barbMm().getAsDouble(), 1))
            : Sentence.of(match.wound() ? "the barbs of one are not measured" : "they look alike");
    return new PairView(match.first().item().label(), match.second().item().label(), words);
  }

  /** A mark on a picture, px. */
  record Spot(double x, double y) {
    private Vector2D at() {
      return new Vector2D(
          Require.inRange("x", x, 0, MOST_PX, "px"), Require.inRange("y", y, 0, MOST_PX, "px"));
    }
  }

  /** From one mark to another. */
  record Stretch(Spot from, Spot to) {
    private PhotoGauge.Line line() {
      return new PhotoGauge.Line(Require.sent("from", from).at(), Require.sent("to", to).at());
    }
  }

  /** What was marked on a photograph of feathers. */
  record Marked(double knownMm, Stretch known, List<Stretch> barbs) {}

  /** A length and one standard deviation of it. */
  record GaugedView(double mm, double error) {}

  private static final double MOST_PX = 50_000;

  List<GaugedView> measured(Marked marked) {
    List<Stretch> barbs = Require.sent("barbs", marked.barbs());
    Require.inRange("barbs", barbs.size(), 1, BarbLengths.MOST);
    return new PhotoGauge(marked.knownMm(), Require.sent("known", marked.known()).line())
        .measure(barbs.stream().map(b -> Require.sent("barb", b).line()).toList()).stream()
            .map(m -> new GaugedView(Words.rounded(m.mm(), 1), Words.rounded(m.error(), 2)))
            .toList();
  }

  /** A thing that is not there. */
  record LackingView(String part, String kindLabel, String colour, String amount) {}

  /**
   * A dressing that can be tied, and for how many there is enough; empty where something is
   * lacking.
   */
  record TieableView(
      UUID id,
      String name,
      String style,
      int hookSize,
      List<LackingView> lacking,
      String enoughFor) {}

  /** What can be tied. */
  record TieableNowView(List<TieableView> flies, int looked, long more) {}

  /** A line of the shopping list. */
  record BuyView(
      String kind,
      String kindLabel,
      String colour,
      int hookSize,
      String lacking,
      String buy,
      String why) {}

  @Override
  public Class<DrawerItem> type() {
    return DrawerItem.class;
  }

  @Override
  public ItemView of(DrawerItem stored) {
    Item i = stored.item();
    Kept.By by = i.by(materials.materials());
    return new ItemView(
        stored.id(),
        stored.revision(),
        i.label(),
        i.kind(),
        label(i.kind()),
        Words.id(by),
        by.unit(),
        i.colour().name(),
        Words.id(i.colour().marking()),
        i.colour().second(),
        hex(i.ink()),
        hex(i.looks()),
        i.place(),
        i.pieces(),
        Words.rounded(i.amount(), by.decimals()),
        Picking.words(i.amount(), by),
        i.low(),
        i.isLow(),
        i.useBy().map(LocalDate::toString).orElse(""),
        i.useBy().filter(day -> day.isBefore(LocalDate.now())).isPresent(),
        i.barbs().map(BarbLengths::measured).orElse(List.of()),
        i.barbs().map(b -> lengths(b, i.amount())).orElse(List.of()),
        i.lengthMm().orElse(0),
        i.hookSize().orElse(0),
        i.note());
  }

  private static List<LengthCount> lengths(BarbLengths barbs, double feathers) {
    int from = (int) Math.floor(barbs.measured().get(0)) - 1;
    int to = (int) Math.ceil(barbs.measured().get(barbs.measured().size() - 1)) + 1;
    return java.util.stream.IntStream.range(Math.max(0, from), to)
        .mapToObj(
            mm -> {
              BarbLengths.Count count = barbs.between(mm, mm + 1, feathers);
              return new LengthCount(
                  mm, Words.rounded(count.feathers(), 1), Words.rounded(count.spread(), 1));
            })
        .filter(c -> c.feathers() > 0)
        .toList();
  }

  private static String hex(OptionalInt ink) {
    return ink.isPresent() ? Shade.hex(ink.getAsInt()) : "";
  }

  OffersView of(DrawerAnswers.Offers offers) {
    return new OffersView(
        wants(offers.need()),
        offers.offers().stream()
            .map(
                o ->
                    new OfferView(
                        of(o.item()),
                        o.pick().fits(),
                        Words.rounded(o.pick().colourOff().orElse(0), 0),
                        o.pick().against(),
                        o.made().barbMm().orElse(0),
                        o.made().turns().orElse(0),
                        o.does().orElse(Sentence.EMPTY)))
            .toList());
  }

  private static Sentence wants(Need need) {
    Sentence amount = Sentence.of(Picking.words(need.amount(), need.by()));
    String colour = need.colour().name();
    Sentence coloured = colour.isEmpty() ? amount : amount.then(", " + colour);
    return need.barbMm().isPresent()
        ? coloured.then(Sentence.of(", barbs of %s", Quantity.mm(need.barbMm().getAsDouble(), 1)))
        : coloured;
  }

  TieableNowView of(DrawerAnswers.TieableNow now) {
    return new TieableNowView(
        now.flies().stream()
            .map(
                t ->
                    new TieableView(
                        t.id(),
                        t.name(),
                        t.style(),
                        t.hookSize(),
                        t.lacking().stream().map(this::lacking).toList(),
                        enough(t)))
            .toList(),
        now.looked(),
        now.more());
  }

  private static String enough(DrawerAnswers.Tieable tieable) {
    boolean many = tieable.flies() >= DrawerAnswers.MOST_FLIES;
    String flies = many ? DrawerAnswers.MOST_FLIES + " or more" : "" + tieable.flies();
    return tieable.lacking().isEmpty() ? flies : "";
  }

  private LackingView lacking(Taking.Line line) {
    return new LackingView(
        line.need().part(),
        label(line.need().material()),
        line.need().colour().name(),
        Picking.words(line.lacking(), line.need().by()));
  }

  BuyView of(Shopping.Line line) {
    return new BuyView(
        line.material(),
        label(line.material()),
        line.colour().name(),
        line.hookSize().orElse(0),
        line.amount() == 0 ? "" : Picking.words(line.amount(), line.by()),
        "%d × %.0f %s".formatted(line.packs(), line.pack(), line.by().unit()),
        line.why());
  }
}
