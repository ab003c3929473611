/** Dose ladders: laid out blind, tasted, shown, read. */
package com.deftchill.server.ladder;
