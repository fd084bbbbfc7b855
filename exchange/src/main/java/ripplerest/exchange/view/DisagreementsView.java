package ripplerest.exchange.view;

import java.util.List;
import ripplerest.core.advice.Disagreement;
import ripplerest.core.water.Conditions;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternNodes;

/** What practitioners do either way with a fly. */
public record DisagreementsView(List<DisagreementView> ways) {

  /** One question, and the fly's pattern document tied the other way. */
  public record DisagreementView(String name, String asItIs, String otherwise, Object document) {}

  static DisagreementsView of(List<Disagreement> ways, Conditions conditions) {
    return new DisagreementsView(
        ways.stream()
            .map(
                d ->
                    new DisagreementView(
                        d.name(),
                        d.asItIs(),
                        d.otherwise(),
                        PatternNodes.write(
                            new PatternFile(
                                d.other().named(named(d.other().name(), d.otherwise())),
                                conditions))))
            .toList());
  }

  private static String named(String name, String otherwise) {
    String whole = name + ", " + otherwise;
    return whole.length() <= 80 ? whole : whole.substring(0, 80);
  }
}
