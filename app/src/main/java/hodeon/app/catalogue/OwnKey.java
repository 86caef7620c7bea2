package hodeon.app.catalogue;

import java.io.Serializable;
import java.util.UUID;

/** Names what a household changed in the reference data: its own supply or its own rate of a problem, by id. */
record OwnKey(UUID householdId, String id) implements Serializable {}
