package wildchalk.desktop.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URL;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import wildchalk.core.Demo;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.handout.Letters;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Sessions;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.serve.Addresses;
import wildchalk.desktop.serve.HandOutServer;
import wildchalk.desktop.serve.LetterDesk;
import wildchalk.picture.export.Exports;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.handout.HourTold;
import wildchalk.picture.style.Ground;

/** Bars of what is handed out: an hour of eight drills on paper and on the phone, and a film. */
final class HandOutBench {

    private static final List<String> EIGHT = List.of(
            "crossing-backs",
            "lantern-ladder",
            "second-wave-from-the-left",
            "slipway-two-v-one",
            "lobster-pot-corner",
            "rock-pool-rondo",
            "gull-wing-draw-and-pass",
            "two-coves");
    private static final int RUNS = 3;
    private static final int PHONES = 40;

    private HandOutBench() {}

    /** In a binder of its own an hour with eight drills, a block each. */
    static Path session() throws IOException {
        Path folder = Files.createTempDirectory("wildchalk-bench");
        Binder binder = new Binder(folder);
        Files.createDirectories(binder.drillsFolder());
        Files.createDirectories(binder.squadsFolder());
        for (Path drill : Demo.files()) {
            Files.copy(drill, binder.drillsFolder().resolve(drill.getFileName()));
        }
        Path demo = Demo.folder().resolve("..").normalize();
        Files.copy(
                demo.resolve("squads/tern-point-u16.squad.json"),
                binder.squadsFolder().resolve("tern-point-u16.squad.json"));
        Session hour = SessionFile.read(demo.resolve("sessions/2026-12-03-before-the-weekend/session.json"))
                .value()
                .withBlocks(List.of())
                .withMinutes(100);
        Optional<BlockId> last = Optional.empty();
        for (String id : EIGHT) {
            hour = Sessions.drill(hour, last, Demo.read(id).id(), Demo.read(id).title(), 10);
            List<SessionBlock> blocks = hour.blocks();
            last = Optional.of(blocks.get(blocks.size() - 1).id());
        }
        Path file = binder.newSession(hour.date(), hour.title());
        Files.createDirectories(file.getParent());
        SessionFile.ofNew(hour).save(file);
        return file;
    }

    /** Seconds that the command takes from nothing to the sheet, the middle of some; what it loads is kept ready as the script does. */
    static double coldSheet(Path session) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-bench");
        Path archive = folder.resolve("commands.jsa");
        run(session, folder, List.of("-XX:ArchiveClassesAtExit=" + archive, "-Xlog:cds=off", "-Xlog:cds+dynamic=off"));
        double[] seconds = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            seconds[i] = run(session, folder, List.of("-XX:SharedArchiveFile=" + archive));
        }
        java.util.Arrays.sort(seconds);
        return seconds[RUNS / 2];
    }

    private static double run(Path session, Path folder, List<String> more) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Xshare:auto"));
        command.addAll(more);
        command.addAll(List.of(
                "-cp",
                System.getProperty("bench.classpath"),
                "wildchalk.desktop.app.Launcher",
                "export",
                session.toString(),
                "--to",
                "pdf",
                "--out",
                folder.resolve("sheet.pdf").toString()));
        long begun = System.nanoTime();
        int code = new ProcessBuilder(command)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start()
                .waitFor();
        if (code != 0) {
            throw new IOException("The sheet was not made.");
        }
        return (System.nanoTime() - begun) / 1e9;
    }

    /** Thousands of bytes of its page for a phone. */
    static double phoneKilobytes(Path file) throws IOException {
        BinderLibrary library = BinderLibrary.of(file);
        Session session = SessionFile.read(file).value();
        Optional<Squad> squad = library.squad(session);
        HourTold told = HourTold.of(SessionPlan.of(session, library, squad), squad, Reader.USUAL, Progress.NONE);
        return Handouts.PHONE.make(told, HandoutOptions.USUAL, Progress.NONE).length / 1000.0;
    }

    /** Milliseconds until the last of 40 phones that ask at once has its letter and its page, the middle of some. */
    static double fortyPhones(Path file) throws Exception {
        BinderLibrary library = BinderLibrary.of(file);
        Session session = SessionFile.read(file).value();
        Optional<Squad> squad = library.squad(session);
        HourTold told = HourTold.of(SessionPlan.of(session, library, squad), squad, Reader.USUAL, Progress.NONE);
        Map<Optional<PlayerId>, Envelope> all = Envelope.of(told, HandoutOptions.USUAL, Progress.NONE);
        Letters letters = Letters.to(told.hour().plan().present(), Instant.now().plusSeconds(3600), true);
        LetterDesk desk = new LetterDesk(letters, all, Clock.systemUTC(), reply -> {});
        ExecutorService threads = Executors.newFixedThreadPool(PHONES);
        double[] millis = new double[RUNS + 2];
        try (HandOutServer server = HandOutServer.start(Addresses.here(), 0, desk)) {
            for (int run = 0; run < millis.length; run++) {
                List<Callable<Double>> phones = new ArrayList<>();
                for (int i = 0; i < PHONES; i++) {
                    String link =
                            server.link(letters.all().get(i % letters.all().size()));
                    phones.add(() -> asked(link));
                }
                for (Future<Double> phone : threads.invokeAll(phones)) {
                    millis[run] = Math.max(millis[run], phone.get());
                }
                Thread.sleep(500); // nobody asks so often that he would be turned away
            }
        } finally {
            threads.shutdown();
        }
        java.util.Arrays.sort(millis);
        return millis[millis.length / 2];
    }

    private static double asked(String link) throws IOException {
        long begun = System.nanoTime();
        for (String part : List.of("", "/page")) {
            try (InputStream in = new URL(link + part).openStream()) {
                in.transferTo(OutputStream.nullOutputStream());
            }
        }
        return (System.nanoTime() - begun) / 1e6;
    }

    /** Seconds that a second of film takes, 1280 x 720 at 30 frames. */
    static double filmSecond() throws IOException {
        Told told = Told.of(Demo.read(EIGHT.get(2)), Demo.read(EIGHT.get(2)).base());
        double lasts = 1.6 + told.timeline().seconds() + 1.2;
        Exports.MP4.make(told, Exports.MP4.usual(Ground.PAPER, 0).withStep(0), Progress.NONE);
        long begun = System.nanoTime();
        Exports.MP4.make(told, Exports.MP4.usual(Ground.PAPER, 0), Progress.NONE);
        return (System.nanoTime() - begun) / 1e9 / lasts;
    }
}
