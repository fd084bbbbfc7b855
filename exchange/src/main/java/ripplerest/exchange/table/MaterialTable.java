package ripplerest.exchange.table;

import java.io.IOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import ripplerest.core.material.Material;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;

/** The material table as CSV, one row a value with its source, as the core reads it. */
public final class MaterialTable {
  private MaterialTable() {}

  /** Every value of every material. */
  public static String write(Materials materials) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(MaterialRow.COLUMNS);
      for (Material material : materials.offered()) {
        List<MaterialRow> rows = MaterialRow.of(material);
        for (MaterialRow r : rows) {
          csv.printRecord(
              r.material(),
              Spreadsheet.harmless(r.label()),
              r.property().fileName(),
              r.value(),
              r.spread(),
              r.property().fileUnit(),
              r.kind(),
              Spreadsheet.harmless(r.source()));
        }
      }
    }
    return out.toString();
  }
}
