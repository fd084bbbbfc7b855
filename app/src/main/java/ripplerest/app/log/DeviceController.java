package ripplerest.app.log;

import java.util.EnumMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.devices.Device;
import ripplerest.devices.DeviceException;
import ripplerest.devices.Instrument;

/** Reads caliper and scale. */
@RestController
class DeviceController {
  private static final Pattern PLACE = Pattern.compile("([^:\\s]+):(\\d{1,5})");

  private final Map<Instrument, Device> devices = new EnumMap<>(Instrument.class);

  DeviceController(
      @Value("${ripplerest.devices.caliper}") String caliper,
      @Value("${ripplerest.devices.scale}") String scale) {
    devices.put(Instrument.CALIPER, at(Instrument.CALIPER, caliper));
    devices.put(Instrument.SCALE, at(Instrument.SCALE, scale));
  }

  /** What a device reads now, in its unit. */
  record Reading(double value, String unit, double resolution) {}

  /** Reads one of them; 502 says why there is no reading, and nothing is written down. */
  @PostMapping("/api/devices/{what}/reading")
  Reading read(@PathVariable String what) throws DeviceException {
    Instrument instrument = instrument(what);
    return new Reading(devices.get(instrument).read(), instrument.unit(), instrument.resolution());
  }

  private static Device at(Instrument what, String place) {
    Matcher m = PLACE.matcher(place);
    if (!m.matches()) {
      throw new IllegalArgumentException(
          "ripplerest.devices.%s is \"%s\", must be host:port, such as 127.0.0.1:7411."
              .formatted(what.word(), place));
    }
    return new Device(what, m.group(1), Integer.parseInt(m.group(2)));
  }

  private static Instrument instrument(String what) {
    for (Instrument i : Instrument.values()) {
      if (i.word().equals(what)) {
        return i;
      }
    }
    throw new OutOfRangeException(
        "device", "\"" + what + "\"", "caliper or scale", "Read one of these.");
  }
}
