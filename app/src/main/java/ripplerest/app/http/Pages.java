package ripplerest.app.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.Objects;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Serves the built front end; a path that is no file is a page of the application. */
@Configuration
class Pages implements WebMvcConfigurer {
  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable())
        .resourceChain(true)
        .addResolver(new EncodedResourceResolver());
    registry
        .addResourceHandler("/*.svg", "/*.txt")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache());
  }

  /**
   * Whoever goes to an address that leads nowhere is told so by the page; a program, by a problem.
   */
  @ControllerAdvice
  @Order(Ordered.HIGHEST_PRECEDENCE)
  static class Nowhere {
    private final Page page;

    Nowhere(Page page) {
      this.page = page;
    }

    @ExceptionHandler
    ResponseEntity<?> nowhere(NoResourceFoundException e, HttpServletRequest request) {
      return accepts(request).contains(MediaType.TEXT_HTML_VALUE)
          ? page.page(HttpStatus.NOT_FOUND)
          : ResponseEntity.of(e.getBody()).build();
    }

    private static String accepts(HttpServletRequest request) {
      return Objects.requireNonNullElse(request.getHeader(HttpHeaders.ACCEPT), "");
    }
  }

  /**
   * The one page, whichever view of it was asked for. Its policy lets it load its own files only;
   * the style that a library puts in has to carry the nonce that the page was sent with.
   */
  @Controller
  static class Page {
    private static final String NONCE = "{{nonce}}";

    private final SecureRandom random = new SecureRandom();
    private final String html;

    Page(@Value("${ripplerest.shared:false}") boolean shared) throws IOException {
      ClassPathResource index = new ClassPathResource("/static/index.html");
      String built = index.exists() ? index.getContentAsString(StandardCharsets.UTF_8) : "";
      String told = built.replace("{{shared}}", String.valueOf(shared));
      // what is asked for beforehand is whose? that is known only when somebody is signed in
      html = shared ? told.replaceAll("<link rel=\"preload\" as=\"fetch\"[^>]*>", "") : told;
    }

    @GetMapping({
      "/",
      "/bench/**",
      "/log",
      "/log/*",
      "/boxes",
      "/outings",
      "/outings/*",
      "/evenings",
      "/practice",
      "/practice/*",
      "/sign-in",
      "/join",
      "/tablet",
      "/shared",
      "/people",
      "/you",
      "/changes",
      "/tests",
      "/tests/*",
      "/book",
      "/deleted",
      "/drawer",
      "/drawer/tie",
      "/materials",
      "/hooks",
      "/styles",
      "/about"
    })
    ResponseEntity<String> page() {
      return page(HttpStatus.OK);
    }

    private ResponseEntity<String> page(HttpStatus status) {
      byte[] bytes = new byte[16];
      random.nextBytes(bytes);
      String nonce = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
      return ResponseEntity.status(status)
          .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
          .cacheControl(CacheControl.noStore())
          .header(SafetyHeaders.POLICY, policy(nonce))
          .body(html.replace(NONCE, nonce));
    }

    /**
     * Style attributes are how a drawing is placed, so those are allowed; elements need the nonce.
     */
    private static String policy(String nonce) {
      return String.join(
          "; ",
          "default-src 'none'",
          "script-src 'self'",
          "style-src 'self' 'nonce-" + nonce + "'",
          "img-src 'self' data: blob:",
          "font-src 'self'",
          "connect-src 'self'",
          "base-uri 'none'",
          "form-action 'none'",
          "frame-ancestors 'none'");
    }
  }
}
