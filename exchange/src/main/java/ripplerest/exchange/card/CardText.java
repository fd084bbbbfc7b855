package ripplerest.exchange.card;

import java.util.Locale;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.tying.Card;

/** A card as plain text. */
public final class CardText {
  private CardText() {}

  /** The whole card; lines end with a line feed. */
  public static String of(Card card) {
    StringBuilder text = new StringBuilder();
    text.append(card.name()).append('\n').append("Hook: ").append(card.hook()).append('\n');
    named(text, "For", card.visitor());
    named(text, "Asked for", card.asked());
    named(text, "Notes", card.notes());
    text.append('\n');
    text.append("Before you start\n");
    card.preparation().forEach(p -> text.append("- ").append(p).append('\n'));
    card.warnings().forEach(w -> text.append("- Mind: ").append(w).append('\n'));
    text.append("\nThread: ").append(card.thread()).append('\n');
    int number = 1;
    for (Card.Step step : card.steps()) {
      text.append('\n').append(number++).append(". ").append(titled(step)).append('\n');
      line(text, "where", step.place());
      line(text, "take", Sentence.join("; ", step.take()));
      line(text, "do", step.how());
      line(text, "check", step.check());
      line(text, step.mistake().toString().replaceFirst("\\.$", "?"), step.remedy());
      line(text, "caution", Sentence.of(step.caution()));
      line(text, "either way", step.ways());
      line(text, "easier", Sentence.of(step.easier()));
      line(text, "note", Sentence.written(step.note()));
    }
    card.problems().forEach(p -> text.append("\nOrder: ").append(p.words()).append('\n'));
    text.append("\nLengths\n");
    for (Card.Bar bar : card.bars()) {
      text.append(String.format(Locale.ROOT, "- %s: %.1f mm%n", bar.name(), bar.mm()));
    }
    text.append("\nCare\n");
    card.cautions().forEach(c -> text.append("- ").append(c).append('\n'));
    text.append(
        String.format(
            Locale.ROOT, "%nAbout %.0f minutes (assumption).%n", Math.ceil(card.seconds() / 60)));
    return text.toString().replace("\r\n", "\n");
  }

  private static void named(StringBuilder text, String name, String words) {
    if (!words.isEmpty()) {
      text.append(labelled(name, words)).append('\n');
    }
  }

  /** A step's title with what it is done with. */
  static String titled(Card.Step step) {
    return step.title() + (step.material().isEmpty() ? "" : " (" + step.material() + ")");
  }

  /** What is said under a name; a question has its mark already. */
  static String labelled(String name, String words) {
    return name + (name.endsWith("?") ? " " : ": ") + words;
  }

  private static void line(StringBuilder text, String name, Sentence words) {
    if (!words.saysNothing()) {
      text.append("   ").append(labelled(name, words.toString())).append('\n');
    }
  }
}
