/** The web application around the core: one package a subject, each with its pages, rows and service. */
@NullMarked
package hodeon.app;

import org.jspecify.annotations.NullMarked;
