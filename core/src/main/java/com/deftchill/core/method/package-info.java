/** The method, step by step, with what each step waits for. */
package com.deftchill.core.method;
