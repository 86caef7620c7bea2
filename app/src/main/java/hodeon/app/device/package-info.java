/** What a device keeps of the house: that it can be installed, which pages wait for when the server is out of reach. */
@NullMarked
package hodeon.app.device;

import org.jspecify.annotations.NullMarked;
