package ripplerest.core.dressing;

/** A part of plume, yarn or tips, seen by its strands and not by its outline. */
public interface Soft {}
