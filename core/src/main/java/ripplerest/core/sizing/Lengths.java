package ripplerest.core.sizing;

import ripplerest.core.dressing.Length;
import ripplerest.core.hook.Hook;

/** Rules in millimetres. */
final class Lengths {
  private Lengths() {}

  static double mm(Length length, Hook hook) {
    return length instanceof Length.Rule rule
        ? rule.factor() * mm(rule.reference(), hook)
        : ((Length.Pinned) length).mm();
  }

  static double mm(Length.Reference reference, Hook hook) {
    return switch (reference) {
      case GAP -> hook.gapMm();
      case SHANK -> hook.shankMm();
      case HOOK_LENGTH -> hook.hookLengthMm();
    };
  }
}
