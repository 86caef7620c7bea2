/** Papers that lie in a kit or beside it. Start with {@link hodeon.app.paper.pouch.PouchController}. */
@org.jspecify.annotations.NullMarked
package hodeon.app.paper.pouch;
