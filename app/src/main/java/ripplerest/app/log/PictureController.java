package ripplerest.app.log;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.tied.Photograph;
import ripplerest.exchange.format.LoggedFly;

/** Pictures of tied flies, and what is measured in them. */
@RestController
class PictureController {
  private static final int MOST_MARKS = 100;

  private final LogStore log;
  private final FlyResources resources;

  PictureController(LogStore log, FlyResources resources) {
    this.log = log;
    this.resources = resources;
  }

  /** A place in a picture, px from its top left corner. */
  record Place(double x, double y) {
    Vector2D vector(String name) {
      Require.inRange(name + " x", x, -PictureFile.MOST_PX, PictureFile.MOST_PX, "px");
      Require.inRange(name + " y", y, -PictureFile.MOST_PX, PictureFile.MOST_PX, "px");
      return new Vector2D(x, y);
    }
  }

  /** A length to measure. */
  record Line(String name, Place from, Place to) {}

  /** What was marked. */
  record Marks(Place eye, Place bend, Place point, List<Place> film, List<Line> lines) {
    Photograph.Marks read() {
      return new Photograph.Marks(
          marked("eye", eye),
          marked("bend", bend),
          Optional.ofNullable(point).map(p -> p.vector("point")),
          film == null
              ? List.of()
              : most("film", film).stream().map(p -> marked("film", p)).toList(),
          lines == null
              ? List.of()
              : most("lines", lines).stream()
                  .filter(Objects::nonNull)
                  .map(
                      l ->
                          new Photograph.Stretch(
                              l.name(),
                              marked(l.name() + " from", l.from()),
                              marked(l.name() + " to", l.to())))
                  .toList());
    }

    private static <T> List<T> most(String name, List<T> marks) {
      Require.inRange(name, marks.size(), 0, MOST_MARKS);
      return marks;
    }

    private static Vector2D marked(String name, Place place) {
      if (place == null) {
        throw new OutOfRangeException(name, "missing", "a place in the picture", "Mark it.");
      }
      return place.vector(name);
    }
  }

  /** Keeps a picture of a fly; measures of one there was before are let go with it. */
  @PutMapping(
      path = "/api/log/{id}/picture",
      consumes = {MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE, MediaType.ALL_VALUE})
  PictureFile.PictureSize keep(@PathVariable UUID id, HttpServletRequest request)
      throws IOException {
    log.get(id);
    PictureFile picture = PictureFile.read(request.getInputStream());
    log.picture(id, picture.kept());
    return picture.size();
  }

  /** The picture of a fly. */
  @GetMapping("/api/log/{id}/picture")
  ResponseEntity<byte[]> picture(@PathVariable UUID id) {
    return PictureFile.sent(log.picture(id));
  }

  /** Measures the picture of a fly by what was marked in it, and keeps what it tells. */
  @PostMapping(path = "/api/log/{id}/marks", consumes = MediaType.APPLICATION_JSON_VALUE)
  LoggedFly.PhotographView measure(@PathVariable UUID id, @RequestBody Marks marks) {
    LoggedFly fly = log.get(id).fly();
    Hook hook = Hook.of(resources.plan(fly).pattern().hook());
    LoggedFly.PhotographView told = LoggedFly.view(Photograph.of(hook, marks.read()));
    return log.photographed(id, told).fly().photograph();
  }
}
