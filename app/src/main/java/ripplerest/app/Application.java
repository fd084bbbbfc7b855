package ripplerest.app;

import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.StyleStore;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.format.PatternReader;

/** The web application. */
@SpringBootApplication
public class Application {
  public static void main(String[] args) {
    List<String> asked = List.of(args);
    if (asked.contains("--version")) {
      System.out.println(new Version().words(asked.contains("--short")));
      return;
    }
    SpringApplication.run(Application.class, args);
  }

  @Bean
  Sizer sizer(MaterialStore materials, StyleStore styles) {
    return new Sizer(materials::materials, styles::styles);
  }

  @Bean
  PatternReader patternReader(Sizer sizer) {
    return new PatternReader(sizer);
  }
}
