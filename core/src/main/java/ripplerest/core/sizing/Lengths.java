package ripplerest.core.sizing;

import ripplerest.core.dressing.Length;
import ripplerest.core.hook.Hook;
import ripplerest.core.quantity.OutOfRangeException;

/** Rules in millimetres, of what the hook alone decides. */
final class Lengths {
  private Lengths() {}

  static double mm(Length length, Hook hook) {
    if (length instanceof Length.Rule rule) {
      return rule.factor() * mm(rule.reference(), hook);
    } else if (length instanceof Length.Pinned pinned) {
      return pinned.mm();
    }
    throw new OutOfRangeException(
        "length",
        "a reach",
        "a rule or millimetres: this part decides itself where it ends",
        "Give its stretches places instead.");
  }

  /** What a rule is a multiple of; the body may be no longer than the shank. */
  static double mm(Length.Reference reference, Hook hook) {
    return switch (reference) {
      case GAP -> hook.gapMm();
      case SHANK -> hook.shankMm();
      case HOOK_LENGTH -> hook.hookLengthMm();
      case BODY -> hook.shankMm();
    };
  }
}
