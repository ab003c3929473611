/** Whose kitchen a thread works for, and that everything stored is that kitchen's alone. */
package com.deftchill.server.tenancy;
