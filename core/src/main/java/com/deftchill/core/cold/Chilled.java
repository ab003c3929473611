package com.deftchill.core.cold;

import com.deftchill.core.build.FieldRecorder;
import com.deftchill.core.dessert.Dessert;

/** A dessert followed through its chill with its field kept, and what that comes to. */
public record Chilled(Dessert dessert, ColdAnswer answer) {
    /** Temperature and firmness of every cell over time. */
    public FieldRecorder film() {
        return dessert.build().recorder().orElseThrow();
    }
}
