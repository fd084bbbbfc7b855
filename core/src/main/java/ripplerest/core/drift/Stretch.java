package ripplerest.core.drift;

/** Kinds of water that a fly is fished on, by how often and how hard it is put under. */
public enum Stretch {
  STILL,
  GLIDE,
  RIFFLE,
  POCKET
}
