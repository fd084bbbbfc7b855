package ripplerest.exchange.card;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.Sentence;
import ripplerest.core.steps.OrderOfWork;
import ripplerest.core.tying.Card;

/**
 * A card on paper at true size, to be pinned over a bench: the fly at 1:1 and enlarged, a ruler of
 * the shank, a bar of 50 mm to check the printer by, and the steps in columns, each with the fly so
 * far and the bar that it needs, none broken over two columns.
 */
public final class CardPdf {
  /** Points a millimetre: a point is 1/72 of an inch of 25.4 mm. */
  public static final float POINTS = 72f / 25.4f;

  /** Length of the bar that shows whether the printer kept the size, mm. */
  public static final double CHECK_MM = 50;

  static final float MARGIN = 9;
  private static final float GUTTER = 5;
  private static final float NARROWEST = 85;
  private static final float SO_FAR = 23;
  private static final float SO_FAR_HIGH = 15;
  private static final float BAR_MM = 1.8f;
  private static final double ENLARGED = 4;
  private static final float HIGHEST_FIGURE = 34;

  private static final float TEXT = 7.4f;
  private static final float SMALL = 6.2f;
  private static final float TITLE = 8.8f;

  private static final Color TIDE = Color.decode("#185a64");
  private static final Color SOFT = Color.decode("#5d6066");
  private static final Color WARN = Color.decode("#9a3412");

  private final Paper paper;
  private final Sheets sheets;

  /** Papers that a card is printed on. */
  public enum Paper {
    A5(148, 210),
    A4(210, 297),
    LETTER(215.9f, 279.4f);

    final float widthMm;
    final float heightMm;

    Paper(float widthMm, float heightMm) {
      this.widthMm = widthMm;
      this.heightMm = heightMm;
    }

    int columns() {
      return Math.max(1, (int) ((widthMm - 2 * MARGIN + GUTTER) / (NARROWEST + GUTTER)));
    }
  }

  private CardPdf(Paper paper) throws IOException {
    this.paper = paper;
    this.sheets = new Sheets(paper, GUTTER);
  }

  /** Writes a card. */
  public static byte[] of(CardSheet sheet, Paper paper) {
    try {
      CardPdf pdf = new CardPdf(paper);
      pdf.write(sheet);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      pdf.sheets.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e); // nothing is read or written outside of memory
    }
  }

  private void write(CardSheet sheet) throws IOException {
    Card card = sheet.card();
    float wide = paper.widthMm - 2 * MARGIN;
    sheets.put(
        new Block(wide)
            .words(card.name(), 16, Color.BLACK)
            .words("Hook: " + card.hook(), 8, Color.BLACK)
            .words(told("For", card.visitor()), 8, TIDE)
            .words(told("Asked for", card.asked()), 8, TIDE)
            .words(told("Notes", card.notes().replaceAll("\\s+", " ")), 8, Color.BLACK));
    sheets.put(figures(sheet.atRest(), wide));
    sheets.put(rulers(sheet.hook(), wide));
    sheets.inColumns(paper.columns());
    float column = sheets.widthMm();
    sheets.put(before(card, column));
    for (int i = 0; i < card.steps().size(); i++) {
      sheets.put(step(i + 1, sheet, column));
    }
    for (OrderOfWork.Problem problem : card.problems()) {
      sheets.put(new Block(column).words("Order: " + problem.words(), TEXT, WARN));
    }
    sheets.put(after(card, column));
  }

  private Block before(Card card, float wide) {
    Block block = new Block(wide).words("Before you start", TITLE, TIDE);
    for (Sentence p : card.preparation()) {
      block.words("• " + p, TEXT, Color.BLACK);
    }
    for (Sentence warning : card.warnings()) {
      block.words("Mind: " + warning, TEXT, WARN);
    }
    return block.words("Thread: " + card.thread(), TEXT, Color.BLACK);
  }

  private Block after(Card card, float wide) {
    Block block = new Block(wide).words("Care", TITLE, TIDE);
    for (String caution : card.cautions()) {
      block.words("• " + caution, TEXT, Color.BLACK);
    }
    return block.words(
        "About %.0f minutes (assumption).".formatted(Math.ceil(card.seconds() / 60)),
        TEXT,
        Color.BLACK);
  }

  private Block step(int number, CardSheet sheet, float wide) {
    Card.Step step = sheet.card().steps().get(number - 1);
    Figure soFar = sheet.soFar(number);
    Block block = new Block(wide);
    if (!soFar.isEmpty()) {
      block.figure(soFar, sheet.inVise().scaleInto(SO_FAR, SO_FAR_HIGH), SO_FAR);
    }
    block
        .words(number + ". " + CardText.titled(step), TITLE, TIDE)
        .words(told("take", Sentence.join("; ", step.take()).toString()), TEXT, SOFT)
        .words(step.how().toString(), TEXT, Color.BLACK);
    step.bar().ifPresent(bar -> block.bar(bar.mm(), BAR_MM, barWords(bar)));
    return block
        .words(told("check", step.check().toString()), TEXT, Color.BLACK)
        .words(
            told(step.mistake().toString().replaceFirst("\\.$", "?"), step.remedy().toString()),
            TEXT,
            Color.BLACK)
        .words(told("caution", step.caution()), TEXT, WARN)
        .words(told("note", step.note().replaceAll("\\s+", " ")), TEXT, TIDE)
        .words(told("easier", step.easier()), SMALL, SOFT)
        .words(step.ways().toString(), SMALL, SOFT);
  }

  private static String barWords(Card.Bar bar) {
    return String.format(Locale.ROOT, "%s %.1f mm", bar.name(), bar.mm());
  }

  private static String told(String name, String words) {
    return words.isEmpty() ? "" : CardText.labelled(name, words);
  }

  /** The fly enlarged on the left and at 1:1 on the right, both on one film line. */
  private Block figures(Figure fly, float wide) {
    var box = fly.extent();
    double fits = (wide - MARGIN - box.getWidth()) / box.getWidth();
    double high = HIGHEST_FIGURE / Math.max(1, box.getHeight());
    double scale = Math.max(1, Math.min(ENLARGED, Math.min(fits, high)));
    String words = "at rest, from the side; left %.1f : 1, right 1 : 1".formatted(scale);
    return new Block(wide).onFilm(fly, scale).words(words, SMALL, SOFT);
  }

  /** The shank at 1:1 from the eye, and the bar that the printer is checked by. */
  private static Block rulers(Hook hook, float wide) {
    List<Double> above = new ArrayList<>();
    for (double mm = 0; mm <= hook.shankMm(); mm++) {
      above.add(mm);
    }
    List<Double> below = new ArrayList<>();
    for (double mm = 0; mm <= hook.shankMm(); mm += hook.eyeMm()) {
      below.add(mm);
    }
    String words =
        "shank from the eye, %.1f mm; mm above, eye lengths below".formatted(hook.shankMm());
    return new Block(wide)
        .ruler(hook.shankMm(), BAR_MM, above, below, words)
        .bar(CHECK_MM, BAR_MM, "this bar has to measure 50 mm, or print at 100 %");
  }
}
