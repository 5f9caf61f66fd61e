package wildchalk.desktop.serve;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.ZoneId;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import wildchalk.core.handout.Letter;

/** Serves letters to phones, on this computer or in its network, until it is closed. */
public final class HandOutServer implements AutoCloseable {

    static {
        // read once, before the first server is made
        System.setProperty("sun.net.httpserver.nodelay", "true");
        System.setProperty("sun.net.httpserver.maxReqTime", "15");
        System.setProperty("sun.net.httpserver.maxRspTime", "120");
        System.setProperty("sun.net.httpserver.idleInterval", "20");
        System.setProperty("sun.net.httpserver.maxIdleConnections", "100");
        System.setProperty("sun.net.httpserver.maxReqHeaders", "60");
        System.setProperty("jdk.httpserver.maxConnections", "400");
    }

    /** Phones that are answered at once; more are turned away, and ask again. */
    private static final int MOST_AT_ONCE = 200;

    private static final int WAITING = 100;

    private final HttpServer server;
    private final ExecutorService threads;
    private final InetAddress where;

    private HandOutServer(HttpServer server, ExecutorService threads, InetAddress where) {
        this.server = server;
        this.threads = threads;
        this.where = where;
    }

    /**
     * Begins.
     *
     * @param port 0 for any that is free
     * @throws IOException when nothing can be served there
     */
    public static HandOutServer start(InetAddress where, int port, LetterDesk desk) throws IOException {
        return start(where, port, desk, System::nanoTime);
    }

    /** @param nanos by which it counts how often somebody asks */
    static HandOutServer start(InetAddress where, int port, LetterDesk desk, LongSupplier nanos) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(where, port), WAITING);
        ThreadPoolExecutor threads = new ThreadPoolExecutor(
                0, MOST_AT_ONCE, 30, TimeUnit.SECONDS, new SynchronousQueue<>(), HandOutServer::thread);
        server.setExecutor(threads);
        server.createContext(
                "/",
                new Answering(
                        desk, Addresses.names(where, server.getAddress().getPort()), ZoneId.systemDefault(), nanos));
        server.start();
        return new HandOutServer(server, threads, where);
    }

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "wildchalk-serve");
        thread.setDaemon(true);
        return thread;
    }

    public int port() {
        return server.getAddress().getPort();
    }

    /** Whether nobody but this computer reaches it. */
    public boolean isHereAlone() {
        return where.isLoopbackAddress();
    }

    /** What is scanned or sent. */
    public String link(Letter letter) {
        return "http://" + where.getHostAddress() + ":" + port() + Answering.path(letter.code());
    }

    @Override
    public void close() {
        server.stop(0);
        threads.shutdownNow();
    }
}
