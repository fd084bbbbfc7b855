package ripplerest.exchange.view;

import java.util.Arrays;
import ripplerest.core.outline.Outline;
import ripplerest.core.outline.Relief;
import ripplerest.core.outline.Scene;
import ripplerest.core.quantity.Words;

/** A fly and the film round it, and the same fly in the vise; no film where it has sunk. */
public record SceneView(OutlineView fly, ReliefView film, OutlineView inVise) {
  /**
   * The film on a grid: heights over the undisturbed level in whole micrometres, row after row,
   * rows across the fly; the first stands at {@code fromXMm}, {@code fromYMm}.
   */
  public record ReliefView(
      double cellMm, double fromXMm, double fromYMm, int columns, int[] heightUm) {
    static ReliefView of(Relief r) {
      return new ReliefView(
          Words.rounded(r.cellMm(), 4),
          Words.rounded(r.fromXMm(), 4),
          Words.rounded(r.fromYMm(), 4),
          r.columns(),
          Arrays.stream(r.heightMm()).mapToInt(mm -> (int) Math.rint(1000 * mm)).toArray());
    }
  }

  static SceneView of(Scene scene, Outline inVise) {
    return new SceneView(
        OutlineView.of(scene.fly()),
        scene.film().map(ReliefView::of).orElse(null),
        OutlineView.of(inVise));
  }
}
