package ripplerest.app.http;

import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.exchange.format.PatternReader;

/** A body that is read into a value is no longer than a pattern; files see to that themselves. */
@ControllerAdvice
class BodyLimit extends RequestBodyAdviceAdapter {
  /** A pattern and a few words. */
  static final int MOST_BYTES = PatternReader.MOST_BYTES + 10_000;

  @Override
  public boolean supports(
      MethodParameter parameter,
      Type target,
      Class<? extends HttpMessageConverter<?>> converterType) {
    return true;
  }

  @Override
  public HttpInputMessage beforeBodyRead(
      HttpInputMessage message,
      MethodParameter parameter,
      Type target,
      Class<? extends HttpMessageConverter<?>> converterType)
      throws IOException {
    byte[] body = message.getBody().readNBytes(MOST_BYTES + 1);
    if (body.length > MOST_BYTES) {
      throw new OutOfRangeException(
          "body", "more than 1 MB", "at most 1 MB", "Send a document of this application.");
    }
    return new HttpInputMessage() {
      @Override
      public InputStream getBody() {
        return new java.io.ByteArrayInputStream(body);
      }

      @Override
      public HttpHeaders getHeaders() {
        return message.getHeaders();
      }
    };
  }
}
