package ripplerest.app.library;

import java.util.Map;

/** What patterns there are to materials and styles. */
public interface InUse {
  /** How many patterns are made of each material that any is made of. */
  Map<String, Long> materials();

  /** How many patterns follow a style. */
  long followers(String style);
}
