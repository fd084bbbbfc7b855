package ripplerest.core.dressing;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Bounds of a number of a part, and its unit. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Range {
  /** Least value. */
  double low();

  /** Greatest value. */
  double high();

  /** What it counts. */
  String unit();
}
