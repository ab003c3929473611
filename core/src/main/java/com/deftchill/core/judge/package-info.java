/** Judgements: each class judges one family of things and proposes what would mend it. */
package com.deftchill.core.judge;
