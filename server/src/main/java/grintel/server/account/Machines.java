package grintel.server.account;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;

/** What tells machines apart. */
final class Machines {
    /** Bytes of an IPv6 address that are given to one household or school (RFC 6177); the rest each machine chooses. */
    private static final int NETWORK_BYTES = 8;

    private Machines() {}

    /** The network a machine is counted with: itself, or with IPv6 the first 64 bits. */
    static String network(String address) {
        try {
            // An address in digits is not looked up.
            InetAddress parsed = InetAddress.getByName(address);
            return parsed instanceof Inet6Address
                    ? HexFormat.of().formatHex(Arrays.copyOf(parsed.getAddress(), NETWORK_BYTES))
                    : parsed.getHostAddress();
        } catch (UnknownHostException e) {
            return address;
        }
    }
}
