package ripplerest.core.dressing;

/** Where a fly is whipped. */
public enum WhipPlace {
  EYE,
  /** On the post, under the hackle. */
  POST
}
