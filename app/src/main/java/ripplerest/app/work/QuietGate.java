package ripplerest.app.work;

/** Holds work in the background while somebody waits for something that goes before it. */
public interface QuietGate {
  /** Returns once nobody waits, or at last after a while. */
  void whileBusy();
}
