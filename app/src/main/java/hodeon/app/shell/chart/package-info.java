/** What every drawing needs: a scale, ticks on it, labels that are not cut off. Start with {@link hodeon.app.shell.chart.Scale}. */
@NullMarked
package hodeon.app.shell.chart;

import org.jspecify.annotations.NullMarked;
