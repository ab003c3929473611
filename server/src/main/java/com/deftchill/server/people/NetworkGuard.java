package com.deftchill.server.people;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Serves to a network only what may be: over HTTPS, and where somebody has a password. It is looked at before the port is opened.
 */
@Component
class NetworkGuard implements SmartInitializingSingleton {
    private final String address;
    private final boolean https;
    private final PeopleSettings settings;
    private final AccountRepository accounts;

    NetworkGuard(
            @Value("${server.address:}") String address,
            @Value("${server.ssl.bundle:${server.ssl.certificate:${server.ssl.key-store:}}}") String certificate,
            PeopleSettings settings,
            AccountRepository accounts) {
        this.address = address;
        this.https = !certificate.isBlank();
        this.settings = settings;
        this.accounts = accounts;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (isThisMachine(address)) {
            return;
        }
        var where = address.isBlank() ? "every address of this machine" : address;
        if (!https && !settings.httpsBefore()) {
            throw new IllegalStateException(
                    "DEFTCHILL_ADDRESS is " + where
                            + ": to a network Deft Chill is served over HTTPS only. Give a certificate (server.ssl.certificate),"
                            + " or say that a balancer ends HTTPS (DEFTCHILL_PEOPLE_HTTPSBEFORE=true), or leave it at 127.0.0.1");
        }
        if (!accounts.existsByPasswordHashIsNotNull()) {
            throw new IllegalStateException("DEFTCHILL_ADDRESS is " + where
                    + ": nobody has a password yet. Start it at 127.0.0.1, come in by the key, and give yourself one"
                    + " under Kitchen, Yourself");
        }
    }

    static boolean isThisMachine(String address) {
        try {
            return !address.isBlank() && InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
