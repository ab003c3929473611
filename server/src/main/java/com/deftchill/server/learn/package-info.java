/** What the log tells of this kitchen's own numbers: proposed, accepted by the cook, gone back from. Nothing changes by itself. */
package com.deftchill.server.learn;
