package wildchalk.core.handout;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.zone.ZoneOffsetTransition;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.Daylight;
import net.fortuna.ical4j.model.component.Observance;
import net.fortuna.ical4j.model.component.Standard;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.CalScale;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.TzId;
import net.fortuna.ical4j.model.property.TzName;
import net.fortuna.ical4j.model.property.TzOffsetFrom;
import net.fortuna.ical4j.model.property.TzOffsetTo;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import wildchalk.core.session.Session;

/** A session as an entry of a calendar, with alarms the evening before and when it is time to leave, in the time of its place. */
public final class HourCalendar {

    private static final Duration DAY_BEFORE = Duration.ofHours(-24);
    private static final Duration TIME_TO_LEAVE = Duration.ofHours(-1);

    private HourCalendar() {}

    /**
     * One entry.
     *
     * @param who tells entries of one session apart; empty for that of everybody
     * @param told what stands in it
     * @param zone in which the session takes place
     * @param made when the file was made
     */
    public static String of(Session session, String who, String told, ZoneId zone, Instant made) {
        ZonedDateTime start = LocalDateTime.of(session.date(), session.start()).atZone(zone);
        VEvent event = new VEvent(start, Duration.ofMinutes(session.minutes()), session.title());
        // the time at which an entry was made is given: the same session gives the same file
        event.removeAll(Property.DTSTAMP);
        event.add(new DtStamp(made));
        event.add(new Uid(session.date() + "-" + session.id() + (who.isEmpty() ? "" : "-" + who) + "@wildchalk"));
        event.add(new Location(session.floor().surface().title()));
        event.add(new Description(told));
        event.add(alarm(DAY_BEFORE, session));
        event.add(alarm(TIME_TO_LEAVE, session));
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Wild Chalk//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(new CalScale(CalScale.VALUE_GREGORIAN));
        if (!(zone instanceof ZoneOffset) && !zone.getId().equals("UTC")) {
            calendar.add(zone(zone, start));
        }
        calendar.add(event);
        try {
            StringWriter out = new StringWriter();
            new CalendarOutputter(false).output(calendar, out);
            return out.toString();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static VAlarm alarm(Duration before, Session session) {
        VAlarm alarm = new VAlarm(before);
        alarm.add(new Action(Action.VALUE_DISPLAY));
        alarm.add(new Description(session.title()));
        return alarm;
    }

    /** What the clock of a place says on the day, and what it said until it was put on or back last: one entry needs no more. */
    private static VTimeZone zone(ZoneId zone, ZonedDateTime at) {
        VTimeZone told = new VTimeZone();
        told.add(new TzId(zone.getId()));
        ZoneOffsetTransition since =
                zone.getRules().previousTransition(at.toInstant().plusSeconds(1));
        if (since == null) {
            told.add(observance(FIRST, at.getOffset(), at.getOffset(), false));
        } else {
            ZoneOffset before = since.getOffsetBefore();
            told.add(observance(
                    FIRST, before, before, isSummer(zone, since.getInstant().minusSeconds(1))));
            told.add(observance(
                    since.getDateTimeBefore(), before, since.getOffsetAfter(), isSummer(zone, at.toInstant())));
        }
        return told;
    }

    private static final LocalDateTime FIRST = LocalDateTime.of(1970, 1, 1, 0, 0);

    private static boolean isSummer(ZoneId zone, Instant at) {
        return zone.getRules().isDaylightSavings(at);
    }

    private static Observance observance(LocalDateTime from, ZoneOffset before, ZoneOffset now, boolean summer) {
        Observance told = summer ? new Daylight() : new Standard();
        told.add(new DtStart<>(from));
        told.add(new TzOffsetFrom(before));
        told.add(new TzOffsetTo(now));
        told.add(new TzName(now.getId()));
        return told;
    }

    /** The bytes of such a file. */
    public static byte[] bytes(String calendar) {
        return calendar.getBytes(StandardCharsets.UTF_8);
    }
}
