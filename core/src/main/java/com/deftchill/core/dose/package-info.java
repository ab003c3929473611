/** Which dose of a gelling agent is wanted, and where a dose lies between runs and rubber. */
package com.deftchill.core.dose;
