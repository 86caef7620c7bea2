/** Named carriers of an outing and what each carries. Start with {@link hodeon.app.packing.carrier.Carriers}. */
@org.jspecify.annotations.NullMarked
package hodeon.app.packing.carrier;
