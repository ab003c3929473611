package com.deftchill.server.learn;

import com.deftchill.core.learn.Learnt;
import com.deftchill.core.learn.Unknown;
import com.deftchill.core.learn.Unknown.Scope;

/**
 * A number that was accepted.
 *
 * @param scope whose it is
 * @param of of whom or what
 * @param what parameter or figure of the larder
 * @param value accepted
 * @param low lower end of its 80 % interval
 * @param high upper end
 * @param handbook what it was by the handbook
 * @param readings that it stands on
 */
public record StoredFigure(
        Scope scope, String of, String what, double value, double low, double high, double handbook, int readings) {
    static StoredFigure of(Learnt.Figure figure) {
        var unknown = figure.unknown();
        return new StoredFigure(
                unknown.scope(),
                unknown.of(),
                unknown.what(),
                figure.value(),
                figure.low(),
                figure.high(),
                figure.prior().centre(),
                figure.readings());
    }

    Unknown unknown() {
        return new Unknown(scope, of, what);
    }
}
