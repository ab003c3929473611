/** Constants of the models: one record for each model, read from one commented table, carried by the workplace. */
package com.deftchill.core.parameters;
