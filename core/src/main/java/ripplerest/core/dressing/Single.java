package ripplerest.core.dressing;

import ripplerest.core.dressing.tie.Tied;

/** Of these a fly has one; only the first counts where a second has no stretch of its own. */
public interface Single extends Tied {}
