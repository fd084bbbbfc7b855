package ripplerest.core.film;

/**
 * What the water gives a fly in one pose: generalised forces about the centre of mass.
 *
 * @param lift upward force, µN
 * @param pitch moment that raises pitch, tail down, µN·mm
 * @param roll moment that raises roll, µN·mm
 */
public record Load(double lift, double pitch, double roll) {}
