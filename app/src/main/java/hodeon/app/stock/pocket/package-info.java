/** Compartments of kits and modules, and what is laid into which. Start with {@link hodeon.app.stock.pocket.Pockets}. */
@org.jspecify.annotations.NullMarked
package hodeon.app.stock.pocket;
