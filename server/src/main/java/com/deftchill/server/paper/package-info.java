/** What a kitchen hangs up, sticks on and files: method card, label and batch record as PDF, made from templates in {@code papers}. */
package com.deftchill.server.paper;
