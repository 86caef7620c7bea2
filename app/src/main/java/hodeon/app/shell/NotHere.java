package hodeon.app.shell;

/** Nothing of this address belongs to the household; the same whether it does not exist or is somebody else's. */
public class NotHere extends RuntimeException {

    private static final long serialVersionUID = 1;

    public NotHere(String what) {
        super(what);
    }
}
