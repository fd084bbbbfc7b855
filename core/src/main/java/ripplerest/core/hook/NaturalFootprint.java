package ripplerest.core.hook;

import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.quantity.Table;

/**
 * What a natural presses into the film, by stage and order: multiples of its body (assumptions).
 *
 * @param lengthMm along the body
 * @param widthMm across it
 * @param dimples separate places
 * @param words how it does so
 */
public record NaturalFootprint(double lengthMm, double widthMm, int dimples, String words) {
  private static final String RESOURCE = "/ripplerest/core/hook/natural-footprints.csv";
  private static final List<CSVRecord> ROWS = Table.rows(NaturalFootprint.class, RESOURCE);

  /** The footprint of one natural. */
  public static NaturalFootprint of(Natural natural) {
    CSVRecord row =
        ROWS.stream()
            .filter(r -> r.get("stage").equals(word(natural.stage())))
            .filter(r -> r.get("order").equals(word(natural.order())))
            .findFirst()
            .orElseThrow();
    return new NaturalFootprint(
        natural.bodyMm() * Double.parseDouble(row.get("length-in-bodies")),
        natural.bodyMm() * Double.parseDouble(row.get("width-in-bodies")),
        Integer.parseInt(row.get("dimples")),
        row.get("words"));
  }

  private static String word(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT);
  }
}
