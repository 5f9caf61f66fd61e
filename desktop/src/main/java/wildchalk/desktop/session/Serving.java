package wildchalk.desktop.session;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import wildchalk.core.binder.LogFile;
import wildchalk.core.handout.Letter;
import wildchalk.core.handout.Letters;
import wildchalk.core.log.Log;
import wildchalk.core.log.Reply;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.session.Sessions;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.words.PlanWriter;
import wildchalk.core.words.ReplyWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.serve.HandOutServer;
import wildchalk.desktop.serve.LetterDesk;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.HourTold;
import wildchalk.picture.handout.Outbox;

/** The links of one session while they are handed out: what lies behind each, and the server that leads there. FX thread. */
final class Serving implements AutoCloseable {

    /** Two hours behind the end somebody still looks. */
    private static final Duration AFTER = Duration.ofHours(2);

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("EEEE d MMMM, HH:mm", Locale.ENGLISH);

    /** How long links are good. */
    enum Lasting {
        /** Until the session is over, and a day at least. */
        SESSION,
        DAY,
        WEEK;

        Instant until(Session session, Instant now, ZoneId zone) {
            Instant over = session.date()
                    .atTime(session.start())
                    .plusMinutes(session.minutes())
                    .atZone(zone)
                    .toInstant()
                    .plus(AFTER);
            Instant tomorrow = now.plus(Duration.ofDays(1));
            return switch (this) {
                case SESSION -> over.isAfter(tomorrow) ? over : tomorrow;
                case DAY -> tomorrow;
                case WEEK -> now.plus(Duration.ofDays(7));
            };
        }
    }

    private final SessionDesk desk;
    private final SessionDocument open;
    private final Clock clock = Clock.systemUTC();
    private final ZoneId zone = ZoneId.systemDefault();
    private Optional<Map<Optional<PlayerId>, Envelope>> envelopes = Optional.empty();
    private Optional<LetterDesk> letters = Optional.empty();
    private Optional<HandOutServer> server = Optional.empty();
    private Lasting lasting = Lasting.SESSION;
    /** What was answered before these links were made. */
    private List<Reply> earlier = List.of();

    private Runnable changed = () -> {};

    /** @param open a session that has been worked out */
    Serving(SessionDesk desk, SessionDocument open) {
        this.desk = desk;
        this.open = open;
        try {
            earlier = LogFile.of(open.file()).map(Log::replies).orElse(List.of());
        } catch (IOException unreadable) {
            desk.faults().told(Faults.Kind.FOLDER, unreadable);
        }
    }

    void onChanged(Runnable listener) {
        changed = listener;
    }

    private Worked worked() {
        return open.workedProperty().get();
    }

    // ---- what there is ----

    String title() {
        return open.session().title();
    }

    /** The players who are there, and those who help. */
    List<Optional<PlayerId>> people() {
        return Stream.concat(
                        Stream.of(Optional.<PlayerId>empty()),
                        worked().plan().present().stream().map(Optional::of))
                .toList();
    }

    String name(Optional<PlayerId> who) {
        return who.map(p -> new PlanWriter(worked().plan(), worked().squad()).name(p.text()))
                .orElse(Ui.text("links.helpers"));
    }

    Optional<Map<Optional<PlayerId>, Envelope>> envelopes() {
        return envelopes;
    }

    Optional<Letters> letters() {
        return letters.map(LetterDesk::letters);
    }

    boolean isOn() {
        return server.isPresent();
    }

    boolean isHereAlone() {
        return server.filter(HandOutServer::isHereAlone).isPresent();
    }

    String port() {
        return server.map(s -> String.valueOf(s.port())).orElse("");
    }

    String link(Letter letter) {
        return server.map(s -> s.link(letter)).orElse("");
    }

    boolean isGood(Letter letter) {
        return letter.isGood(clock.instant());
    }

    String clock(Instant at) {
        return CLOCK.format(at.atZone(zone));
    }

    String moment(Instant at) {
        return MOMENT.format(at.atZone(zone));
    }

    private List<Reply> replies() {
        return letters().map(Letters::replies).orElse(earlier);
    }

