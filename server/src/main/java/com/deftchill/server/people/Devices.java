package com.deftchill.server.people;

import java.util.LinkedHashMap;
import java.util.Map;

/** A browser's long name in two words, for the list of one's sessions. */
final class Devices {
    private static final int LONGEST = 60;
    /** In this order: each names those before it too. */
    private static final Map<String, String> BROWSERS =
            ordered("Edg/", "Edge", "OPR/", "Opera", "Firefox/", "Firefox", "Chrome/", "Chrome", "Safari/", "Safari");

    private static final Map<String, String> SYSTEMS = ordered(
            "iPhone", "iPhone", "iPad", "iPad", "Android", "Android", "Windows", "Windows", "Mac OS", "Mac", "Linux",
            "Linux");

    private Devices() {}

    private static Map<String, String> ordered(String... pairs) {
        var map = new LinkedHashMap<String, String>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put(pairs[i], pairs[i + 1]);
        }
        return map;
    }

    static String of(String agent) {
        if (agent == null || agent.isBlank()) {
            return "";
        }
        var browser = first(BROWSERS, agent);
        var system = first(SYSTEMS, agent);
        return browser.isEmpty()
                ? agent.substring(0, Math.min(LONGEST, agent.length()))
                : system.isEmpty() ? browser : browser + " on " + system;
    }

    private static String first(Map<String, String> names, String agent) {
        return names.entrySet().stream()
                .filter(name -> agent.contains(name.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }
}
