package ripplerest.core.dressing;

/** A feather whose barbs stand off to bear on the film. */
public interface Hackle extends Feathered {}
