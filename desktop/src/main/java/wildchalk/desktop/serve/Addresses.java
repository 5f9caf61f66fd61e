package wildchalk.desktop.serve;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;
import java.util.Optional;

/** Where phones may find this computer. */
public final class Addresses {

    private Addresses() {}

    /** Here alone: nobody else reaches it. */
    public static InetAddress here() {
        return InetAddress.getLoopbackAddress();
    }

    /** In the network that this computer is in; empty where it is in none that others share with it. */
    public static Optional<InetAddress> shared() {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(Addresses::isUp)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(a -> a instanceof Inet4Address && a.isSiteLocalAddress())
                    .findFirst();
        } catch (SocketException none) {
            return Optional.empty();
        }
    }

    private static boolean isUp(NetworkInterface one) {
        try {
            return one.isUp() && !one.isLoopback() && !one.isPointToPoint();
        } catch (SocketException none) {
            return false;
        }
    }

    /** All names under which a browser asks for it, with its port. */
    static List<String> names(InetAddress where, int port) {
        String own = where.getHostAddress() + ":" + port;
        return where.isLoopbackAddress() ? List.of(own, "localhost:" + port) : List.of(own);
    }
}
