/**
 * People and their kitchens: who signs in ({@link com.deftchill.server.people.SignInService}), what each role may do
 * ({@link com.deftchill.server.people.Access}), who was let in and by whom, and who changed what when. What belongs to which kitchen
 * is seen to in {@code tenancy}.
 */
package com.deftchill.server.people;