    /** What somebody has answered, all told. */
    Optional<Reply> reply(PlayerId who) {
        return replies().stream().filter(r -> r.player().equals(who)).findFirst();
    }

    /** What somebody answers and asks; nothing where he has not. */
    String asks(Optional<PlayerId> who) {
        return String.join(
                "\n",
                ReplyWriter.lines(
                        who.flatMap(p -> letters().flatMap(l -> l.reply(p))).stream()
                                .toList(),
                        p -> name(Optional.of(p))));
    }

    /** Those who have answered that they cannot come, and are not marked so yet. */
    List<PlayerId> cannot() {
        return replies().stream()
                .filter(r -> r.coming() == Reply.Coming.CANNOT)
                .map(Reply::player)
                .filter(p -> !open.session().absent().contains(p))
                .toList();
    }

    // ---- what is done ----

    /** For a thread that may wait. */
    Map<Optional<PlayerId>, Envelope> make(HandoutOptions how, Progress progress) throws IOException {
        Worked worked = worked();
        HourTold told = HourTold.of(worked.plan(), worked.squad(), desk.reader(), done -> progress.at(done / 2));
        return Envelope.of(told, how, done -> progress.at(0.5 + done / 2));
    }

    /** The links lead to this from now on. */
    void fill(Map<Optional<PlayerId>, Envelope> made) {
        envelopes = Optional.of(made);
        letters.ifPresent(l -> {
            l.fill(made);
            // whoever has come meanwhile gets one, too
            made.keySet().stream().filter(who -> l.letters().of(who).isEmpty()).forEach(this::renew);
        });
        changed.run();
    }

    /** @throws IOException when nothing can be served there */
    void start(InetAddress where, Lasting how, boolean receipts) throws IOException {
        lasting = how;
        Path file = open.file();
        Session session = open.session();
        Letters fresh = Letters.to(worked().plan().present(), until(), receipts, replies());
        LetterDesk ready =
                new LetterDesk(fresh, envelopes.orElseThrow(), clock, reply -> LogFile.add(file, session.id(), reply));
        ready.onChanged(() -> Platform.runLater(changed));
        server = Optional.of(HandOutServer.start(where, 0, ready));
        letters = Optional.of(ready);
        changed.run();
    }

    private Instant until() {
        return lasting.until(open.session(), clock.instant(), zone);
    }

    void stop() {
        server.ifPresent(HandOutServer::close);
        server = Optional.empty();
        changed.run();
    }

    void revoke(Optional<PlayerId> who) {
        letters.ifPresent(l -> l.change(all -> all.revoked(who)));
    }

    void renew(Optional<PlayerId> who) {
        letters.ifPresent(l -> l.change(all -> all.renewed(who, until())));
    }

    /** Whoever has answered that he cannot come is absent. */
    boolean markAbsent() {
        List<PlayerId> who = cannot();
        boolean done = open.edit(Ui.text("session.edit.away"), s -> {
            Session then = s;
            for (PlayerId p : who) {
                then = Sessions.absent(then, p, true);
            }
            return then;
        });
        changed.run();
        return done;
    }

    /** Writes what would be sent into the outbox of the binder; for a thread that may wait. @return the folder */
    Path outbox(HandoutOptions how, Progress progress) throws IOException {
        Worked worked = worked();
        HourTold told = HourTold.of(worked.plan(), worked.squad(), desk.reader(), done -> progress.at(done / 2));
        Optional<HandOutServer> on = server;
        Optional<Letters> links = letters();
        Path folder = desk.binder()
                .folder()
                .resolve(Outbox.FOLDER)
                .resolve(open.file().getParent().getFileName().toString());
        Outbox.write(
                folder,
                told,
                how,
                who -> on.flatMap(
                        s -> links.flatMap(l -> l.of(who)).filter(this::isGood).map(s::link)),
                done -> progress.at(0.5 + done / 2));
        return folder;
    }

    @Override
    public void close() {
        server.ifPresent(HandOutServer::close);
        server = Optional.empty();
    }
}
