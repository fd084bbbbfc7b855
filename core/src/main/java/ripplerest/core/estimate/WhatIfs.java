package ripplerest.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import ripplerest.core.assembly.Mesh;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.PartKind;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Materials;
import ripplerest.core.material.Wear;
import ripplerest.core.rest.Attitude;
import ripplerest.core.rest.Landing;
import ripplerest.core.rest.Rest;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.water.Conditions;

/**
 * What a tier asks of a fly before trusting it: the same fly with one thing otherwise, each
 * estimated anew.
 *
 * @param now the fly as it is
 * @param soaked with each part in turn wet through, the one that costs most first
 * @param heavier on a hook one wire heavier; empty if there is none
 * @param lean why it leans as it does; empty if it sinks
 */
public record WhatIfs(
    Sits now, List<WhatIf> soaked, Optional<WhatIf> heavier, Optional<Lean> lean) {
  /** A loss of film reserve smaller than this share is not worth naming. */
  private static final double WORTH_NAMING = 0.1;

  public WhatIfs {
    soaked = List.copyOf(soaked);
  }

  /**
   * One thing otherwise.
   *
   * @param part what was changed
   * @param then how it sits so
   */
  public record WhatIf(String part, Sits then) {}

  /** The part whose soaking costs most, if any costs enough to be named. */
  public Optional<WhatIf> weakest() {
    return soaked.stream()
        .findFirst()
        .filter(w -> w.then().bearsMg(now) < (1 - WORTH_NAMING) * now.bearsMg(now));
  }

  /** Asks all of it. */
  public static WhatIfs of(
      SizedPattern sized, Materials materials, Conditions conditions, Work work) {
    return new Asking(materials, conditions, work).of(sized);
  }

  /** One fly's questions under way. */
  private static final class Asking {
    private static final String SOAKED = "/soaked";

    private final Materials materials;
    private final Conditions conditions;
    private final Work work;
    private int done;
    private int all;

    Asking(Materials materials, Conditions conditions, Work work) {
      this.materials = materials;
      this.conditions = conditions;
      this.work = work;
    }

    WhatIfs of(SizedPattern sized) {
      List<String> names = sized.pattern().names();
      all = names.size() + 3;
      Trial trial = new Trial(sized, materials, conditions, Mesh.WORKING);
      Landing upright = trial.land(Attitude.UPRIGHT);
      Optional<Rest> rest = upright.rest();
      Sits now = sits(trial, upright);
      ToDoubleFunction<WhatIf> holds = w -> rest.map(r -> r.holds(w.part())).orElse(0.0);
      List<WhatIf> soaked = new ArrayList<>();
      for (int i = 0; i < names.size(); i++) {
        if (soaks(sized.pattern().parts().get(i))) {
          soaked.add(new WhatIf(names.get(i), soaked(sized, i)));
        } else {
          tell();
        }
      }
      soaked.sort(
          Comparator.<WhatIf>comparingDouble(w -> w.then().bearsMg(now))
              .thenComparingDouble(w -> w.then().sinksAt())
              .thenComparing(Comparator.comparingDouble(holds).reversed()));
      Optional<WhatIf> heavier = heavier(sized);
      Optional<Lean> lean = rest.map(r -> Lean.of(sized, r, materials, conditions));
      tell();
      return new WhatIfs(now, soaked, heavier, lean);
    }

    /** Wire and beads take up no water. */
    private static boolean soaks(Part part) {
      Form form = PartKind.of(part).form();
      return form != Form.STRAND && form != Form.SOLID;
    }

    /** Only this part wet through, others of the same material stay as they are. */
    private Sits soaked(SizedPattern sized, int index) {
      Part part = sized.pattern().parts().get(index);
      Material wet = materials.get(part.material()).worn(Wear.SOAKED);
      String name = wet.id() + SOAKED;
      return sits(sized.withPart(index, part.withMaterial(name)), materials.with(wet.named(name)));
    }

    private Optional<WhatIf> heavier(SizedPattern sized) {
      Pattern pattern = sized.pattern();
      int steps = pattern.hook().wireSteps() + 1;
      if (steps > HookSpec.HEAVIEST) {
        return Optional.empty();
      }
      Pattern heavier = pattern.withHook(pattern.hook().withWire(steps));
      return Optional.of(
          new WhatIf("hook", sits(Sizer.like(sized, materials).size(heavier), materials)));
    }

    private Sits sits(SizedPattern sized, Materials table) {
      Trial trial = new Trial(sized, table, conditions, Mesh.WORKING);
      return sits(trial, trial.land(Attitude.UPRIGHT));
    }

    private Sits sits(Trial trial, Landing landing) {
      work.goOn();
      Sits sits = Sits.of(trial, landing);
      tell();
      return sits;
    }

    private void tell() {
      done++;
      work.done(done, all);
    }
  }
}
