package com.deftchill.core.parameters;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * The constants of all models, one record for each model. A workplace carries them; nothing but the server asks for the
 * shipped set.
 */
public record Parameters(
        GelParameters gel,
        FatParameters fat,
        BodyParameters body,
        GanacheParameters ganache,
        FoamParameters foam,
        PanParameters pan,
        LayerParameters layers,
        ColdParameters cold,
        TurnOutParameters turnout,
        WorkParameters work,
        KeepingParameters keeping) {
    /** Raised whenever a model computes something else from the same constants. */
    public static final int MODEL_VERSION = 3;

    /** As shipped with the application. */
    public static Parameters shipped() {
        return of(ParameterFile.shipped());
    }

    /** A set of all constants; every one of them once. */
    public static Parameters of(List<Parameter> all) {
        var byId = new HashMap<String, Parameter>();
        for (var parameter : all) {
            if (byId.put(parameter.id(), parameter) != null) {
                throw new IllegalArgumentException("parameter " + parameter.id() + " is given twice");
            }
        }
        var models = Arrays.stream(Parameters.class.getRecordComponents())
                .map(model -> model(model, byId))
                .toArray();
        if (!byId.isEmpty()) {
            throw new IllegalArgumentException("no model has the parameters " + byId.keySet());
        }
        return (Parameters) made(Parameters.class, models);
    }

    private static Object model(RecordComponent model, Map<String, Parameter> byId) {
        var constants = Arrays.stream(model.getType().getRecordComponents())
                .map(constant -> {
                    var id = model.getName() + "." + constant.getName();
                    var found = byId.remove(id);
                    if (found == null) {
                        throw new IllegalArgumentException("parameter " + id + " is missing");
                    }
                    return found;
                })
                .toArray();
        return made(model.getType(), constants);
    }

    private static Object made(Class<?> type, Object[] components) {
        try {
            var types = Arrays.stream(type.getRecordComponents())
                    .map(RecordComponent::getType)
                    .toArray(Class<?>[]::new);
            Constructor<?> constructor = type.getDeclaredConstructor(types);
            return constructor.newInstance(components);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a record of parameters cannot be made: " + type, e);
        }
    }

    /** All constants, model by model. */
    public List<Parameter> all() {
        var all = new ArrayList<Parameter>();
        for (var model : Parameters.class.getRecordComponents()) {
            var constants = read(model, this);
            for (var constant : model.getType().getRecordComponents()) {
                all.add((Parameter) read(constant, constants));
            }
        }
        return all;
    }

    private static Object read(RecordComponent component, Object record) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a record of parameters cannot be read: " + component, e);
        }
    }

    /** The same with one of them at another value, which must lie within its range. */
    public Parameters with(String id, double value) {
        return of(all().stream()
                .map(parameter -> parameter.id().equals(id) ? parameter.at(value) : parameter)
                .toList());
    }

    /** The same with one of them as a kitchen has measured it, which may lie outside the range of most kitchens. */
    public Parameters measured(String id, double value) {
        return of(all().stream()
                .map(parameter -> parameter.id().equals(id) ? parameter.measured(value) : parameter)
                .toList());
    }

    private static final Pattern SLOWS_FAT = Pattern.compile("fat\\.(cocoa|milk)Time\\d+");
    private static final Pattern FIRMS_FAT = Pattern.compile("fat\\.scale");
    private static final Pattern SLOWS_REST = Pattern.compile("body\\.(curdRecovers|starchGrowsIn)");
    private static final Pattern FIRMS_REST = Pattern.compile(
            "body\\.(cream(Ribbon|Soft|Medium|Stiff)|curdScale|curdFresh|starchScale|eggScale|caramelAt\\d+)");

    /** The same with what fat sets by at one end of its ranges: slow and weak, or fast and strong. */
    public Parameters withFat(boolean weak) {
        return atTheEnds(SLOWS_FAT, FIRMS_FAT, weak);
    }

    /** The same with what curd, starch, egg, whipped cream and caramel bear at one end of their ranges. */
    public Parameters withRest(boolean weak) {
        return atTheEnds(SLOWS_REST, FIRMS_REST, weak);
    }

    private Parameters atTheEnds(Pattern slows, Pattern firms, boolean weak) {
        return of(all().stream()
                .map(parameter -> {
                    if (slows.matcher(parameter.id()).matches()) {
                        return parameter.at(weak ? parameter.high() : parameter.low());
                    }
                    if (firms.matcher(parameter.id()).matches()) {
                        return parameter.at(weak ? parameter.low() : parameter.high());
                    }
                    return parameter;
                })
                .toList());
    }

    /** Short name of these values and of what is computed from them: two that differ in a value have different ones. */
    public String fingerprint() {
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            digest.update(("model " + MODEL_VERSION).getBytes(StandardCharsets.UTF_8));
            for (var parameter : all()) {
                digest.update(parameter.id().getBytes(StandardCharsets.UTF_8));
                digest.update(ByteBuffer.allocate(Double.BYTES)
                        .putDouble(parameter.value())
                        .array());
            }
            return HexFormat.of().formatHex(digest.digest(), 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
