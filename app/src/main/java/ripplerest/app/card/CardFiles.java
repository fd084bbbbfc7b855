package ripplerest.app.card;

import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.tying.Card;
import ripplerest.core.tying.CardWriter;
import ripplerest.exchange.card.CardPdf;
import ripplerest.exchange.card.CardSheet;
import ripplerest.exchange.card.CardSvg;

/** The card of a fly and the files that are made of it; those put the fly on the water. */
final class CardFiles {
  private CardFiles() {}

  static Card card(PreparedFly fly) {
    return CardWriter.of(fly.sized(), fly.materials());
  }

  static byte[] pdf(PreparedFly fly, CardPdf.Paper paper) {
    return CardPdf.of(CardSheet.of(fly), paper);
  }

  static String svg(PreparedFly fly) {
    return CardSvg.of(CardSheet.of(fly));
  }
}
