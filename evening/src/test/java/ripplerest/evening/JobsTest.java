package ripplerest.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ripplerest.core.drawer.Item;
import ripplerest.core.drawer.Need;
import ripplerest.core.drawer.Needs;
import ripplerest.core.dressing.Finish;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.DefaultParts;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;
import ripplerest.core.tying.OwnTimes;

class JobsTest {
  private static final Materials MATERIALS = Materials.standard();
  private static final Sizer SIZER = new Sizer(MATERIALS);

  private static Pattern pattern(String style) {
    return Sizer.defaults(
        Style.named(style), new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0), "Test fly");
  }

  private static Job job(Pattern pattern, OwnTimes times) {
    SizedPattern sized = SIZER.size(pattern);
    return Jobs.of("a", sized, CardWriter.of(sized, MATERIALS), times, MATERIALS, Map.of());
  }

  @Test
  void aFlyTakesAsLongAsItsCardSays() {
    Pattern dun = pattern("upright-collar");
    SizedPattern sized = SIZER.size(dun);
    Card card = CardWriter.of(sized, MATERIALS);
    Job usual = job(dun, OwnTimes.none());
    assertThat((double) usual.tieSeconds()).isCloseTo(card.seconds(), within(1.0));
    assertThat(usual.finishSeconds()).isZero();
    OwnTimes slow = new OwnTimes(Map.of("collar-hackle", List.of(3.0, 3.0, 3.0)));
    assertThat(job(dun, slow).tieSeconds()).isGreaterThan(usual.tieSeconds());
    assertThat(usual.prepare().keySet()).anyMatch(p -> p.startsWith("sort hackles for size 14"));
  }

  @Test
  void aSecondCoatWaitsForTheFirst() {
    Pattern dun = pattern("upright-collar");
    Part head = DefaultParts.of(SIZER.size(dun).style(), PartKind.named("head"));
    List<Part> parts = new ArrayList<>(dun.parts());
    parts.add(head.with("finish", Finish.VARNISH).with("coats", 2));
    Job coated = job(dun.withParts(parts), OwnTimes.none());
    assertThat(coated.cureSeconds()).isEqualTo(Jobs.COAT_DRIES_SECONDS);
    assertThat(coated.finishSeconds()).isPositive();
  }

  @Test
  void fliesOfOneMaterialShareWhatThereIs() {
    List<Need> needs = Needs.of(SIZER.size(pattern("upright-collar")), MATERIALS);
    Supplies none = new Supplies(List.<Item>of());
    Map<String, Long> takes = none.takenBy(needs, MATERIALS);
    assertThat(takes).isNotEmpty();
    assertThat(none.stock()).containsOnlyKeys(takes.keySet());
    assertThat(none.stock().values()).as("there is nothing").containsOnly(0L);
  }
}
