/** The dessert as understood: amounts in grams, names looked up; or the whole list of what is wrong with the writing. */
package com.deftchill.core.batch;
