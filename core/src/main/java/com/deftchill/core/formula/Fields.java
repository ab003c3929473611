package com.deftchill.core.formula;

import java.util.Arrays;

/** Fields of the document's records by name. */
final class Fields {
    private Fields() {}

    /** The same record with another value of one field. */
    @SuppressWarnings("unchecked")
    static <T extends Record> T with(T record, String field, Object value) {
        var components = record.getClass().getRecordComponents();
        var types = new Class<?>[components.length];
        var values = new Object[components.length];
        boolean found = false;
        try {
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                boolean here = components[i].getName().equals(field);
                found |= here;
                values[i] = here ? value : components[i].getAccessor().invoke(record);
            }
            if (!found) {
                throw unknown(record, field);
            }
            return (T) record.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a record of the document cannot be made: " + record.getClass(), e);
        }
    }

    /** The value of a field. */
    static Object of(Record record, String field) {
        var component = Arrays.stream(record.getClass().getRecordComponents())
                .filter(c -> c.getName().equals(field))
                .findFirst()
                .orElseThrow(() -> unknown(record, field));
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a record of the document cannot be read: " + record.getClass(), e);
        }
    }

    private static IllegalArgumentException unknown(Record record, String field) {
        return new IllegalArgumentException("the formula document has no field " + field + " there");
    }
}
