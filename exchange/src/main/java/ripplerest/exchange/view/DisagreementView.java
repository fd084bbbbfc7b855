package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Disagreement;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.School;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternNodes;

/** What practitioners do either way, with the fly's pattern document tied the other way. */
public record DisagreementView(String name, String asItIs, String otherwise, Object document) {

  /** All that can be asked of a fly. */
  public static List<DisagreementView> of(PatternFile file, School school, Materials materials) {
    return Disagreement.of(file.pattern(), school, materials).stream()
        .map(
            d ->
                new DisagreementView(
                    d.name(),
                    d.asItIs(),
                    d.otherwise(),
                    PatternNodes.write(
                        new PatternFile(
                            d.other().named(named(file.pattern().name(), d.otherwise())),
                            file.conditions()))))
        .toList();
  }

  private static String named(String name, String otherwise) {
    String whole = name + ", " + otherwise;
    return whole.length() <= 80 ? whole : whole.substring(0, 80);
  }
}
