package hodeon.app.kit;

import hodeon.app.usage.Known;
import hodeon.core.trip.Trip;

/** A trip together with what its household knows: everything an answer depends on besides what the user holds. */
record TripCase(Known known, Trip trip) {}
