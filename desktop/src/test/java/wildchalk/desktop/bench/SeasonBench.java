package wildchalk.desktop.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.LockSupport;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.MachineClocks;
import wildchalk.core.binder.Seasons;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.binder.SquadFile;
import wildchalk.core.session.Session;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.whistle.RunClock;

/** Bars of sessions that were run. */
final class SeasonBench {

    private static final int TRIES = 3;

    private SeasonBench() {}

    /** A binder with 200 sessions that were run, over four years; nothing of it known before. */
    static double seconds(Path session) throws IOException {
        Path folder = Files.createTempDirectory("wildchalk-season");
        Path demo = session.getParent().getParent().getParent();
        for (String copied : List.of("drills", "squads")) {
            Files.createDirectories(folder.resolve(copied));
            try (var files = Files.list(demo.resolve(copied))) {
                for (Path f : files.toList()) {
                    Files.copy(f, folder.resolve(copied).resolve(f.getFileName()));
                }
            }
        }
        Path squadFile = folder.resolve("squads/tern-point-u16" + SquadFile.SUFFIX);
        Squad squad = SquadFile.read(squadFile).value();
        List<Player> players = new ArrayList<>(squad.players());
        for (int i = players.size(); i < 40; i++) {
            players.add(Player.named(new PlayerId("x" + i), "Extra " + i));
        }
        SquadFile.ofNew(squad.withPlayers(players)).save(squadFile);
        List<Path> run = new Binder(demo)
                .sessions().stream()
                        .filter(f -> Files.exists(LogFile.beside(f)))
                        .toList();
        for (int i = 0; i < 200; i++) {
            Path from = run.get(i % run.size());
            Session s = SessionFile.read(from).value();
            Session moved = s.withStart(s.date().minusDays(7L * i), s.start());
            Path to = new Binder(folder).newSession(moved.date(), moved.title() + " " + i);
            Files.createDirectories(to.getParent());
            SessionFile.ofNew(moved).save(to);
            Files.copy(LogFile.beside(from), LogFile.beside(to));
        }
        double worst = 0;
        for (int i = 0; i < TRIES; i++) {
            long begin = System.nanoTime();
            BinderLibrary library = new BinderLibrary(new Binder(folder));
            Simulations simulations = new Simulations();
            Seasons seasons = Seasons.of(new Binder(folder), library, simulations);
            seasons.lately(6, library, simulations);
            worst = Math.max(worst, (System.nanoTime() - begin) / 1e9);
        }
        return worst;
    }

    /** How far the clock is off after ten minutes if it goes on as in one, against the processor's own; the slope of many readings. */
    static double driftSeconds() {
        RunClock clock = RunClock.started(new MachineClocks());
        long begin = System.nanoTime();
        double sumX = 0;
        double sumY = 0;
        double sumXx = 0;
        double sumXy = 0;
        int n = 0;
        for (double x = 0; x < 60; n++) {
            x = (System.nanoTime() - begin) / 1e9;
            double y = clock.now() - x;
            sumX += x;
            sumY += y;
            sumXx += x * x;
            sumXy += x * y;
            LockSupport.parkNanos(7_000_000);
        }
        return Math.abs((n * sumXy - sumX * sumY) / (n * sumXx - sumX * sumX)) * 600;
    }
}
