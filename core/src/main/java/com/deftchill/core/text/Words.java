package com.deftchill.core.text;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Figures as the cook reads them: rounded, with their unit. */
public final class Words {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int MINUTES_A_DAY = 24 * 60;
    private static final int ROUND_TO_MINUTES = 5;

    private Words() {}

    public static String grams(double g) {
        return Notation.write(g, g < 100 ? 1 : 0) + " g";
    }

    public static String mm(double mm) {
        return Notation.write(mm, 0) + " mm";
    }

    /** With a small first letter. */
    public static String lower(String text) {
        return text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }

    public static String ml(double ml) {
        return Notation.write(ml, 0) + " ml";
    }

    /** A temperature on a kitchen's scale. */
    public static String temperature(double celsius, TemperatureScale scale) {
        return Notation.write(scale.of(celsius), scale == TemperatureScale.CELSIUS ? 1 : 0) + " " + scale.unit();
    }

    /** From one temperature to another on a kitchen's scale, such as 82 to 95 °C. */
    public static String temperatures(double lowC, double highC, TemperatureScale scale) {
        int decimals = scale == TemperatureScale.CELSIUS ? 1 : 0;
        return Notation.write(scale.of(lowC), decimals) + " to " + Notation.write(scale.of(highC), decimals) + " "
                + scale.unit();
    }

    /** A difference of temperature on a kitchen's scale. */
    public static String difference(double kelvin, TemperatureScale scale) {
        return Notation.write(scale.ofDifference(kelvin), 0) + " " + scale.unit();
    }

    public static String percent(double share) {
        return Notation.write(100 * share, 1) + " %";
    }

    public static String pascal(double pa) {
        return Notation.write(pa, pa < 100 ? 1 : 0) + " Pa";
    }

    /** Hours and minutes, rounded up to five minutes; from two days on days and hours, rounded up to the hour. */
    public static String duration(double seconds) {
        long minutes = roundedMinutes(seconds);
        if (minutes < 60) {
            return minutes + " min";
        }
        if (minutes >= 2 * MINUTES_A_DAY) {
            long hours = (minutes + 59) / 60;
            return hours / 24 + " days" + (hours % 24 == 0 ? "" : " " + hours % 24 + " h");
        }
        return minutes % 60 == 0 ? minutes / 60 + " h" : minutes / 60 + " h " + minutes % 60 + " min";
    }

    /** Clock time some seconds after another, rounded up to five minutes, with the day when it is not the same. */
    public static String clock(LocalTime from, double seconds) {
        long minutes = from.getHour() * 60L + from.getMinute() + roundedMinutes(seconds);
        var time = CLOCK.format(LocalTime.MIDNIGHT.plusMinutes(minutes));
        return switch ((int) (minutes / MINUTES_A_DAY)) {
            case 0 -> time;
            case 1 -> time + " the next day";
            case 2 -> time + " two days on";
            default -> time + " " + minutes / MINUTES_A_DAY + " days on";
        };
    }

    /** Dip seconds: whole below 10, to the nearest 5 above 30. */
    public static String seconds(double seconds) {
        return Notation.write(rounded(seconds), 0);
    }

    /** Seconds as {@link #seconds} tells them. */
    public static double rounded(double seconds) {
        return seconds < 30 ? Math.max(1, Math.rint(seconds)) : 5 * Math.rint(seconds / 5);
    }

    private static long roundedMinutes(double seconds) {
        return (long) Math.ceil(seconds / 60 / ROUND_TO_MINUTES - 1e-9) * ROUND_TO_MINUTES;
    }

    /** With a capital first letter. */
    public static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
