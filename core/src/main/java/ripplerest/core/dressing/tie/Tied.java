package ripplerest.core.dressing.tie;

/** Anything that is tied to the hook. */
public interface Tied {
  /** Of what it is, and how it is bound in. */
  Tie tie();

  /** Name of the material it is made of. */
  default String material() {
    return tie().material();
  }
}
