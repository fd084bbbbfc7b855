package ripplerest.app.club;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.app.bench.Poses;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.library.Preparation;
import ripplerest.app.log.LogStore;
import ripplerest.app.people.Behalf;
import ripplerest.app.people.CurrentPerson;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.outline.Outliner;
import ripplerest.core.tying.CardWriter;
import ripplerest.exchange.format.PatternFile;
import ripplerest.exchange.format.PatternWriter;
import ripplerest.exchange.view.CardView;
import ripplerest.exchange.view.EstimateView;
import tools.jackson.databind.ObjectMapper;

/** A pattern that is shared by link: whoever has it reads it; whoever is signed in copies it. */
@RestController
class LinkController {
  private final Links links;
  private final Copies copies;
  private final Behalf behalf;
  private final Preparation preparation;
  private final Poses poses;
  private final LogStore log;
  private final ObjectMapper mapper;

  LinkController(
      Links links,
      Copies copies,
      Behalf behalf,
      Preparation preparation,
      Poses poses,
      LogStore log,
      ObjectMapper mapper) {
    this.links = links;
    this.copies = copies;
    this.behalf = behalf;
    this.preparation = preparation;
    this.poses = poses;
    this.log = log;
    this.mapper = mapper;
  }

  record SharedLink(String token) {}

  /** A pattern as whoever has its link sees it, by the materials and times of whoever shares it. */
  record SharedView(
      String by, @Schema(type = "object") Object document, EstimateView estimate, CardView card) {}

  @GetMapping("/api/patterns/{id}/links")
  List<Links.PatternLink> links(@PathVariable UUID id) {
    copies.packed(id); // of one that is there
    return links.of(id);
  }

  @PostMapping("/api/patterns/{id}/links")
  @ResponseStatus(HttpStatus.CREATED)
  Links.FreshLink share(@PathVariable UUID id) {
    return links.add(id);
  }

  @DeleteMapping("/api/patterns/{id}/links/{link}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(@PathVariable UUID id, @PathVariable UUID link) {
    links.revoke(id, link);
  }

  @PostMapping("/api/shared")
  SharedView read(@RequestBody SharedLink link) {
    Links.Linked linked = links.follow(link.token());
    return new CurrentPerson.Acting(linked.whose(), CurrentPerson.actor()).get(() -> read(linked));
  }

  private SharedView read(Links.Linked linked) {
    PatternFile packed = packed(linked);
    PreparedFly fly = preparation.prepared(packed);
    return new SharedView(
        linked.by(),
        mapper.readTree(PatternWriter.write(packed)),
        EstimateView.withOutline(poses.first(packed)),
        CardView.of(
            CardWriter.of(fly.sized(), fly.materials()),
            fly.sized().hook(),
            Outliner.inVise(fly),
            log.times()));
  }

  private PatternFile packed(Links.Linked linked) {
    try {
      return copies.packed(linked.pattern());
    } catch (NotFoundException e) {
      throw Links.gone(); // deleted since
    }
  }

  @PostMapping("/api/shared/copies")
  @ResponseStatus(HttpStatus.CREATED)
  Copies.Copied copy(@RequestBody SharedLink link) {
    Links.Linked linked = links.follow(link.token());
    PatternFile packed = behalf.of(linked.whose(), () -> packed(linked));
    UUID copy = copies.into(CurrentPerson.actor(), packed);
    links.copied(linked.link());
    return new Copies.Copied(copy);
  }
}
