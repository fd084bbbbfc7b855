package ripplerest.app.door;

import java.util.List;
import java.util.stream.Stream;

/** The lists of who may ask for what, for tests elsewhere. */
public final class DoorAccess {
  private DoorAccess() {}

  public static boolean isListed(String endpoint) {
    return listed().contains(endpoint);
  }

  public static List<String> listed() {
    return Stream.of(Access.ANYBODY, Access.TABLET, Access.GUEST, Access.TIER, Access.WARDEN)
        .flatMap(String::lines)
        .toList();
  }

  public static boolean isForAnybody(String endpoint) {
    return Access.ANYBODY.lines().toList().contains(endpoint);
  }

  public static boolean isForTiers(String endpoint) {
    return Access.TIER.lines().toList().contains(endpoint);
  }

  public static boolean isForWardens(String endpoint) {
    return Access.WARDEN.lines().toList().contains(endpoint);
  }
}
