package ripplerest.app.log;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import ripplerest.app.library.CarriedStore;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.InvalidDocumentException;
import ripplerest.exchange.format.LogFile;
import ripplerest.exchange.format.LoggedFly;
import ripplerest.exchange.format.PatternReader;
import ripplerest.exchange.format.PatternWriter;
import ripplerest.exchange.format.Skipped;
import ripplerest.exchange.table.LogTable;
import tools.jackson.databind.json.JsonMapper;

/** The log in and out of the open format. */
@Component
class LogExport {
  private final LogStore log;
  private final PatternReader reader;
  private final Sizer sizer;
  private final CarriedStore carried;
  private final FlyResources resources;

  LogExport(
      LogStore log,
      PatternReader reader,
      Sizer sizer,
      CarriedStore carried,
      FlyResources resources) {
    this.log = log;
    this.reader = reader;
    this.sizer = sizer;
    this.carried = carried;
    this.resources = resources;
  }

  String json() {
    Packed all = packed();
    return LogFile.write(all.flies(), all.skipped());
  }

  String csv() throws IOException {
    Packed all = packed();
    return LogTable.write(all.flies(), all.skipped());
  }

  /** What is in a file; refuses one that is no log. */
  List<LogFile.Taken> read(InputStream in) throws IOException {
    return LogFile.read(in, reader, sizer);
  }

  /** Every fly with what its plan needs, and the names of what cannot be read. */
  private record Packed(List<LoggedFly> flies, List<Skipped> skipped) {}

  private Packed packed() {
    List<LoggedFly> flies = new ArrayList<>();
    List<Skipped> skipped = new ArrayList<>();
    LogStore.Log all = log.all();
    all.unreadable().forEach(u -> skipped.add(new Skipped(u.id().toString(), u.name(), u.why())));
    for (LoggedFly fly : all.flies()) {
      try {
        String packed = PatternWriter.write(carried.packed(resources.plan(fly)));
        flies.add(fly.planned(JsonMapper.shared().readTree(packed)));
      } catch (InvalidDocumentException | OutOfRangeException e) {
        String name = fly.document().at("/pattern/name").asString("");
        skipped.add(new Skipped(fly.id().toString(), name, e.getMessage()));
      }
    }
    return new Packed(flies, skipped);
  }
}
