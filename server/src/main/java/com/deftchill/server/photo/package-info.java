/** Photos of batches: read without trust, turned upright, made small, and kept in the database without where they were taken. */
package com.deftchill.server.photo;
