/** What the tool says: problems with what was typed, verdicts with evidence that opens, one-touch fixes. */
package com.deftchill.core.verdict;
