package ripplerest.core.quantity;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;

/**
 * Words for people in which lengths stand as quantities, so that they can be shown in another unit.
 *
 * @param text with {@link #PLACE} where each quantity goes
 * @param quantities in the order of their places
 */
public record Sentence(String text, List<Quantity> quantities) {
  /** Unicode's object replacement character: something stands here that is no text. */
  public static final char PLACE = '\uFFFC';

  public static final Sentence EMPTY = new Sentence("", List.of());

  public Sentence {
    quantities = List.copyOf(quantities);
  }

  /** Words without a length. */
  public static Sentence of(String words) {
    return new Sentence(words, List.of());
  }

  /** What a person wrote, in which no quantity can stand. */
  public static Sentence written(String words) {
    return of(words.replace(PLACE, ' '));
  }

  /**
   * Fills a form as {@link String#format} does.
   *
   * @param values a {@link Quantity} or another sentence for {@code %s}, or anything else
   */
  public static Sentence of(String form, Object... values) {
    List<Quantity> quantities = new ArrayList<>();
    Object[] plain = new Object[values.length];
    for (int i = 0; i < values.length; i++) {
      plain[i] = values[i];
      if (values[i] instanceof Quantity q) {
        quantities.add(q);
        plain[i] = String.valueOf(PLACE);
      } else if (values[i] instanceof Sentence s) {
        quantities.addAll(s.quantities);
        plain[i] = s.text;
      }
    }
    return new Sentence(String.format(Locale.ROOT, form, plain), quantities);
  }

  /** One after the other with {@code between} in between. */
  public static Sentence join(String between, List<Sentence> all) {
    List<Quantity> quantities = new ArrayList<>();
    List<String> texts = new ArrayList<>();
    for (Sentence s : all) {
      texts.add(s.text);
      quantities.addAll(s.quantities);
    }
    return new Sentence(String.join(between, texts), quantities);
  }

  /** This and then more, with nothing in between. */
  public Sentence then(Sentence more) {
    return join("", List.of(this, more));
  }

  public Sentence then(String more) {
    return new Sentence(text + more, quantities);
  }

  /** Whether there is nothing to say. */
  public boolean saysNothing() {
    return text.isEmpty();
  }

  /** In plain words, lengths as they were written. */
  @Override
  public String toString() {
    Iterator<Quantity> next = quantities.iterator();
    StringBuilder words = new StringBuilder();
    for (char c : text.toCharArray()) {
      words.append(c == PLACE && next.hasNext() ? next.next().toString() : String.valueOf(c));
    }
    return words.toString();
  }
}
