package ripplerest.exchange.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.material.Materials;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Outliner;
import ripplerest.core.sizing.SizedPattern;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.tying.Card;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.view.CardView;

/** Reads printed cards back: what they claim to measure, they do. */
class CardPdfTest {
  private static final Materials MATERIALS = Materials.standard();
  private static final Sizer SIZER = new Sizer(MATERIALS);
  private static final Path DEMO = Path.of("../app/src/main/resources/demo");

  private record Printed(CardSheet sheet, SizedPattern sized, byte[] pdf) {
    static Printed of(Path file, CardPdf.Paper paper) throws IOException {
      PatternFile read = new PatternReader(SIZER).read(Files.readAllBytes(file));
      SizedPattern sized = SIZER.size(read.pattern());
      CardSheet sheet = CardSheet.of(PreparedFly.of(sized, MATERIALS, read.conditions()));
      return new Printed(sheet, sized, CardPdf.of(sheet, paper));
    }

    Card card() {
      return sheet.card();
    }
  }

  @ParameterizedTest
  @EnumSource(CardPdf.Paper.class)
  void barsMeasureWhatTheyClaimOnEveryPaper(CardPdf.Paper paper) throws IOException {
    Printed printed = Printed.of(DEMO.resolve("lantern-dun.json"), paper);
    try (PDDocument document = Loader.loadPDF(printed.pdf())) {
      List<Double> wide = new ArrayList<>();
      for (PDPage page : document.getPages()) {
        new Rectangles(page, wide).processPage(page);
      }
      assertThat(wide).anySatisfy(mm -> assertThat(mm).isCloseTo(50, within(0.01)));
      assertThat(wide)
          .anySatisfy(
              mm -> assertThat(mm).isCloseTo(printed.sized().hook().shankMm(), within(0.01)));
      assertThat(printed.card().bars()).hasSizeGreaterThan(2);
      for (Card.Bar bar : printed.card().bars()) {
        assertThat(wide)
            .as(bar.name())
            .anySatisfy(mm -> assertThat(mm).isCloseTo(bar.mm(), within(0.01)));
      }
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      assertThat(text).contains("Lantern Dun").contains("check:").doesNotContain("?? ");
      for (Card.Step step : printed.card().steps()) {
        assertThat(text).contains(step.how().toString());
      }
    }
  }

  /** Pinned over a bench it is one sheet, and a step is read without turning the page. */
  @ParameterizedTest
  @EnumSource(CardPdf.Paper.class)
  void noStepIsBrokenOverTwoPages(CardPdf.Paper paper) throws IOException {
    Printed printed = Printed.of(DEMO.resolve("cobble-stone.json"), paper);
    try (PDDocument document = Loader.loadPDF(printed.pdf())) {
      List<String> pages = new ArrayList<>();
      for (int n = 1; n <= document.getNumberOfPages(); n++) {
        PDFTextStripper page = new PDFTextStripper();
        page.setStartPage(n);
        page.setEndPage(n);
        pages.add(page.getText(document).replaceAll("\\s+", " "));
      }
      assertThat(pages).hasSizeGreaterThan(1);
      for (Card.Step step : printed.card().steps()) {
        assertThat(pages)
            .as(step.key())
            .anySatisfy(
                page -> assertThat(page).contains(step.how().toString(), step.remedy().toString()));
      }
    }
    if (paper == CardPdf.Paper.A4) {
      byte[] plain = Printed.of(DEMO.resolve("lantern-dun.json"), paper).pdf();
      try (PDDocument document = Loader.loadPDF(plain)) {
        assertThat(document.getNumberOfPages()).as("one sheet for a plain fly").isEqualTo(1);
      }
    }
  }

  static List<Path> demo() throws IOException {
    try (var files = Files.list(DEMO)) {
      return files.filter(f -> f.toString().endsWith(".json")).sorted().toList();
    }
  }

  @ParameterizedTest
  @MethodSource("demo")
  void everyDemoPatternHasACardWithoutAGap(Path file) throws IOException {
    Printed printed = Printed.of(file, CardPdf.Paper.A4);
    String text = CardText.of(printed.card());
    assertThat(text).doesNotContain("{").doesNotContain("null").doesNotContain("NaN");
    assertThat(text).contains("Before you start").contains("Care");
    Outline vise =
        Outliner.inVise(
            PreparedFly.of(printed.sized(), MATERIALS, ripplerest.core.water.Conditions.DEFAULT));
    CardView view =
        CardView.of(
            printed.card(), printed.sized().hook(), vise, ripplerest.core.tying.OwnTimes.none());
    String svg = CardSvg.of(printed.sheet());
    long bars = printed.card().steps().stream().filter(p -> p.bar().isPresent()).count();
    assertThat(barsOf(svg)).isEqualTo((int) bars + 2);
    assertThat(view.steps())
        .extracting(CardView.StepView::part)
        .containsAll(printed.sized().pattern().names())
        .contains("thread", "head");
    assertThat(printed.pdf()).startsWith('%', 'P', 'D', 'F');
  }

  /** Bars of a picture that is as wide as it says, each as long as its unit and its words say. */
  private static int barsOf(String svg) {
    var size =
        Pattern.compile("width=\"(\\d+)mm\" height=\"\\d+mm\" viewBox=\"0 0 (\\d+) ").matcher(svg);
    assertThat(size.find()).isTrue();
    assertThat(size.group(1)).as("a unit is a millimetre").isEqualTo(size.group(2));
    var bars =
        Pattern.compile("class=\"bar\"[^>]* width=\"([\\d.]+)\"[^>]*/>\n<text[^>]*>([^<]*)")
            .matcher(svg);
    int found = 0;
    while (bars.find()) {
      var told = Pattern.compile("([\\d.]+) mm").matcher(bars.group(2));
      assertThat(told.find()).as(bars.group(2)).isTrue();
      assertThat(Double.parseDouble(bars.group(1)))
          .isCloseTo(Double.parseDouble(told.group(1)), within(0.0501));
      found++;
    }
    return found;
  }

  /** Widths in mm of the rectangles that are filled on a page. */
  private static final class Rectangles extends PDFGraphicsStreamEngine {
    private final List<Double> wide;

    Rectangles(PDPage page, List<Double> wide) {
      super(page);
      this.wide = wide;
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
      wide.add(p0.distance(p1) / 72 * 25.4);
    }

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int rule) {}

    @Override
    public void moveTo(float x, float y) {}

    @Override
    public void lineTo(float x, float y) {}

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

    @Override
    public Point2D getCurrentPoint() {
      return new Point2D.Float();
    }

    @Override
    public void closePath() {}

    @Override
    public void endPath() {}

    @Override
    public void strokePath() {}

    @Override
    public void fillPath(int rule) {}

    @Override
    public void fillAndStrokePath(int rule) {}

    @Override
    public void shadingFill(COSName name) {}
  }
}
