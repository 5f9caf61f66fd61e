package wildchalk.desktop.serve;

import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.UnaryOperator;
import wildchalk.core.handout.Letter;
import wildchalk.core.handout.Letters;
import wildchalk.core.log.Reply;
import wildchalk.core.squad.PlayerId;
import wildchalk.picture.handout.Envelope;

/** The letters that lie ready, with what is in them; several ask at once. */
public final class LetterDesk {

    /** Keeps an answer where the coach finds it. */
    public interface Keeping {
        /** @throws IOException when it could not be kept; whoever answers is told then */
        void keep(Reply reply) throws IOException;
    }

    private final AtomicReference<Letters> letters;
    private volatile Map<Optional<PlayerId>, Envelope> envelopes;
    private final Clock clock;
    private final Keeping keeping;
    private volatile Runnable changed = () -> {};

    public LetterDesk(Letters letters, Map<Optional<PlayerId>, Envelope> envelopes, Clock clock, Keeping keeping) {
        this.letters = new AtomicReference<>(letters);
        this.envelopes = Map.copyOf(envelopes);
        this.clock = clock;
        this.keeping = keeping;
    }

    /** Runs when a letter was opened or answered, on any thread. */
    public void onChanged(Runnable listener) {
        changed = listener;
    }

    public Letters letters() {
        return letters.get();
    }

    /** What lies in one. */
    public Optional<Envelope> envelope(Optional<PlayerId> player) {
        return Optional.ofNullable(envelopes.get(player));
    }

    /** The same links lead to what is there now. */
    public void fill(Map<Optional<PlayerId>, Envelope> with) {
        envelopes = Map.copyOf(with);
    }

    /** Takes links back, or gives others. */
    public void change(UnaryOperator<Letters> how) {
        letters.updateAndGet(how);
        changed.run();
    }

    Clock clock() {
        return clock;
    }

    Optional<Letter> good(String code) {
        return letters().good(code, clock.instant());
    }

    void opened(String code) {
        Letters before = letters();
        if (!before.equals(letters.updateAndGet(l -> l.opened(code, clock.instant())))) {
            changed.run();
        }
    }

    /** @throws IOException when it could not be kept: then nothing was answered */
    void answered(PlayerId player, Reply.Coming coming, List<String> questions) throws IOException {
        Reply reply = new Reply(player, coming, questions, clock.instant());
        keeping.keep(reply);
        letters.updateAndGet(l -> l.with(reply));
        changed.run();
    }
}
