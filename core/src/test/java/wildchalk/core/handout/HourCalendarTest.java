package wildchalk.core.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.TzOffsetTo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.session.Session;

/** Opened by a library, an entry begins when the session does, wherever that is and at any time of the year. */
class HourCalendarTest {

    private static final Instant MADE = Instant.parse("2026-11-28T12:00:00Z");

    static Stream<Arguments> placesAndDays() {
        return Stream.of(
                        "Europe/Oslo",
                        "America/New_York",
                        "Australia/Lord_Howe",
                        "Asia/Kathmandu",
                        "UTC",
                        "Pacific/Chatham")
                .flatMap(z -> Stream.of("2026-12-03", "2026-07-02", "2027-03-28", "2026-10-25")
                        .map(d -> Arguments.of(z, d)));
    }

    @ParameterizedTest
    @MethodSource("placesAndDays")
    void anEntryBeginsWhenTheSessionDoes(String zone, String day) throws Exception {
        Session session = Hours.demo().session().withStart(LocalDate.parse(day), LocalTime.of(18, 0));
        Calendar calendar = read(HourCalendar.of(session, "p1", "Bring shoes", ZoneId.of(zone), MADE));
        VEvent event = (VEvent) calendar.getComponents(Component.VEVENT).get(0);
        ZonedDateTime start = ZonedDateTime.of(LocalDate.parse(day), LocalTime.of(18, 0), ZoneId.of(zone));
        String written = event.getRequiredProperty(Property.DTSTART).getValue();
        assertTrue(written.startsWith(day.replace("-", "") + "T180000"), written);
        assertEquals(
                Duration.ofMinutes(75),
                Duration.parse(event.getRequiredProperty(Property.DURATION).getValue()));
        List<VTimeZone> zones = calendar.getComponents(Component.VTIMEZONE);
        if (zone.equals("UTC")) {
            assertTrue(zones.isEmpty());
        } else {
            assertEquals(zone, zones.get(0).getTimeZoneId().getValue());
            assertTrue(
                    event.getRequiredProperty(Property.DTSTART).toString().contains("TZID=" + zone),
                    "by the clock of the place");
            var rule = zones.get(0).getObservances().stream()
                    .max(Comparator.comparing(
                            o -> o.getRequiredProperty(Property.DTSTART).getValue()))
                    .orElseThrow();
            ZoneOffset offset = ((TzOffsetTo) rule.getRequiredProperty(Property.TZOFFSETTO)).getOffset();
            assertEquals(start.getOffset(), offset);
            assertTrue(
                    rule.getRequiredProperty(Property.DTSTART).getValue().compareTo(written) < 0, "it holds by then");
            assertEquals(
                    start.toInstant(),
                    OffsetDateTime.of(start.toLocalDateTime(), offset).toInstant());
        }
        List<Duration> alarms = event.getAlarms().stream()
                .map(a -> Duration.parse(
                        ((VAlarm) a).getRequiredProperty(Property.TRIGGER).getValue()))
                .toList();
        assertEquals(List.of(Duration.ofHours(-24), Duration.ofHours(-1)), alarms);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "END:VEVENT\r\nEND:VCALENDAR\r\nBEGIN:VCALENDAR",
                "a;b,c\\d \"e\" : f",
                "line\nline\n\nline",
                "\u202Eright to left\u202C",
                "=1+1 <img src=x onerror=alert(1)>"
            })
    void whatIsTypedIsTextInIt(String text) throws Exception {
        Session session = Hours.demo().session().withTitle(text.replaceAll("[\\r\\n]+", " "));
        String told = HourCalendar.of(session, "", text, ZoneId.of("Europe/Oslo"), MADE);
        Calendar calendar = read(told);
        assertEquals(1, calendar.getComponents(Component.VEVENT).size());
        VEvent event = (VEvent) calendar.getComponents(Component.VEVENT).get(0);
        assertEquals(
                session.title(), event.getRequiredProperty(Property.SUMMARY).getValue());
        assertEquals(
                text.replace("\r\n", "\n"),
                ((Description) event.getRequiredProperty(Property.DESCRIPTION))
                        .getValue()
                        .replace("\r\n", "\n"));
        assertEquals(told, HourCalendar.of(session, "", text, ZoneId.of("Europe/Oslo"), MADE), "the same file again");
        told.lines().forEach(l -> assertTrue(l.getBytes(java.nio.charset.StandardCharsets.UTF_8).length <= 150, l));
    }

    private static Calendar read(String text) throws Exception {
        return new CalendarBuilder().build(new StringReader(text));
    }
}
