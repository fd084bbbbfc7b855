package ripplerest.exchange.table;

import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ripplerest.core.hook.Hook;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Table;
import ripplerest.core.quantity.Words;

/** Hooks as CSV: those of the size table have no name, measured ones have; mm and mg. */
public final class HookTable {
  private static final List<String> COLUMNS =
      List.of("name", "size", "shape", "shank-mm", "gap-mm", "wire-mm", "eye-mm", "ten-mg");

  private HookTable() {}

  /** All hooks, a line each; no weight of ten where nobody weighed them. */
  public static String write(List<HookSpec> hooks) throws IOException {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(COLUMNS);
      for (HookSpec spec : hooks) {
        Hook hook = Hook.of(spec);
        csv.printRecord(
            Spreadsheet.harmless(spec.measured().map(HookSpec.Measured::name).orElse("")),
            spec.size(),
            Words.id(spec.shape()),
            Words.rounded(hook.shankMm(), 2),
            Words.rounded(hook.gapMm(), 2),
            Words.rounded(hook.wireMm(), 2),
            Words.rounded(hook.eyeMm(), 2),
            spec.measured().flatMap(HookSpec.Measured::tenMg).map(Object::toString).orElse(""));
      }
    }
    return out.toString();
  }

  /** The measured hooks of a file; lines without a name are the size table's and stay there. */
  public static List<HookSpec> read(Reader reader) throws IOException {
    List<HookSpec> hooks = new ArrayList<>();
    try (var records = Table.parse(reader)) {
      Table.requireColumns(records, COLUMNS);
      for (CSVRecord r : records) {
        if (!r.get(0).isBlank()) {
          hooks.add(read(r, "line " + (r.getRecordNumber() + 1)));
        }
      }
    }
    return hooks;
  }

  private static HookSpec read(CSVRecord r, String line) {
    try {
      Table.requireWhole(r, COLUMNS);
      Optional<Double> ten =
          r.get("ten-mg").isBlank() ? Optional.empty() : Optional.of(Table.number(r, "ten-mg"));
      HookSpec.Measured measured =
          new HookSpec.Measured(
              Spreadsheet.plain(r.get("name")),
              Table.number(r, "shank-mm"),
              Table.number(r, "gap-mm"),
              Table.number(r, "wire-mm"),
              Table.number(r, "eye-mm"),
              ten);
      int size = (int) Math.round(Table.number(r, "size"));
      HookSpec.Shape shape = HookSpec.Shape.named(r.get("shape"));
      return new HookSpec(size, shape, 0, 0, Optional.of(measured));
    } catch (OutOfRangeException e) {
      throw new OutOfRangeException(line + "/" + e.field(), e.value(), e.bound(), e.remedy());
    }
  }
}
