/**
 * Leaf values: argument checks, warnings and priors.
 *
 * <p>Units inside the core: lengths mm, masses mg, forces µN, volumes mm³, angles rad, temperatures
 * °C, Young's moduli µN/mm² (1 GPa = 10⁹ µN/mm²). A name ends in its unit where a reader could
 * doubt it. Other units are converted at the edges only.
 */
package ripplerest.core.quantity;
