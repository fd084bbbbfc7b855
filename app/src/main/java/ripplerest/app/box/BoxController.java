package ripplerest.app.box;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.http.Csv;
import ripplerest.app.http.Revisions;
import ripplerest.app.people.OwnFile;
import ripplerest.app.people.People;
import ripplerest.core.box.Move;
import ripplerest.core.box.Place;
import ripplerest.core.box.Whereabouts;
import ripplerest.core.quantity.Require;
import ripplerest.exchange.table.MoveTable;

/** Boxes, and where flies are. */
@RestController
@RequestMapping("/api/boxes")
class BoxController implements OwnFile {
  private static final int MOST_SHOWN = 200;
  private static final int MOST_CHOSEN = 100;

  private final BoxStore store;
  private final People people;

  BoxController(BoxStore store, People people) {
    this.store = store;
    this.people = people;
  }

  /** All boxes, where all flies are, and the latest moves. */
  @GetMapping
  BoxViews.BoxesView all() {
    Map<String, String> names = names();
    Map<UUID, String> by = people.names();
    List<Whereabouts.Count> counts = store.whereabouts().all();
    Map<String, Integer> in = new HashMap<>();
    for (Whereabouts.Count c : counts) {
      if (c.place() instanceof Place.In box) {
        in.merge(box.box(), c.count(), Integer::sum);
      }
    }
    List<FlyMove> moves = new ArrayList<>(store.moves());
    Collections.reverse(moves);
    return new BoxViews.BoxesView(
        store.boxes().stream().map(b -> view(b, in.getOrDefault(b.id().toString(), 0))).toList(),
        counts.stream()
            .map(
                c ->
                    new BoxViews.CountView(
                        c.flies(), PlaceName.of(c.place()), words(c.place(), names), c.count()))
            .toList(),
        moves.stream().limit(MOST_SHOWN).map(m -> view(m, names, by)).toList());
  }

  private Map<String, String> names() {
    Map<String, String> names = new HashMap<>();
    store.boxes().forEach(b -> names.put(b.id().toString(), b.name()));
    return names;
  }

  private static BoxViews.BoxView view(FlyBox b, int flies) {
    return new BoxViews.BoxView(b.id(), b.name(), b.note(), b.revision(), flies);
  }

  private static BoxViews.MoveView view(
      FlyMove m, Map<String, String> names, Map<UUID, String> by) {
    Move move = m.move();
    return new BoxViews.MoveView(
        m.id(),
        move.flies(),
        PlaceName.of(move.from()),
        PlaceName.of(move.to()),
        words(move.from(), names) + " → " + words(move.to(), names),
        move.count(),
        move.day(),
        m.note(),
        m.flyId() != null,
        by.getOrDefault(m.byId(), ""));
  }

  private static String words(Place place, Map<String, String> names) {
    PlaceName named = PlaceName.of(place);
    return switch (named.kind()) {
      case VISE -> "the vise";
      case BOX -> names.getOrDefault(named.name(), "a box that is gone");
      case LENT -> "lent to " + named.name();
      case GIVEN -> "given to " + named.name();
      case LOST -> "lost";
      case CHEWED -> "worn out";
    };
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BoxViews.BoxView add(@RequestBody BoxViews.NewBox box) {
    return view(store.add(box.name(), box.note() == null ? "" : box.note()), 0);
  }

  @PutMapping("/{id}")
  BoxViews.BoxView call(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody BoxViews.NewBox box) {
    String note = box.note() == null ? "" : box.note();
    return view(store.call(id, Revisions.required(ifMatch), box.name(), note), 0);
  }

  /** Puts an empty box away. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    store.delete(id);
  }

  /** Moves flies; answers how all of them lie then. */
  @PostMapping("/moves")
  BoxViews.BoxesView move(@RequestBody BoxViews.NewMove move) {
    Move wanted =
        new Move(
            Require.sent("flies", move.flies()),
            Require.sent("from", move.from()).place(),
            Require.sent("to", move.to()).place(),
            move.count(),
            Require.sent("day", move.day()),
            "");
    store.move(List.of(wanted), null, noted(move.note()));
    return all();
  }

  /** Moves flies of several kinds together, all of them or none. */
  @PostMapping("/selections")
  BoxViews.BoxesView select(@RequestBody BoxViews.NewSelection selection) {
    List<BoxViews.Chosen> chosen = Require.sent("chosen", selection.chosen());
    Require.inRange("chosen", chosen.size(), 1, MOST_CHOSEN);
    List<Move> moves = new ArrayList<>();
    for (BoxViews.Chosen c : chosen) {
      moves.add(
          new Move(
              Require.sent("flies", Require.sent("chosen", c).flies()),
              Require.sent("from", c.from()).place(),
              Require.sent("to", selection.to()).place(),
              c.count(),
              Require.sent("day", selection.day()),
              ""));
    }
    store.move(moves, null, noted(selection.note()));
    return all();
  }

  private static String noted(String note) {
    String words = note == null ? "" : note;
    Require.inRange("note", words.length(), 0, 400, "characters");
    return words;
  }

  /** Undoes a move. */
  @DeleteMapping("/moves/{id}")
  BoxViews.BoxesView undo(@PathVariable UUID id) {
    store.undo(id);
    return all();
  }

  /** Every move as a table. */
  @GetMapping(path = "/moves.csv", produces = Csv.TYPE)
  ResponseEntity<String> table() throws IOException {
    Map<String, String> names = names();
    return Csv.file(
        "moves.csv", MoveTable.write(store.moves().stream().map(m -> m.line(names)).toList()));
  }

  /** Takes moves in, all of them or none; boxes of a name that there is not are made. */
  @PostMapping(path = "/moves/table", consumes = Csv.TYPE)
  Csv.Added take(HttpServletRequest request) throws IOException {
    return new Csv.Added(store.take(MoveTable.read(Csv.reader(request))));
  }

  @Override
  public ResponseEntity<String> ownFile() throws IOException {
    return table();
  }
}
