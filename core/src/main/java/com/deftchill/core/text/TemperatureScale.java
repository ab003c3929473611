package com.deftchill.core.text;

/** The scale that a kitchen reads its thermometers by; the core computes in °C. */
public enum TemperatureScale {
    CELSIUS("°C", 1, 0),
    FAHRENHEIT("°F", 1.8, 32);

    private final String unit;
    private final double perKelvin;
    private final double atZero;

    TemperatureScale(String unit, double perKelvin, double atZero) {
        this.unit = unit;
        this.perKelvin = perKelvin;
        this.atZero = atZero;
    }

    /** As written beside a number. */
    public String unit() {
        return unit;
    }

    /** A temperature of so many °C on this scale. */
    public double of(double celsius) {
        return celsius * perKelvin + atZero;
    }

    /** A difference of so many K on this scale. */
    public double ofDifference(double kelvin) {
        return kelvin * perKelvin;
    }

    /** °C of a temperature on this scale. */
    public double toCelsius(double degrees) {
        return (degrees - atZero) / perKelvin;
    }
}
