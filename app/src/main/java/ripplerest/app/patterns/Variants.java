package ripplerest.app.patterns;

import java.util.UUID;
import org.springframework.stereotype.Component;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.library.Preparation;
import ripplerest.core.box.Flies;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.sizing.SizeRules;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternWriter;

/** A stored pattern on another hook, in other colours: what is tied is one of these. */
@Component
public class Variants {
  private final PatternStore patterns;
  private final Preparation preparation;

  Variants(PatternStore patterns, Preparation preparation) {
    this.patterns = patterns;
    this.preparation = preparation;
  }

  /**
   * One of them.
   *
   * @param size of the hook; 0 for the pattern's own
   * @param colouring by name; empty for the pattern's own colours
   */
  public PatternFile of(UUID pattern, int size, String colouring) {
    PatternFile file = preparation.read(patterns.get(pattern).document());
    Pattern inColours = file.pattern().inColours(colouring);
    if (size != 0) {
      Require.inRange("size", size, 1, 32);
      inColours = SizeRules.onto(inColours, size);
    }
    return new PatternFile(inColours, file.conditions(), file.carried());
  }

  /** The variant that these flies are of. */
  public PatternFile of(Flies flies) {
    return of(id(flies), flies.size(), flies.colouring());
  }

  /** Whether these flies can still be tied: their pattern and colours are there and can be read. */
  public boolean isThere(Flies flies) {
    try {
      of(flies);
      return true;
    } catch (NotFoundException | InvalidDocumentException | OutOfRangeException gone) {
      return false;
    }
  }

  private static UUID id(Flies flies) {
    try {
      return UUID.fromString(flies.pattern());
    } catch (IllegalArgumentException e) {
      throw new OutOfRangeException(
          "pattern", "\"" + flies.pattern() + "\"", "a pattern's id", "Take it from the book.");
    }
  }

  /** The same as it is written. */
  public String document(UUID pattern, int size, String colouring) {
    return size == 0 && colouring.isEmpty()
        ? patterns.get(pattern).document()
        : PatternWriter.write(of(pattern, size, colouring));
  }
}
