package ripplerest.cli;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.estimate.Sensitivity;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.core.water.Conditions;

/** Says which measurement would help most, over six reference flies. */
@Command(
    name = "sensitivity",
    description = "Prints each prior's share of the variance of each output on six flies.",
    mixinStandardHelpOptions = true)
final class SensitivityCommand implements Callable<Integer> {
  private static final double WORTH_SAYING = 0.03;

  @Override
  public Integer call() {
    Materials materials = Materials.standard();
    for (String style : List.of("upright-collar", "parachute", "forward-plume")) {
      for (int size : new int[] {12, 16}) {
        HookSpec hook = new HookSpec(size, HookSpec.Shape.STRAIGHT, 0, 0);
        SizedPattern sized =
            new Sizer(materials).size(Sizer.defaults(Style.named(style), hook, "reference"));
        System.out.printf("%s, size %d%n", style, size);
        Sensitivity.of(PreparedFly.of(sized, materials, Conditions.DEFAULT))
            .forEach(SensitivityCommand::print);
      }
    }
    return 0;
  }

  private static void print(Sensitivity.Output output, List<Sensitivity.Influence> influences) {
    StringBuilder line = new StringBuilder();
    for (Sensitivity.Influence i : influences) {
      if (i.share() >= WORTH_SAYING) {
        line.append(
            String.format(
                Locale.ROOT, "; %s %.0f %% (%+.2f)", i.prior(), 100 * i.share(), i.change()));
      }
    }
    String name =
        Map.of(
                Sensitivity.Output.EYE, "eye, mm",
                Sensitivity.Output.PITCH, "pitch, °",
                Sensitivity.Output.HEIGHT, "height, mm",
                Sensitivity.Output.RESERVE, "reserve, ×",
                Sensitivity.Output.POP_BACK, "pop-back, mg")
            .get(output);
    System.out.printf("  %-12s %s%n", name, line.substring(Math.min(2, line.length())));
  }
}
