/** When what is waited for comes, and how sure that is. */
package com.deftchill.core.timing;
