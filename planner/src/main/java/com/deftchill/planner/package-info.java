/** The day plan's solver: constraint programming over whole minutes, behind the interface of {@code core.plan}. */
package com.deftchill.planner;
