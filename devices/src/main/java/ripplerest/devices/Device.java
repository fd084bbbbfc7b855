package ripplerest.devices;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * An instrument at the end of a line: asked {@code READ}, it answers {@code OK 7.42 mm}, or {@code
 * ERR} and why not. The whole of it is in docs/format/devices.md.
 *
 * @param what it is
 * @param host where it listens
 * @param port 1 to 65535
 */
public record Device(Instrument what, String host, int port) {
  /** An instrument that says nothing for so long is silent, ms. */
  public static final int PATIENCE_MILLIS = 1500;

  private static final int LONGEST_LINE = 80;

  /** What it reads now, in its unit; refuses a reading that it cannot make. */
  public double read() throws DeviceException {
    String line = ask("READ");
    if (line.startsWith("ERR")) {
      String why = line.substring(3).trim();
      throw new DeviceException(
          DeviceException.Why.BUSY,
          "The %s cannot read yet: %s. Hold still and read again."
              .formatted(what.word(), why.isEmpty() ? "it gives no reason" : why));
    }
    String[] words = line.split(" ");
    if (words.length != 3 || !words[0].equals("OK") || !words[2].equals(what.unit())) {
      throw garbled(line);
    }
    double value;
    try {
      value = Double.parseDouble(words[1]);
    } catch (NumberFormatException e) {
      throw garbled(line);
    }
    if (!(value >= what.low() && value <= what.high())) {
      String form = "The %s reads %s %s; it reads from %.0f to %.0f %s. Zero it and measure again.";
      throw new DeviceException(
          DeviceException.Why.OUT_OF_RANGE,
          String.format(
              Locale.ROOT,
              form,
              what.word(),
              words[1],
              what.unit(),
              what.low(),
              what.high(),
              what.unit()));
    }
    return value;
  }

  private DeviceException garbled(String line) {
    return new DeviceException(
        DeviceException.Why.GARBLED,
        "The %s said \"%s\", which is no reading in %s. Check that it is the right device."
            .formatted(what.word(), line, what.unit()));
  }

  private String ask(String question) throws DeviceException {
    try (Socket line = new Socket()) {
      line.connect(new InetSocketAddress(host, port), PATIENCE_MILLIS);
      line.setSoTimeout(PATIENCE_MILLIS);
      OutputStream out = line.getOutputStream();
      out.write((question + "\n").getBytes(StandardCharsets.US_ASCII));
      out.flush();
      BufferedReader in =
          new BufferedReader(
              new InputStreamReader(line.getInputStream(), StandardCharsets.US_ASCII),
              LONGEST_LINE);
      return line(in);
    } catch (SocketTimeoutException e) {
      throw new DeviceException(
          DeviceException.Why.SILENT,
          "The %s has said nothing for %.1f s. Is it switched on? What was measured so far is kept."
              .formatted(what.word(), PATIENCE_MILLIS / 1000.0));
    } catch (IOException e) {
      throw new DeviceException(
          DeviceException.Why.ABSENT,
          "No %s answers at %s port %d. Plug it in, or type the value."
              .formatted(what.word(), host, port));
    }
  }

  /** One line, no longer than a line may be: a device that babbles is not listened to for ever. */
  private String line(BufferedReader in) throws IOException, DeviceException {
    StringBuilder line = new StringBuilder();
    for (int c = in.read(); c != '\n'; c = in.read()) {
      if (c < 0 && line.isEmpty()) {
        throw new SocketTimeoutException("closed");
      }
      if (c < 0) {
        break;
      }
      line.append((char) c);
      if (line.length() > LONGEST_LINE) {
        throw garbled(line.toString());
      }
    }
    return line.toString().trim();
  }
}
