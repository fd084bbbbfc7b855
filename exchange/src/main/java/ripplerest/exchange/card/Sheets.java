package ripplerest.exchange.card;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Pages that blocks flow onto, down one column after the other; a block goes on whole. */
final class Sheets {
  private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
  private static final float MARGIN = CardPdf.MARGIN;

  private final PDDocument document = new PDDocument();
  private final CardPdf.Paper paper;
  private final float gutterMm;
  private final Pen pen;
  private PDPageContentStream page;
  private int columns = 1;
  private int column;
  private float top;
  private float y;

  Sheets(CardPdf.Paper paper, float gutterMm) throws IOException {
    this.paper = paper;
    this.gutterMm = gutterMm;
    try (InputStream in = PDDocument.class.getResourceAsStream(FONT)) {
      this.pen = new Pen(PDType0Font.load(document, in));
    }
    turn();
  }

  /** From here on, down the rest of the page and on all that follow. */
  void inColumns(int many) {
    columns = many;
    column = 0;
    top = y;
  }

  float widthMm() {
    return (paper.widthMm - 2 * MARGIN - (columns - 1) * gutterMm) / columns;
  }

  void put(Block block) throws IOException {
    float height = block.heightMm(pen);
    if (y - height < MARGIN) {
      next();
    }
    block.draw(pen, MARGIN + column * (widthMm() + gutterMm), y);
    y -= height;
  }

  private void next() throws IOException {
    column++;
    y = top;
    if (column == columns) {
      turn();
    }
  }

  private void turn() throws IOException {
    if (page != null) {
      page.close();
    }
    PDRectangle size =
        new PDRectangle(paper.widthMm * CardPdf.POINTS, paper.heightMm * CardPdf.POINTS);
    PDPage next = new PDPage(size);
    document.addPage(next);
    page = new PDPageContentStream(document, next);
    pen.on(page);
    column = 0;
    top = paper.heightMm - MARGIN;
    y = top;
  }

  void save(OutputStream out) throws IOException {
    page.close();
    document.save(out);
    document.close();
  }
}
