package ripplerest.core.dressing;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import ripplerest.core.material.Form;

/** Form of the material that a part is made of. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface MadeOf {
  /** The form. */
  Form value();
}
