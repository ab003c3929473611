/** What the kitchen has. Reference data lives in commented CSV files beside {@link com.deftchill.core.larder.LarderFiles}. */
package com.deftchill.core.larder;
