package ripplerest.app.outings;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
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
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import ripplerest.app.http.Revisions;
import ripplerest.app.work.Answering;
import ripplerest.app.work.Lines;
import ripplerest.core.box.History;
import ripplerest.core.box.Outing;
import ripplerest.core.box.Season;
import ripplerest.core.question.Answer;
import ripplerest.exchange.format.Calendar;
import ripplerest.exchange.view.AnswerLine;

/** Outings: what goes along, how many, what is lacking, and what came of them. */
@RestController
@RequestMapping("/api/outings")
class OutingController {
  private final OutingStore outings;
  private final Reckoning reckoning;
  private final Answering answering;

  OutingController(OutingStore outings, Reckoning reckoning, Answering answering) {
    this.outings = outings;
    this.reckoning = reckoning;
    this.answering = answering;
  }

  /** All of them, by day, and what those to come lack. */
  @GetMapping
  List<OutingViews.OutingLine> all() {
    Map<UUID, int[]> counts = new HashMap<>();
    for (Reckoning.Lacks l : reckoning.lacks()) {
      int[] of = counts.computeIfAbsent(l.outing(), o -> new int[2]);
      of[0] += l.wanted();
      of[1] += l.lacking();
    }
    LocalDate today = LocalDate.now();
    return outings.all().stream()
        .map(
            k -> {
              int[] of = counts.getOrDefault(k.id(), new int[2]);
              Outing o = k.outing();
              return new OutingViews.OutingLine(
                  k.id(), o.name(), o.day(), o.water(), k.entry().isOver(today), of[0], of[1]);
            })
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  OutingViews.OutingView add(@RequestBody Outing outing) {
    return reckoning.of(outings.add(outing));
  }

  /** One, with all that is reckoned for it. */
  @GetMapping("/{id}")
  ResponseEntity<OutingViews.OutingView> one(@PathVariable UUID id) {
    return tagged(outings.get(id));
  }

  private ResponseEntity<OutingViews.OutingView> tagged(OutingStore.Kept k) {
    return ResponseEntity.ok().eTag(Revisions.tag(k.revision())).body(reckoning.of(k));
  }

  @PutMapping("/{id}")
  ResponseEntity<OutingViews.OutingView> change(
      @PathVariable UUID id,
      @RequestHeader(value = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @RequestBody Outing outing) {
    return tagged(outings.change(id, Revisions.required(ifMatch), outing));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    outings.delete(id);
  }

  /** Works out how long its flies float on its water. */
  @PostMapping(path = "/{id}/lives", produces = Lines.TYPE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(mediaType = Lines.TYPE, schema = @Schema(implementation = AnswerLine.class)))
  ResponseEntity<ResponseBodyEmitter> lives(@PathVariable UUID id) {
    outings.get(id);
    return answering.stream(
        work -> {
          reckoning.live(id, work);
          return new Answer.Stored();
        });
  }

  /** What came of it: lost, worn out, fish. Takes what was used up out of the boxes. */
  @PostMapping("/{id}/report")
  ResponseEntity<OutingViews.OutingView> tell(
      @PathVariable UUID id, @RequestBody List<OutingEntry.Brought> brought) {
    return tagged(outings.tell(id, brought));
  }

  /** What flies did, by water and month. */
  @GetMapping("/history")
  List<OutingViews.HistoryLine> history() {
    return History.lines(outings.fished()).stream()
        .map(
            l ->
                new OutingViews.HistoryLine(
                    l.water(),
                    l.month().getValue(),
                    l.flies(),
                    l.outings(),
                    l.hours(),
                    l.fish(),
                    l.fishAnHour(),
                    l.usedUp()))
        .toList();
  }

  /** What times of the year bring. */
  @GetMapping("/seasons")
  List<OutingViews.SeasonView> seasons() {
    return Season.all().stream()
        .map(
            s ->
                new OutingViews.SeasonView(
                    s.id(), s.label(), s.firstMonth(), s.lastMonth(), s.naturals()))
        .toList();
  }

  /** Outings for a calendar. */
  @GetMapping(path = "/calendar.ics", produces = Calendar.TYPE)
  ResponseEntity<String> calendar() {
    List<Calendar.Event> events = new ArrayList<>();
    for (OutingStore.Kept k : outings.all()) {
      Outing o = k.outing();
      List<String> lines =
          o.wanted().stream()
              .map(
                  w ->
                      (w.flies().name() + " " + w.flies().size() + " " + w.flies().colouring())
                          .strip())
              .toList();
      events.add(
          new Calendar.Event(
              k.id().toString(),
              o.name(),
              o.day().atTime(o.from()),
              Math.round(o.hours() * 60),
              String.join("\n", lines)));
    }
    String name = ContentDisposition.attachment().filename("outings.ics").build().toString();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name)
        .body(Calendar.write(events));
  }
}
