package hodeon.core.catalogue.file;

/** Something wrong in a reference file, at a line counted from 1. */
public record CatalogueFault(String file, int line, String message) {

    @Override
    public String toString() {
        return file + ":" + line + ": " + message;
    }
}
