package ripplerest.app.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.Pattern;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.sizing.HouseStyle;
import ripplerest.exchange.format.Carried;
import ripplerest.exchange.format.PatternFile;

/** What documents need that does not ship: taken along when they leave, kept when they come in. */
@Service
public class CarriedStore {
  private final StyleStore styles;
  private final MaterialStore materials;

  CarriedStore(StyleStore styles, MaterialStore materials) {
    this.styles = styles;
    this.materials = materials;
  }

  /** The document with all that it needs, for whoever does not have it. */
  public PatternFile packed(PatternFile file) {
    List<HouseStyle> house = styles.house(file.pattern().style()).stream().toList();
    List<MaterialRow> rows = new ArrayList<>();
    file.pattern().parts().stream()
        .map(Part::material)
        .distinct()
        .forEach(id -> materials.ofOwn(id).ifPresent(rows::addAll));
    return file.carrying(new Carried(house, rows));
  }

  /**
   * Keeps what a document brings along and is not here yet. What is here under the same id but is
   * otherwise stays; what came is kept under an id of its own, and the document names that.
   */
  public PatternFile admit(PatternFile file) {
    Pattern pattern = file.pattern();
    for (HouseStyle style : file.carried().styles()) {
      if (style.id().equals(pattern.style())) {
        pattern = pattern.following(admit(style));
      }
    }
    for (String id : file.carried().materialIds()) {
      pattern = renamed(pattern, id, admit(id, file.carried().rows(id)));
    }
    return new PatternFile(pattern, file.conditions());
  }

  private String admit(HouseStyle style) {
    String id = style.id();
    for (int n = 2; ; n++) {
      Optional<HouseStyle> here = styles.house(id);
      if (here.isPresent() && here.get().equals(style.named(id))) {
        if (!styles.houseIds().contains(id)) {
          styles.restore(id);
        }
        return id;
      }
      if (here.isEmpty() && !styles.styles().knows(id)) {
        styles.add(style.named(id));
        return id;
      }
      id = style.id() + "-" + n;
    }
  }

  private String admit(String material, List<MaterialRow> rows) {
    String id = material;
    for (int n = 2; ; n++) {
      String other = id;
      List<MaterialRow> named = rows.stream().map(r -> r.of(other)).toList();
      Optional<List<MaterialRow>> here = materials.ofOwn(id);
      if (here.isPresent() && here.get().equals(named)) {
        if (!materials.isOwn(id)) {
          materials.restore(id);
        }
        return id;
      }
      if (!materials.materials().knows(id)) {
        materials.take(named);
        return id;
      }
      id = material + "-" + n;
    }
  }

  private static Pattern renamed(Pattern pattern, String from, String to) {
    Pattern renamed = pattern;
    for (int i = 0; i < pattern.parts().size() && !from.equals(to); i++) {
      Part part = pattern.parts().get(i);
      if (part.material().equals(from)) {
        renamed = renamed.withPart(i, part.withMaterial(to));
      }
    }
    return renamed;
  }
}
