package hodeon.core.catalogue;

/** The outline a supply is drawn with. */
public enum Form {
    FLAT,
    ROLL,
    BOTTLE,
    TABLET,
    TOOL,
    LONG,
    POUCH,
    TUBE
}
