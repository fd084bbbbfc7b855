package ripplerest.app.web;

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
  private final String caliper;
  private final String scale;

  DeviceController(
      @Value("${ripplerest.devices.caliper}") String caliper,
      @Value("${ripplerest.devices.scale}") String scale) {
    this.caliper = caliper;
    this.scale = scale;
  }

  /** What a device reads now, in its unit. */
  record Reading(double value, String unit, double resolution) {}

  /** Reads one of them; 502 says why there is no reading, and nothing is written down. */
  @PostMapping("/api/devices/{what}/reading")
  Reading read(@PathVariable String what) throws DeviceException {
    Instrument instrument = instrument(what);
    String[] at = (instrument == Instrument.CALIPER ? caliper : scale).split(":");
    Device device = new Device(instrument, at[0], Integer.parseInt(at[1]));
    return new Reading(device.read(), instrument.unit(), instrument.resolution());
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
