package hodeon.app.mat;

/** The mat was changed after the page was opened; the change asked for was not made. */
public class MatChangedElsewhere extends RuntimeException {

    private static final long serialVersionUID = 1;
}
