package ripplerest.core.steps;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ripplerest.core.dressing.Making;
import ripplerest.core.steps.OrderOfWork.Step;

/** Puts a tier's own steps among those that are worked out. */
final class OwnOrder {
  private OwnOrder() {}

  /**
   * The listed steps keep the order in which they are listed; the others keep theirs around them.
   */
  static List<Step> told(List<Step> derived, List<Making.OwnStep> own) {
    Map<String, Step> byKey = new LinkedHashMap<>();
    derived.forEach(s -> byKey.put(s.key(), s));
    List<Step> listed = new ArrayList<>();
    for (Making.OwnStep s : own) {
      if (s.act().startsWith(Making.OwnStep.OWN)) {
        listed.add(new Step(Optional.empty(), Optional.of(s)));
      } else if (byKey.containsKey(s.act())) {
        listed.add(byKey.get(s.act()));
      }
    }
    List<Step> order = new ArrayList<>();
    int next = 0;
    for (Step s : derived) {
      if (listed.contains(s)) {
        // the place of a listed step goes to the next that is listed, own steps in front of it
        while (next < listed.size() && listed.get(next).act().isEmpty()) {
          order.add(listed.get(next++));
        }
        order.add(listed.get(next++));
      } else {
        order.add(s);
      }
      while (next > 0 && next < listed.size() && listed.get(next).act().isEmpty()) {
        order.add(listed.get(next++));
      }
    }
    order.addAll(listed.subList(next, listed.size()));
    return order;
  }
}
