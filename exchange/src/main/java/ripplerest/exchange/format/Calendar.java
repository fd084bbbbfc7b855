package ripplerest.exchange.format;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateOrDateTimeProperty;
import biweekly.property.DateStart;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;

/**
 * Days and evenings for a calendar (iCalendar, RFC 5545), in the local time of whoever reads it.
 */
public final class Calendar {
  public static final String TYPE = "text/calendar";

  private Calendar() {}

  /**
   * One entry.
   *
   * @param uid by which a calendar knows it again
   * @param minutes that it takes
   */
  public record Event(
      String uid, String title, LocalDateTime from, long minutes, String description) {}

  /** All of these as a file. */
  public static String write(List<Event> events) {
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Ripple Rest//EN");
    for (Event e : events) {
      VEvent event = new VEvent();
      event.setUid(e.uid());
      event.setSummary(e.title());
      event.setDateStart(floating(calendar, new DateStart(date(e.from()))));
      event.setDateEnd(floating(calendar, new DateEnd(date(e.from().plusMinutes(e.minutes())))));
      event.setDescription(e.description());
      calendar.addEvent(event);
    }
    return Biweekly.write(calendar).go();
  }

  private static <T extends DateOrDateTimeProperty> T floating(ICalendar calendar, T property) {
    calendar.getTimezoneInfo().setFloating(property, true);
    return property;
  }

  private static Date date(LocalDateTime local) {
    return Date.from(local.atZone(ZoneId.systemDefault()).toInstant());
  }
}
