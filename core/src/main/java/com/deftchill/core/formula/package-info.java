/**
 * The dessert as written: exactly the text that the cook typed, so that nothing typed is ever lost. This record is the
 * one formula document: stored, sent and exported alike.
 */
package com.deftchill.core.formula;
