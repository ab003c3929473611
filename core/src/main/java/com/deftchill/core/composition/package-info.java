/** Mass shares of what food is made of, and the thermal properties that follow (Choi and Okos). */
package com.deftchill.core.composition;
