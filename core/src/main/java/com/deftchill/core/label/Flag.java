package com.deftchill.core.label;

import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Verdict.Tone;

/**
 * What must be known of a dessert before it is served.
 *
 * @param code allergens, may-contain, vegetarian, alcohol, egg, keeps
 * @param label in one or two words
 * @param words what the formula contains; never a claim that something is absent from the kitchen
 * @param tone how it bears on who may eat it
 * @param evidence where it comes from
 */
public record Flag(String code, Message label, Message words, Tone tone, Evidence evidence) {
    /** A flag whose label goes by its code. */
    static Flag of(String code, Message words, Tone tone, Evidence evidence) {
        return new Flag(code, Message.of("flags." + code + ".label"), words, tone, evidence);
    }
}
